package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.clock.WorkKind;
import welumen.clock.WorkLog;
import welumen.strip.Saloon;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;
import welumen.treatment.TreatmentHours.Done;

class TreatmentHoursTest {
    /** Usual 3.5; twice 5.5 and three usual ones missing: (11 + 10.5) / 5. From five on, the workshop's own mean. */
    @Test
    void fewTimesAreDrawnTowardTheUsualAndFiveAreEnough() {
        var done = new Done(Treatment.FILL_AND_RECOLOUR, 5.5, 1);
        var two = new TreatmentHours(List.of(done, done));
        assertThat(two.of(Treatment.FILL_AND_RECOLOUR).likely()).isCloseTo(4.3, within(1e-9));
        var five = new TreatmentHours(Collections.nCopies(5, done));
        assertThat(five.of(Treatment.FILL_AND_RECOLOUR).likely()).isCloseTo(5.5, within(1e-9));
        assertThat(five.of(Treatment.FILL_AND_RECOLOUR).low()).isCloseTo(2 * 5.5 / 3.5, within(1e-9));
        assertThat(five.of(Treatment.CLEAN)).isEqualTo(Treatment.CLEAN.hours());
        assertThat(two.and(two).of(Treatment.FILL_AND_RECOLOUR).likely()).isCloseTo((22 + 3.5) / 5, within(1e-9));
    }

    /** Five hours at the bench with a seat that was filled and re-glued go 3.5 to 1; a small part counts by its size. */
    @Test
    void timeAtTheBenchTeachesOnceItIsDone() {
        var chosen = new TreatmentChosen(
                Saloon.SEAT, List.of(Treatment.FILL_AND_RECOLOUR, Treatment.REFIX), "cracks and a loose edge", true);
        var log = WorkLog.EMPTY
                .after(new WorkBegun("Ada", Saloon.SEAT.value(), WorkKind.TREATING, Instant.EPOCH))
                .after(new WorkEnded("Ada", Instant.EPOCH.plusSeconds(9 * 1800), Duration.ZERO));
        var open = Choices.EMPTY.after(chosen);
        assertThat(TreatmentHours.learnt(Saloon.cabin(), open, log).of(Treatment.REFIX))
                .isEqualTo(Treatment.REFIX.hours());
        var done = TreatmentHours.learnt(Saloon.cabin(), open.after(new TreatmentDone(Saloon.SEAT)), log);
        assertThat(done.of(Treatment.REFIX).likely()).isCloseTo((1 + 4 * 1) / 5.0, within(1e-9));
        assertThat(done.of(Treatment.FILL_AND_RECOLOUR).likely()).isCloseTo((3.5 + 4 * 3.5) / 5, within(1e-9));
    }
}
