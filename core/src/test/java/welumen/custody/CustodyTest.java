package welumen.custody;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.MEMBER;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SILL;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.custody.CustodyChange.CameBack;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;
import welumen.job.Job;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.refit.SignOff.Objection;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;

class CustodyTest {
    private static final LocalDate DUE = LocalDate.of(2026, 4, 20);

    private static Job strippedCar() {
        var job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));
        for (var part : List.of(SEAL, SILL, CARPET))
            job = job.after(new AtStrip(new StepLogged(Shorthand.read("off", part, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
        return job;
    }

    @Test
    void whatSomebodyElseHasCannotGoBack() {
        var job = strippedCar().after(new InCustody(new SentAway(new Away(SILL, "at the platers", DUE))));
        assertThat(job.signOff().objections(SILL))
                .contains(new Objection.Elsewhere(new Away(SILL, "at the platers", DUE)));
        assertThat(job.custody().overdue(DUE)).isEmpty();
        assertThat(job.custody().overdue(DUE.plusDays(1))).hasSize(1);
        assertThat(job.after(new InCustody(new CameBack(SILL))).signOff().objections(SILL))
                .isEmpty();
    }

    /** Left off on purpose: whoever would shut it in is told, and it is not forgotten. */
    @Test
    void whatWasLeftOffStopsThePartThatShutsItIn() {
        var left = new LeftOff(CARPET, "the loom", SILL);
        var job = strippedCar().after(new InCustody(new PartLeftOff(left)));
        assertThat(job.signOff().objections(SILL)).contains(new Objection.ShutsIn(left));
        assertThat(job.signOff().objections(SEAL)).isEmpty();
    }

    @Test
    void whatDoesNotComeBackIsNotWaitedFor() {
        var job = strippedCar().after(new InCustody(new FateSaid(SEAL, Fate.HAND_BACK, "")));
        assertThat(job.signOff().stillOut()).containsExactlyInAnyOrder(SILL, CARPET);
        assertThatThrownBy(() -> job.after(new InCustody(new FateSaid(SILL, Fate.THROW_AWAY, " "))))
                .hasMessageContaining("customer agrees");
    }

    @Test
    void itIsToldInALine() {
        assertThat(read("at the platers until 2026-04-20"))
                .contains(new SentAway(new Away(SILL, "at the platers", DUE)));
        assertThat(read("with Mrs Vane, back 2026-04-20")).contains(new SentAway(new Away(SILL, "with Mrs Vane", DUE)));
        assertThat(read("is back")).contains(new CameBack(SILL));
        assertThat(read("left off for the loom, before the cross-member"))
                .contains(new PartLeftOff(new LeftOff(SILL, "the loom", MEMBER)));
        assertThat(read("throw away, agreed by letter"))
                .contains(new FateSaid(SILL, Fate.THROW_AWAY, "agreed by letter"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "6 screws",
                "at the front",
                "at the platers until Tuesday",
                "at the platers until 2026-13-40",
                "left off for the loom, before lunch"
            })
    void whatTellsNothingOfItIsNone(String line) {
        assertThat(read(line)).isEqualTo(Optional.empty());
    }

    private static Optional<CustodyChange> read(String line) {
        return CustodyText.read(line, new PartId(SILL.value()), Saloon.cabin());
    }
}
