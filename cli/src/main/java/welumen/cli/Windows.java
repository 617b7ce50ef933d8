package welumen.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;
import welumen.desktop.Shots;
import welumen.desktop.WelumenWindow;
import welumen.files.workshop.WorkshopFolder;
import welumen.journal.StoreException;
import welumen.standins.camera.CameraStandin;

/** Opens a workshop beside the starting toolkit, shows it, and ends when the window is closed. */
final class Windows {
    /** Which workshop, by which clock, and who works in it. */
    record Opening(Path folder, Clock clock, String author) {}

    private Windows() {}

    static int show(Opening opening, @Nullable Path shots) {
        var store = CompletableFuture.supplyAsync(() -> WorkshopFolder.open(opening.folder()));
        var started = new CompletableFuture<Void>();
        Platform.startup(() -> started.complete(null));
        try (var folder = opened(store)) {
            started.join();
            if (shots == null) untilClosed(folder, opening);
            else
                onWindow(
                        () -> new WelumenWindow(folder, opening.clock(), opening.author(), new CameraStandin()),
                        window -> Shots.write(window, shots));
            return 0;
        } finally {
            Platform.exit();
        }
    }

    private static WorkshopFolder opened(CompletableFuture<WorkshopFolder> store) {
        try {
            return store.join();
        } catch (CompletionException fault) {
            if (fault.getCause() instanceof StoreException reason) throw reason;
            throw fault;
        }
    }

    private static void untilClosed(WorkshopFolder folder, Opening opening) {
        var closed = new CompletableFuture<Void>();
        Platform.runLater(() -> {
            try {
                var stage = new Stage();
                new WelumenWindow(folder, opening.clock(), opening.author(), new CameraStandin()).showOn(stage);
                stage.showingProperty().subscribe(showing -> {
                    if (!showing) closed.complete(null);
                });
            } catch (RuntimeException fault) {
                closed.completeExceptionally(fault);
            }
        });
        Thread.ofVirtual()
                .start(() -> folder.backUp(opening.clock()
                        .instant()
                        .atZone(opening.clock().getZone())
                        .toLocalDate()));
        join(closed);
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
