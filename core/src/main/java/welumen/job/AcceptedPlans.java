package welumen.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.table.PlanCompared;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.Together;
import welumen.journal.Entry;
import welumen.journal.Note;

/** The cut plans that were accepted one after the other, as the job's log has them. */
public final class AcceptedPlans {
    private AcceptedPlans() {}

    private static List<Laid> all(List<Entry<JobChange>> log) {
        var plans = new ArrayList<Laid>();
        for (var entry : log)
            made(entry)
                    .filter(AtCut.class::isInstance)
                    .map(change -> ((AtCut) change).change())
                    .filter(PlanAccepted.class::isInstance)
                    .map(PlanAccepted.class::cast)
                    .forEach(accepted -> plans.add(new Laid(accepted.problem(), accepted.plan())));
        return plans;
    }

    private static Stream<JobChange> made(Entry<JobChange> entry) {
        return entry.note() instanceof Note.Made<JobChange>(var change) ? each(change) : Stream.empty();
    }

    private static Stream<JobChange> each(JobChange change) {
        return change instanceof Together(var changes)
                ? changes.stream().flatMap(AcceptedPlans::each)
                : Stream.of(change);
    }

    /** The one before the newest, of the same pieces. */
    public static Optional<Laid> before(List<Entry<JobChange>> log) {
        var plans = all(log);
        if (plans.size() < 2) return Optional.empty();
        var one = plans.get(plans.size() - 2);
        return one.problem().pieces().equals(plans.getLast().problem().pieces()) ? Optional.of(one) : Optional.empty();
    }

    /** The newest held against the one before; empty where there is none of the same pieces. */
    public static Optional<PlanCompared> compared(List<Entry<JobChange>> log) {
        return before(log).map(one -> new PlanCompared(one, all(log).getLast()));
    }
}
