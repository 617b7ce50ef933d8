package welumen.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import javafx.application.Platform;
import welumen.desktop.WelumenWindow;
import welumen.files.workshop.WorkshopFolder;
import welumen.job.WorkStage;
import welumen.yard.YardChange.JobOpened;
import welumen.yard.YardChange.WorkshopNamed;

/**
 * Twenty cars of 2,000 entries: turning from one to another until its answer is painted, at every stage at which other cars
 * are asked, with each car's log on disk and with all of them read beside: {@code scripts/bench cars [read]}.
 */
final class ManyCars {
    private static final int CARS = 20;
    private static final int ENTRIES = 2000;
    private static final List<WorkStage> STAGES =
            List.of(WorkStage.STRIP, WorkStage.SURVEY, WorkStage.CUT, WorkStage.STORES);

    private ManyCars() {}

    public static void main(String[] args) throws IOException {
        var folder = Files.createTempDirectory("welumen-bench").resolve("cars");
        write(folder);
        System.out.println(
                "%d cars of %d entries, turning to another until its answer is painted".formatted(CARS, ENTRIES));
        var read = args.length > 0 && args[0].equals("read");
        Smoothness.print(
                read ? "all of them read beside" : "none of them read yet",
                Smoothness.inWindow(folder, window -> turn(window, read)));
    }

    private static void write(Path folder) {
        var clock = Clock.systemDefaultZone();
        try (var workshop = WorkshopFolder.open(folder)) {
            var yard = workshop.yard(clock);
            yard.make(new WorkshopNamed("Many"), "bench");
            for (var i = 0; i < CARS; i++) {
                var car = new UUID(7, i);
                yard.make(new JobOpened(car, "Car " + (i + 1), ""), "bench");
                LargeJob.fill(workshop, workshop.job(car, clock), ENTRIES, 0);
            }
        }
    }

    private static double[] turn(WelumenWindow window, boolean afterReading) {
        var model = window.model();
        if (afterReading && model.others().isReading()) {
            model.others().readProperty().subscribe(read -> {
                if (read && Platform.isNestedLoopRunning()) Platform.exitNestedEventLoop(model, "");
            });
            Platform.enterNestedEventLoop(model);
        }
        var times = new ArrayList<Double>();
        var cars = model.yard().state().garage().all();
        for (var i = 1; i < cars.size(); i++) {
            var stage = STAGES.get(i % STAGES.size());
            var start = System.nanoTime();
            model.open(cars.get(i));
            model.stageProperty().set(stage);
            window.scene().getRoot().applyCss();
            window.scene().getRoot().layout();
            window.scene().snapshot(null);
            times.add((System.nanoTime() - start) / 1e6);
        }
        return times.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
