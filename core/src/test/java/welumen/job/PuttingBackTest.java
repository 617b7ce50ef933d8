package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkKind;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InCabin;
import welumen.refit.PutBack;
import welumen.strip.Saloon;

class PuttingBackTest {
    @Test
    void thePartThatIsInEndsItsOwnSpellAndNoOther() {
        var noon = Instant.parse("2026-04-14T11:00:00Z");
        var job = Job.EMPTY
                .after(new InCabin(new PartsListed(Saloon.cabin().parts())))
                .after(new AtWork(new WorkBegun("Ada", Saloon.SILL.value(), WorkKind.PUTTING_BACK, noon)));
        var other = job.after(PuttingBack.log(job, new PutBack(Saloon.SEAT, 0, ""), "Ada", noon.plusSeconds(60)));
        assertThat(other.work().runningFor("Ada")).isPresent();
        var done = job.after(PuttingBack.log(job, new PutBack(Saloon.SILL, 0, ""), "Ada", noon.plusSeconds(300)));
        assertThat(done.refit().isFitted(Saloon.SILL)).isTrue();
        assertThat(done.work().spells().getFirst().worked()).isEqualTo(Duration.ofMinutes(5));
    }
}
