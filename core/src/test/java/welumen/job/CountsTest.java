package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.Fate;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

class CountsTest {
    private static Job off(Job job, PartId... parts) {
        for (var part : parts)
            job = job.after(new AtStrip(new StepLogged(Shorthand.read("off", part, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
        return job;
    }

    private static Job job() {
        return Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));
    }

    @Test
    void eachIsCountedOnce() {
        assertThat(Counts.of(job()).said()).matches("\\d+ parts, all in the car\\.");
        var job = off(job(), SILL, SEAT, CARPET)
                .after(new AtTreatment(new TreatmentChosen(SEAT, Treatment.RECOVER, "")))
                .after(new AtTreatment(new TreatmentChosen(SILL, Treatment.REFINISH, "")))
                .after(new AtTreatment(new TreatmentDone(SILL)))
                .after(new InCustody(new FateSaid(CARPET, Fate.SPARE, "")));
        var counts = Counts.of(job);
        assertThat(counts.out()).isEqualTo(3);
        assertThat(counts.onBench()).isEqualTo(1);
        assertThat(counts.ready()).isEqualTo(1);
        assertThat(counts.held()).isZero();
        assertThat(counts.toGoBack()).as("the carpet is not to come back").isEqualTo(2);
        assertThat(counts.said()).endsWith("are out, of them 1 on the bench and 1 ready.");
    }
}
