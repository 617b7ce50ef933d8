package welumen.desktop.stage;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import welumen.desktop.model.JobModel;

/** Work of a second or so off the window's thread. What is asked for later overtakes it, and so does another job. */
public final class Beside {
    private final JobModel model;
    private int asked;

    public Beside(JobModel model) {
        this.model = model;
    }

    /**
     * @param work must not touch the window
     * @param then told of what came of it, on the window's thread
     */
    public <T> void ask(Supplier<T> work, Consumer<T> then) {
        var own = ++asked;
        var job = model.openedProperty().get();
        Thread.ofPlatform().daemon().name("beside the window").start(() -> {
            try {
                var found = work.get();
                Platform.runLater(() -> {
                    if (own == asked && model.openedProperty().get() == job) then.accept(found);
                });
            } catch (RuntimeException fault) {
                Platform.runLater(() -> model.say("That could not be reckoned: " + fault.getMessage()));
            }
        });
    }
}
