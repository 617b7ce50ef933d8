package welumen.job;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import welumen.clock.WorkChange.WorkEnded;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.Together;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;

/** What putting a part back brings about: it is in, and whoever was at it has ended. */
public final class PuttingBack {
    private PuttingBack() {}

    /** The change that logs it, as one action. */
    public static JobChange log(Job job, PutBack back, String person, Instant now) {
        var isIn = new AtRefit(new PartPutBack(back));
        return job.work()
                .runningFor(person)
                .filter(begun -> begun.on().equals(back.part().value()))
                .<JobChange>map(_ -> new Together(List.of(isIn, new AtWork(new WorkEnded(person, now, Duration.ZERO)))))
                .orElse(isIn);
    }
}
