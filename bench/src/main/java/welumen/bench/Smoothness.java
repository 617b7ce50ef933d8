package welumen.bench;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;
import javafx.stage.Stage;
import welumen.desktop.Painted;
import welumen.desktop.WelumenWindow;
import welumen.desktop.model.Devices;
import welumen.desktop.model.OpenedWorkshop;
import welumen.job.StepLogging;
import welumen.standins.camera.CameraStandin;
import welumen.strip.Shorthand;

/** How long the window is at it from a logged step to a laid-out frame, at the Strip stage of a job. */
final class Smoothness {
    private static final int STEPS = 60;
    private static final int WARM = 20;

    private Smoothness() {}

    static void measure(Path folder) {
        var workshop = OpenedWorkshop.open(folder, Clock.systemDefaultZone());
        var times = new CompletableFuture<double[]>();
        Platform.startup(() -> {
            var devices = new Devices(new CameraStandin(), (_, name) -> name, _ -> new byte[0], _ -> new byte[0]);
            var window = new WelumenWindow(workshop, "bench", devices);
            window.showOn(new Stage(), new Painted() {
                @Override
                public void answer() {}

                @Override
                public void whole() {
                    try {
                        times.complete(log(window));
                    } catch (RuntimeException fault) {
                        times.completeExceptionally(fault);
                    }
                }
            });
        });
        var sorted = times.join();
        Arrays.sort(sorted);
        System.out.println(String.format(
                Locale.ROOT,
                "a step logged and laid out, ms: median %.0f  max %.0f",
                sorted[sorted.length / 2],
                sorted[sorted.length - 1]));
        workshop.folder().close();
        Platform.exit();
    }

    private static double[] log(WelumenWindow window) {
        var model = window.model();
        var parts = model.job().cabin().parts();
        var times = new double[STEPS - WARM];
        for (var i = 0; i < STEPS; i++) {
            var part = parts.get(i % parts.size());
            var reading = Shorthand.read(
                    "2 screws no. 8, bag 7, loose",
                    part.id(),
                    model.job().cabin(),
                    model.job().strip());
            var start = System.nanoTime();
            model.make(StepLogging.log(
                    model.job(),
                    reading,
                    List.of(),
                    "bench",
                    model.nowProperty().get()));
            window.scene().getRoot().applyCss();
            window.scene().getRoot().layout();
            if (i >= WARM) times[i - WARM] = (System.nanoTime() - start) / 1e6;
        }
        return times;
    }
}
