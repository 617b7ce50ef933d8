package welumen.desktop.stage;

import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import welumen.desktop.model.JobModel;

/** What a leaf can show something of. A leaf is drawn anew only when one of those that it names has changed. */
public enum Reads {
    /** All of the open car, also what is reckoned from several of its rooms. */
    CAR(JobModel::job),
    CABIN(model -> model.job().cabin()),
    PATTERNS(model -> model.job().patterns()),
    /** The part that is picked. */
    PICKED(model -> model.pickedProperty().get()),
    /** Which clocks on the bench have run out: it changes by itself. */
    CLOCKS(model -> model.job().clocks().over(model.nowProperty().get())),
    /** Anything at all, what is known of other cars too. */
    ALL(model -> model.versionProperty().get());

    private final Function<JobModel, @Nullable Object> now;

    Reads(Function<JobModel, @Nullable Object> now) {
        this.now = now;
    }

    /** As it is now; equal to what it was while nothing of it has changed. */
    @Nullable
    Object now(JobModel model) {
        return now.apply(model);
    }
}
