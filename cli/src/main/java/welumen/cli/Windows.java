package welumen.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import welumen.desktop.Shots;
import welumen.desktop.WelumenWindow;
import welumen.desktop.model.OpenedWorkshop;
import welumen.journal.StoreException;
import welumen.standins.camera.CameraStandin;

/** Opens a workshop beside the starting toolkit, shows it, and ends when the window is closed. */
final class Windows {
    /**
     * Which workshop, by which clock, and who works in it.
     *
     * @param once whether to end as soon as the first stage's answer is painted, saying so
     */
    record Opening(Path folder, Clock clock, String author, boolean once) {}

    private Windows() {}

    static int show(Opening opening, @Nullable Path shots) {
        var store = CompletableFuture.supplyAsync(() -> OpenedWorkshop.open(opening.folder(), opening.clock()));
        var started = new CompletableFuture<Void>();
        Platform.startup(() -> started.complete(null));
        try (var _ = opened(store).folder()) {
            started.join();
            var workshop = store.join();
            if (shots == null) untilClosed(workshop, opening);
            else
                onWindow(
                        () -> new WelumenWindow(workshop, opening.author(), new CameraStandin()),
                        window -> Shots.write(window, shots));
            return 0;
        } finally {
            Platform.exit();
        }
    }

    private static OpenedWorkshop opened(CompletableFuture<OpenedWorkshop> store) {
        try {
            return store.join();
        } catch (CompletionException fault) {
            if (fault.getCause() instanceof StoreException reason) throw reason;
            throw fault;
        }
    }

    private static void untilClosed(OpenedWorkshop workshop, Opening opening) {
        var closed = new CompletableFuture<Void>();
        Platform.runLater(() -> {
            try {
                var stage = new Stage();
                new WelumenWindow(workshop, opening.author(), new CameraStandin()).showOn(stage);
                if (opening.once()) closeOncePainted(stage);
                stage.showingProperty().subscribe(showing -> {
                    if (!showing) closed.complete(null);
                });
            } catch (RuntimeException fault) {
                closed.completeExceptionally(fault);
            }
        });
        if (!opening.once())
            Thread.ofVirtual()
                    .start(() -> workshop.folder()
                            .backUp(opening.clock()
                                    .instant()
                                    .atZone(opening.clock().getZone())
                                    .toLocalDate()));
        join(closed);
    }

    /** For measuring the start, and for learning what it needs. */
    private static void closeOncePainted(Stage stage) {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames < 3) return; // two whole frames have been painted
                stop();
                System.out.println("painted");
                System.out.flush();
                stage.close();
            }
        }.start();
    }

    private interface Making {
        WelumenWindow make();
    }

    private interface Using {
        void use(WelumenWindow window);
    }

    private static void onWindow(Making making, Using using) {
        var done = new CompletableFuture<Void>();
        Platform.runLater(() -> {
            try {
                using.use(making.make());
                done.complete(null);
            } catch (RuntimeException fault) {
                done.completeExceptionally(fault);
            }
        });
        join(done);
    }

    private static void join(CompletableFuture<Void> done) {
        try {
            done.join();
        } catch (CompletionException fault) {
            if (fault.getCause() instanceof RuntimeException reason) throw reason;
            throw fault;
        }
    }
}
