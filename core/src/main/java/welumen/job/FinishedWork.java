package welumen.job;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import welumen.cabin.PartId;
import welumen.clock.WorkChange.WorkEnded;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.Together;

/** What finishing a part's work brings about besides: whoever was at it has ended. */
public final class FinishedWork {
    private FinishedWork() {}

    /** The change that logs it, as one action. */
    public static JobChange log(JobChange finished, PartId part, Job job, String person, Instant now) {
        return job.work()
                .runningFor(person)
                .filter(begun -> begun.on().equals(part.value()))
                .<JobChange>map(_ ->
                        new Together(List.of(finished, new AtWork(new WorkEnded(person, now, Duration.ZERO)))))
                .orElse(finished);
    }
}
