package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkKind;
import welumen.intake.FeatureLook;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InCabin;
import welumen.strip.Saloon;
import welumen.strip.line.Reading;
import welumen.strip.line.Shorthand;

class StepLoggingTest {
    private static final Instant NOON = Instant.parse("2026-04-14T11:00:00Z");
    private static final PartId BATTERY = new PartId("battery");

    private static Job car(boolean airbags) {
        var parts = new ArrayList<>(Saloon.cabin().parts());
        parts.add(new Part(BATTERY, "battery", PartKind.BATTERY, Side.MIDDLE, Spot.BULKHEAD, "", Supply.STILL_MADE));
        return Job.EMPTY
                .after(new InCabin(new PartsListed(parts)))
                .after(new AtIntake(new FeatureLookedAt(new FeatureLook(FeatureLook.AIRBAGS, airbags, "seen"))));
    }

    /** In a car with airbags the battery comes off first and is waited out; in another nobody asks. */
    @Test
    void theBatteryComesFirstWhereThereAreAirbags() {
        assertThat(StepLogging.objection(car(false), read(car(false), "off", Saloon.SEAT), NOON))
                .isEmpty();
        var job = car(true);
        assertThat(StepLogging.objection(job, read(job, "off", Saloon.SEAT), NOON))
                .hasValueSatisfying(why -> assertThat(why).contains("battery off first"));
        assertThat(StepLogging.objection(job, read(job, "off", Saloon.CARPET), NOON))
                .isEmpty();
        var off = job.after(StepLogging.log(job, read(job, "off", BATTERY), List.of(), "Orla", NOON));
        var soon = NOON.plus(Duration.ofMinutes(4));
        assertThat(StepLogging.objection(off, read(off, "off", Saloon.SEAT), soon))
                .hasValueSatisfying(why -> assertThat(why).contains("6 min are left"));
        var later = NOON.plus(Duration.ofMinutes(10));
        assertThat(StepLogging.objection(off, read(off, "off", Saloon.SEAT), later))
                .isEmpty();
    }

    @Test
    void thePartThatComesOffEndsItsOwnSpell() {
        var job = car(false).after(new AtWork(new WorkBegun("Orla", Saloon.SEAT.value(), WorkKind.TAKING_OFF, NOON)));
        var other = job.after(StepLogging.log(job, read(job, "off", Saloon.SEAL), List.of(), "Orla", NOON));
        assertThat(other.work().runningFor("Orla")).isPresent();
        var done = job.after(
                StepLogging.log(job, read(job, "off", Saloon.SEAT), List.of("ab"), "Orla", NOON.plusSeconds(600)));
        assertThat(done.work().running()).isEmpty();
        assertThat(done.work().spells().getFirst().worked()).isEqualTo(Duration.ofMinutes(10));
        assertThat(done.album().of(Saloon.SEAT)).hasSize(1);
    }

    @Test
    void aCorrectionKeepsNumberAndPhotos() {
        var job = car(false);
        var logged =
                job.after(StepLogging.log(job, read(job, "5 screws, bag 3", Saloon.SILL), List.of("ab"), "Orla", NOON));
        var step = logged.strip().steps().getFirst();
        var right = logged.after(
                StepLogging.correct(step, read(logged, "6 screws, bag 3", Saloon.SILL), List.of("cd"), NOON));
        assertThat(right.strip().steps()).hasSize(1);
        assertThat(right.strip().steps().getFirst().cameOut()).isEqualTo(6);
        assertThat(right.strip().steps().getFirst().photos()).containsExactly("ab", "cd");
    }

    private static Reading read(Job job, String line, PartId part) {
        return Shorthand.read(line, part, job.cabin(), job.strip());
    }
}
