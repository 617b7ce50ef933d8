package welumen.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange;
import welumen.cabin.PartState;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.job.Job;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCabin;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;

class BriefTest {
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);

    private static Approval asked() {
        return new Approval(1, "wool or nylon?", List.of(Saloon.CARPET), DAY, new Approval.Answer.Awaited());
    }

    /** An open question shows wherever its part does: in its state, in what speaks against refit, in what can be done. */
    @Test
    void anOpenApprovalHoldsWhatDependsOnIt() {
        var job = Job.EMPTY
                .after(new InCabin(new CabinChange.PartsListed(Saloon.cabin().parts())))
                .after(new AtStrip(new StepLogged(Shorthand.read("off", Saloon.CARPET, Saloon.cabin(), Saloon.log())
                        .step(1, List.of()))))
                .after(new AtIntake(new ApprovalAsked(asked())));
        assertThat(job.stateOf(Saloon.CARPET)).isEqualTo(PartState.HELD);
        assertThat(job.signOff().objections(Saloon.CARPET)).hasSize(1);
        var answered = job.after(
                new AtIntake(new ApprovalAnswered(1, new Approval.Answer.Given(true, "wool, by telephone", DAY))));
        assertThat(answered.stateOf(Saloon.CARPET)).isEqualTo(PartState.OUT);
        assertThat(answered.signOff().objections(Saloon.CARPET)).isEmpty();
    }

    /** A change of mind is a new question in place of the old, and holds its parts again. */
    @Test
    void whatIsAskedAnewReplacesWhatWasAgreed() {
        var agreed = Brief.EMPTY
                .after(new ApprovalAsked(new Approval(
                        1, "the stitch", "sample 4", 0, List.of(Saloon.SEAT), DAY, new Approval.Answer.Awaited())))
                .after(new ApprovalAnswered(1, new Approval.Answer.Given(true, "", DAY)));
        assertThat(agreed.heldBy(Saloon.SEAT)).isEmpty();
        assertThat(agreed.replacementOf(1)).isEmpty();
        var anew = agreed.after(new ApprovalAsked(new Approval(
                2, "the stitch", "sample 5", 1, List.of(Saloon.SEAT), DAY, new Approval.Answer.Awaited())));
        assertThat(anew.replacementOf(1)).map(Approval::version).contains("sample 5");
        assertThat(anew.heldBy(Saloon.SEAT)).map(Approval::number).contains(2);
    }

    @Test
    void featuresAreLookedForNotGuessed() {
        assertThat(Brief.EMPTY.has("seat belts")).isEmpty();
        var looked = Brief.EMPTY.after(new FeatureLookedAt(new FeatureLook("seat belts", false, "no anchorages")));
        assertThat(looked.has("seat belts")).contains(false);
    }

    @Test
    void waysAndThingsComeAndGo() {
        var brief = Brief.EMPTY
                .after(new HouseWayChosen(HouseWay.KEEP_OLD_AS_PATTERN, true))
                .after(new HouseWayChosen(HouseWay.DRY_FIT_FIRST, true))
                .after(new HouseWayChosen(HouseWay.DRY_FIT_FIRST, false))
                .after(new ThingFound(new FoundThing(1, "two coins", "under the rear cushion", false)))
                .after(new ThingHandedBack(1));
        assertThat(brief.ways()).containsExactly(HouseWay.KEEP_OLD_AS_PATTERN);
        assertThat(brief.things().getFirst().handedBack()).isTrue();
        assertThatThrownBy(() -> brief.after(new ThingHandedBack(2))).hasMessageContaining("thing 2");
        assertThatThrownBy(() -> brief.after(new ApprovalAnswered(7, new Approval.Answer.Given(true, "", DAY))))
                .hasMessageContaining("approval 7");
    }
}
