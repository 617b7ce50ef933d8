package welumen.desktop.stage;

import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.Background.Work;
import welumen.desktop.model.JobModel;

/** Questions of one kind that take a second or so. What is asked for later overtakes what was, and so does another job. */
public final class Beside {
    private final JobModel model;
    private final String word;
    private @Nullable Running asked;

    /** @param word what is worked out, as “what is left of the hide” */
    public Beside(JobModel model, String word) {
        this.model = model;
        this.word = word;
    }

    /**
     * @param work must not touch the window
     * @param then told of what came of it, on the window's thread
     */
    public <T> void ask(Supplier<T> work, Consumer<T> then) {
        ask(_ -> work.get(), then);
    }

    /** The same for what looks now and then whether it is still wanted. */
    public <T> void ask(Work<T> work, Consumer<T> then) {
        stop();
        var job = model.openedProperty().get();
        asked = model.background()
                .ask(
                        word,
                        Takes.A_MOMENT,
                        work,
                        found -> {
                            if (model.openedProperty().get() == job) then.accept(found);
                        },
                        fault -> model.say("That could not be reckoned: " + fault.getMessage()));
    }

    /** What was asked is not wanted any more. */
    public void stop() {
        if (asked != null) asked.stop();
    }
}
