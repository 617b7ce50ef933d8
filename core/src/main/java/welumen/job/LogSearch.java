package welumen.job;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import welumen.cabin.PartId;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.Together;
import welumen.journal.Entry;
import welumen.journal.Note.Made;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;

/** Finds the entry behind what is shown, among the standing entries of a job, oldest first. */
public final class LogSearch {
    private LogSearch() {}

    /** The entry that closed a circle of strip rules: the newest that says of two of its neighbours that one holds the other. */
    public static Optional<Entry<JobChange>> circleMadeBy(List<Entry<JobChange>> standing, List<PartId> circle) {
        return standing.reversed().stream()
                .filter(entry -> entry.note() instanceof Made<JobChange>(var change) && saysOf(change, circle))
                .findFirst();
    }

    /** When the last step was logged; long ago where none was. */
    public static Instant lastStep(List<Entry<JobChange>> standing) {
        return standing.reversed().stream()
                .filter(entry -> entry.note() instanceof Made<JobChange>(var change) && logsAStep(change))
                .map(Entry::at)
                .findFirst()
                .orElse(Instant.EPOCH);
    }

    private static boolean saysOf(JobChange change, List<PartId> circle) {
        return switch (change) {
            case AtStrip(StripRuleNoted(var rule)) -> {
                var at = circle.indexOf(rule.part());
                yield at >= 0 && rule.byAnyOf().contains(circle.get((at + 1) % circle.size()));
            }
            case Together(var changes) -> changes.stream().anyMatch(one -> saysOf(one, circle));
            default -> false;
        };
    }

    private static boolean logsAStep(JobChange change) {
        return switch (change) {
            case AtStrip(StepLogged step) -> true;
            case Together(var changes) -> changes.stream().anyMatch(LogSearch::logsAStep);
            default -> false;
        };
    }
}
