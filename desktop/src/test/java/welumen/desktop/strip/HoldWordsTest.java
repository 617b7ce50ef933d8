package welumen.desktop.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.intake.FeatureLook;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.job.Job;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;
import welumen.strip.line.Shorthand;

/** The answers at the top of the Strip stage, as the sill comes off step by step. */
class HoldWordsTest {
    private static final PartId SILL = new PartId("sill");
    private static final PartId SEAL = new PartId("seal");

    private Job job = Job.EMPTY.after(
            new InCabin(new PartsListed(List.of(part(SILL, PartKind.SILL_COVER), part(SEAL, PartKind.DOOR_SEAL)))));

    private static Part part(PartId id, PartKind kind) {
        return new Part(id, id.value(), kind, Side.LEFT, Spot.SILL_LEFT, "", Supply.NOT_KNOWN);
    }

    private String answer() {
        return new HoldWords(job, SILL).answer();
    }

    private String advice() {
        return new HoldWords(job, SILL).advice();
    }

    private void log(PartId part, String line) {
        var reading = Shorthand.read(line, part, job.cabin(), job.strip());
        job = job.after(new AtStrip(new StepLogged(reading.step(job.strip().nextStep(), List.of()))));
    }

    /** While nobody has looked for the feature, both versions are said; then one. */
    @Test
    void saysBothVersionsUntilSomebodyHasLooked() {
        var seal = part(SEAL, PartKind.DOOR_SEAL).onlyWhere("a clip rail");
        job = job.after(new InCabin(new PartsListed(List.of(seal))))
                .after(new AtStrip(new StripRuleNoted(new StripRule(SILL, StripReason.COVERED_BY, SEAL))));
        assertThat(advice())
                .contains("Two versions: with “a clip rail” the seal comes off first, without it there is none");
        job = job.after(new AtIntake(new FeatureLookedAt(new FeatureLook("a clip rail", true, ""))));
        assertThat(advice()).doesNotContain("Two versions");
    }

    /** What is destroyed in taking off is to be at hand before. */
    @Test
    void saysWhatTakingOffDestroys() {
        job = job.after(new AtStrip(new PlacesNoted(SILL, List.of(new FixingPlaces(4, FixingKind.RIVET, "", "")))));
        assertThat(advice())
                .endsWith("Taking off destroys 4 rivets: have a new rivet, or screw and nut at hand first.");
    }

    @Test
    void tellsWhatStillHoldsFromTheFirstDayToTheLast() {
        assertThat(answer()).isEqualTo("Nothing that is known holds it.");
        assertThat(advice()).isEqualTo("No fixings are known yet.");
        job = job.after(new AtStrip(new PlacesNoted(
                        SILL,
                        List.of(
                                new FixingPlaces(6, FixingKind.SCREW, "no. 8", ""),
                                new FixingPlaces(2, FixingKind.TRIM_CLIP, "", "under the seal")))))
                .after(new AtStrip(new StripRuleNoted(new StripRule(SILL, StripReason.COVERED_BY, SEAL))));
        assertThat(answer()).isEqualTo("Eight fixings still hold it.");
        assertThat(advice())
                .isEqualTo("It is usually covered by the seal: take that off first. 0 of 8 fixings are out.");
        log(SILL, "6 screws no. 8");
        assertThat(answer()).isEqualTo("Two trim clips under the seal still hold it.");
        log(SILL, "1 clip under seal");
        assertThat(answer()).isEqualTo("One trim clip under the seal still holds it.");
        log(SILL, "1 clip under seal broken");
        assertThat(answer()).isEqualTo("The seal still holds it.");
        log(SEAL, "off");
        assertThat(answer()).isEqualTo("All its known fixings are out; look for one more.");
        log(SILL, "lifted, off");
        assertThat(answer()).isEqualTo("It is off.");
        assertThat(advice()).isEqualTo("8 fixings came out; 1 short.");
        job = job.after(new AtRefit(new PartPutBack(new PutBack(SILL, 7, "one clip on order"))));
        assertThat(answer()).isEqualTo("It is back in the car. Eight fixings still hold it.");
    }
}
