package welumen.desktop.model;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.clock.WorkKind;
import welumen.job.JobChange;
import welumen.job.JobChange.AtWork;
import welumen.job.WorkStage;

/** The working time of whoever sits at this window. */
public final class WorkTime {
    private final JobModel model;

    WorkTime(JobModel model) {
        this.model = model;
    }

    /** Starts it on the picked part, or stops what runs. */
    public void startOrStop() {
        var now = model.nowProperty().get();
        var running = model.job().work().runningFor(model.person());
        if (running.isPresent()) {
            model.make(new AtWork(new WorkEnded(model.person(), now, Duration.ZERO)));
            return;
        }
        var elsewhere = model.others().workOf(model.person());
        model.picked().ifPresent(part -> {
            var begun = new AtWork(new WorkBegun(model.person(), part.id().value(), kind(part.id()), now));
            if (elsewhere.isEmpty()) model.make(begun);
            else // nobody is at two cars at once: one action of both logs
            model.makeWith(
                        begun,
                        elsewhere.get().car().job(),
                        new AtWork(new WorkEnded(model.person(), now, Duration.ZERO)));
        });
    }

    /**
     * Somebody begins on a part, or several do together; who was at something else is at that no more.
     *
     * @param on the part, or what else is worked on
     */
    public boolean begin(List<String> people, String on, WorkKind kind) {
        var now = model.nowProperty().get();
        return model.makeTogether(people.stream()
                .map(person -> new AtWork(new WorkBegun(person, on, kind, now)))
                .toList());
    }

    /** Those of them who are at something stop, and more is done with it in one action. */
    public boolean end(List<String> people, List<JobChange> more) {
        var now = model.nowProperty().get();
        var all = new ArrayList<JobChange>();
        for (var person : people)
            if (model.job().work().runningFor(person).isPresent())
                all.add(new AtWork(new WorkEnded(person, now, Duration.ZERO)));
        all.addAll(more);
        return model.makeTogether(all);
    }

    /** What has run since nobody touched anything was no work. */
    public void stopAt(Instant lastTouched) {
        var now = model.nowProperty().get();
        model.job().work().runningFor(model.person()).ifPresent(begun -> {
            var idle = Duration.between(lastTouched.isBefore(begun.at()) ? begun.at() : lastTouched, now);
            model.make(new AtWork(new WorkEnded(model.person(), now, idle)));
        });
    }

    /** What is chosen and not done is worked at on the bench, until somebody turns to putting it back. */
    private WorkKind kind(PartId part) {
        if (model.job().choices().isOpen(part) && model.stageProperty().get() != WorkStage.REFIT)
            return WorkKind.TREATING;
        return model.job().strip().isOff(part) ? WorkKind.PUTTING_BACK : WorkKind.TAKING_OFF;
    }
}
