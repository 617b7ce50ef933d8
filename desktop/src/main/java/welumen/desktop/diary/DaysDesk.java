package welumen.desktop.diary;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;
import welumen.desktop.model.Background.Running;
import welumen.desktop.model.Background.Takes;
import welumen.desktop.model.JobModel;

/** Plans the days of all cars beside the window, once for each state of the yard, for whichever leaf shows them. */
final class DaysDesk {
    private static final long NEVER = -1;

    /** The share of runs that is most. */
    private static final double MOST = 0.8;

    /** How long a plan of now holds. */
    private static final Duration A_WHILE = Duration.ofMinutes(15);

    private final JobModel model;
    private @Nullable Running running;
    private Optional<PlannedDays> days = Optional.empty();
    private long of = NEVER;

    DaysDesk(JobModel model) {
        this.model = model;
    }

    /** The last days that were planned, though something may have changed since. */
    Optional<PlannedDays> last() {
        return days;
    }

    /**
     * Tells the days as things stand now: at once where they are known, else when they are planned, a first time as soon as
     * there is any plan.
     *
     * @return whether they are being planned
     */
    boolean ask(Consumer<PlannedDays> then, Consumer<Exception> failed) {
        var version = model.versionProperty().get();
        if (of == version && days.filter(this::isRecent).isPresent()) {
            then.accept(days.get());
            return false;
        }
        end();
        var asked = AskedDays.of(model);
        var last = days.map(PlannedDays::schedule);
        running = model.background()
                .ask(
                        "planning the days",
                        Takes.A_MOMENT,
                        run -> PlannedDays.of(
                                asked,
                                last,
                                first -> Platform.runLater(() -> {
                                    if (!run.isStopped()) then.accept(first);
                                }),
                                run::isStopped),
                        planned -> {
                            days = Optional.of(planned);
                            of = version;
                            say(planned);
                            then.accept(planned);
                        },
                        fault -> {
                            days = Optional.empty();
                            failed.accept(fault);
                        });
        return true;
    }

    /**
     * Looks longer for better days of the yard as it was planned last, while somebody waits for them.
     *
     * @param then told what came of it
     */
    void longer(Consumer<PlannedDays> then, Runnable over, Consumer<Exception> failed) {
        var known = days;
        if (known.isEmpty()) return;
        end();
        running = model.background()
                .ask(
                        "looking for better days",
                        Takes.A_MOMENT,
                        run -> known.get().better(run::isStopped),
                        better -> {
                            days = Optional.of(better);
                            then.accept(better);
                            over.run();
                        },
                        failed);
        running.whenStopped(over);
    }

    /** The mark on the tape follows: the day by which most runs have ended, where a day was agreed, else as planned. */
    private void say(PlannedDays planned) {
        var day = planned.ready().map(ends -> ends.by(MOST)).orElseGet(planned::end);
        if (planned.car().isPresent())
            model.ready().is(planned.open(), model.openedProperty().get().job(), day.toLocalDate());
    }

    /** Time goes on though nothing is changed. */
    private boolean isRecent(PlannedDays planned) {
        var now = LocalDateTime.ofInstant(model.nowProperty().get(), model.zone());
        return Duration.between(planned.plan().now(), now).compareTo(A_WHILE) < 0;
    }

    /** Nobody waits for them any more. */
    void end() {
        if (running != null) running.stop();
        running = null;
    }
}
