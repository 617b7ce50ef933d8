package welumen.bench;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.CompletableFuture;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.stage.Stage;
import welumen.desktop.Painted;
import welumen.desktop.WelumenWindow;
import welumen.desktop.model.Devices;
import welumen.desktop.model.OpenedWorkshop;
import welumen.desktop.model.PaperOpener;
import welumen.job.StepLogging;
import welumen.standins.camera.CameraStandin;
import welumen.strip.line.Shorthand;

/** How long the window is at it from a change to a laid-out frame: a step logged at the Strip stage of a job. */
final class Smoothness {
    private static final int STEPS = 60;
    private static final int WARM = 20;

    private Smoothness() {}

    static void measure(Path folder) {
        print("a step logged and laid out", inWindow(folder, Smoothness::log));
    }

    static void print(String what, double[] times) {
        Arrays.sort(times);
        System.out.println(String.format(
                Locale.ROOT, "%s, ms: median %.1f  max %.1f", what, times[times.length / 2], times[times.length - 1]));
    }

    /** What is timed in a window on that workshop, which is closed afterwards. */
    static double[] inWindow(Path folder, Function<WelumenWindow, double[]> timed) {
        var workshop = OpenedWorkshop.open(folder, Clock.systemDefaultZone());
        var times = new CompletableFuture<double[]>();
        Platform.startup(() -> {
            var devices = new Devices(
                    new CameraStandin(), (_, name) -> name, _ -> new byte[0], _ -> new byte[0], new PaperOpener() {
                        @Override
                        public String open(Path file) {
                            return "";
                        }

                        @Override
                        public String print(Path file) {
                            return "";
                        }
                    });
            var window = new WelumenWindow(workshop, "bench", devices);
            window.showOn(new Stage(), new Painted() {
                @Override
                public void answer() {}

                @Override
                public void whole() {
                    try {
                        times.complete(timed.apply(window));
                    } catch (RuntimeException fault) {
                        times.completeExceptionally(fault);
                    }
                }
            });
        });
        try {
            return times.join();
        } finally {
            workshop.folder().close();
            Platform.exit();
        }
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
