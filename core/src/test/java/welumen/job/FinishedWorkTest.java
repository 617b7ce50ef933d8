package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkKind;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InCabin;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.Saloon;

class FinishedWorkTest {
    @Test
    void whatIsFinishedEndsItsOwnSpellAndNoOther() {
        var noon = Instant.parse("2026-04-14T11:00:00Z");
        var job = Job.EMPTY
                .after(new InCabin(new PartsListed(Saloon.cabin().parts())))
                .after(new AtWork(new WorkBegun("Ada", Saloon.SILL.value(), WorkKind.PUTTING_BACK, noon)));
        var other = job.after(FinishedWork.log(back(Saloon.SEAT), Saloon.SEAT, job, "Ada", noon.plusSeconds(60)));
        assertThat(other.work().runningFor("Ada")).isPresent();
        var done = job.after(FinishedWork.log(back(Saloon.SILL), Saloon.SILL, job, "Ada", noon.plusSeconds(300)));
        assertThat(done.refit().isFitted(Saloon.SILL)).isTrue();
        assertThat(done.work().spells().getFirst().worked()).isEqualTo(Duration.ofMinutes(5));
    }

    private static JobChange back(PartId part) {
        return new AtRefit(new PartPutBack(new PutBack(part, 0, "")));
    }
}
