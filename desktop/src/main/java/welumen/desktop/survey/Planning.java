package welumen.desktop.survey;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;
import welumen.desktop.model.Background;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.treatment.whole.BestSet;
import welumen.treatment.whole.TradeCurve;
import welumen.treatment.whole.WholeJob;
import welumen.treatment.whole.WholePlan;

/** Plans off the window's thread: the best set first, then what other budgets would buy. What is newer overtakes. */
final class Planning {
    private static final int BUDGETS = 9;
    private static final int WEEK = 5;

    private final Background background;
    private final Consumer<WholePlan> planned;
    private final Consumer<List<TradeCurve.Point>> curve;
    private final Consumer<WholePlan> withAWeek;
    private final Consumer<String> failed;
    private @Nullable Running running;
    private final AtomicReference<@Nullable WholeJob> wanted = new AtomicReference<>();

    /** All are called on the window's thread. */
    Planning(
            Background background,
            Consumer<WholePlan> planned,
            Consumer<List<TradeCurve.Point>> curve,
            Consumer<WholePlan> withAWeek,
            Consumer<String> failed) {
        this.background = background;
        this.withAWeek = withAWeek;
        this.planned = planned;
        this.curve = curve;
        this.failed = failed;
    }

    /** Whether this very question has been asked last, answered or not. */
    boolean isAsked(WholeJob job) {
        return Optional.ofNullable(wanted.get()).filter(job::equals).isPresent();
    }

    void ask(WholeJob job) {
        wanted.set(job); // so that what ran before ends without a word
        end();
        running = background.run("planning the whole job", Takes.A_WHILE, () -> answer(job), () -> stopped(job));
    }

    /** Nobody waits for an answer any more. */
    void stop() {
        wanted.set(null);
        end();
    }

    private void end() {
        if (running != null) running.stop();
        running = null;
    }

    /** By hand, from the list of what runs. */
    private void stopped(WholeJob job) {
        if (!isAsked(job)) return;
        wanted.set(null);
        failed.accept("The planning was stopped. It begins anew with another budget or standard.");
    }

    private void answer(WholeJob job) {
        try {
            var best = BestSet.of(job);
            say(job, () -> planned.accept(best));
            if (!isAsked(job)) return;
            var points = TradeCurve.of(job, BUDGETS, () -> !isAsked(job));
            if (!isAsked(job)) return;
            var week = BestSet.of(job.withMoreDays(WEEK));
            say(job, () -> {
                withAWeek.accept(week);
                curve.accept(points);
            });
        } catch (RuntimeException | LinkageError fault) {
            say(job, () -> failed.accept("No plan can be made here: %s".formatted(fault.getMessage())));
        }
    }

    private void say(WholeJob job, Runnable word) {
        Platform.runLater(() -> {
            if (isAsked(job)) word.run();
        });
    }
}
