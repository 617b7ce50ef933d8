package welumen.desktop.model;

import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Cabin;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.RailClocks;
import welumen.job.Said;
import welumen.job.ToldApart;
import welumen.journal.Action;
import welumen.journal.Journal;
import welumen.journal.StoreException;
import welumen.measure.Because;
import welumen.pattern.SeamsKept;
import welumen.yard.Yard;
import welumen.yard.YardChange;
import welumen.yard.YardChange.AllOf;
import welumen.yard.YardChange.OnTheRail;
import welumen.yard.YardSaid;

/** What somebody at this window does to the logs: each action is written whole or refused in words. JavaFX thread only. */
final class Doing {
    private static final String BEGAN =
            "That is how the workshop began. What it is called is changed at “Prices and ways”.";

    private final JobModel model;
    private final Logs logs;
    private volatile @Nullable Thread acting;

    Doing(JobModel model, Logs logs) {
        this.model = model;
        this.logs = logs;
    }

    /** Does something as one action; false if it was refused, which is said as trouble and changes nothing. */
    boolean act(Consumer<Action> what) {
        acting = Thread.currentThread();
        try {
            var action = Action.by(model.person());
            what.accept(action);
            action.done();
            model.moved();
            model.forgetTrouble();
            return true;
        } catch (StoreException | IllegalArgumentException | IllegalStateException fault) {
            model.say(Because.of(fault));
            return false;
        } finally {
            acting = null;
        }
    }

    /** Whether it is this window that appends just now, which folds what it appends itself. */
    boolean isOurs() {
        return acting == Thread.currentThread();
    }

    boolean make(JobChange change) {
        var car = model.openedProperty().get().job();
        var before = open().state().patterns();
        var told = ToldApart.of(before, change);
        if (!act(action -> {
            var parted = RailClocks.parted(told, yard().clocks());
            action.make(open(), parted.car());
            if (!parted.yard().isEmpty())
                action.make(
                        logs.yard(),
                        AllOf.of(parted.yard().stream()
                                .map(clock -> new OnTheRail(clock, car))
                                .toList()));
        })) return false;
        if (ToldApart.draws(told)) sayLost(SeamsKept.lost(before, open().state().patterns()));
        return true;
    }

    private void sayLost(List<String> seams) {
        if (!seams.isEmpty())
            model.say("Not sewn any more, since an edge of it is another one now: %s. Join it anew at Seams."
                    .formatted(String.join("; ", seams)));
    }

    boolean make(JobChange inCar, YardChange inYard) {
        return act(action -> action.make(open(), inCar).make(logs.yard(), inYard));
    }

    boolean makeWith(JobChange here, UUID otherCar, JobChange there) {
        return act(action -> action.make(open(), here).make(logs.car(otherCar), there));
    }

    void takeBack() {
        act(action -> {
            if (isAtYard() && logs.yard().standing().size() <= 1) throw new IllegalStateException(BEGAN);
            action.takeBack(lookedAt(), logs::find);
        });
    }

    void putBack() {
        act(action -> action.putBack(lookedAt(), logs::find));
    }

    boolean canPutBack() {
        return lookedAt().canPutBack();
    }

    /** What taking back would take back, in a few words; nothing of how the workshop began, since that stays. */
    String said(Cabin cabin) {
        if (!isAtYard())
            return open().newest().map(change -> Said.of(change, cabin)).orElse("");
        if (logs.yard().standing().size() <= 1) return "";
        return logs.yard().newest().map(change -> YardSaid.of(change, yard())).orElse("");
    }

    private Journal<?, ?> lookedAt() {
        return isAtYard() ? logs.yard() : open();
    }

    private boolean isAtYard() {
        return model.screenProperty().get().isYards();
    }

    private Yard yard() {
        return logs.yard().state();
    }

    private Journal<JobChange, Job> open() {
        return model.openLog();
    }
}
