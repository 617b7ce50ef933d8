package welumen.handover;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;
import welumen.custody.Fate;
import welumen.custody.LeftOff;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.HandoverChange.SignedFor;
import welumen.intake.FoundThing;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtHandover;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.refit.CountedIn;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.Saloon;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.line.Shorthand;
import welumen.survey.SurveyChange.HoldPut;

class GoingHomeTest {
    private static Job job(JobChange... changes) {
        var job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));
        for (var change : changes) job = job.after(change);
        return job;
    }

    private static Job off(Job job, PartId part, String line) {
        return job.after(new AtStrip(new StepLogged(Shorthand.read(line, part, job.cabin(), job.strip())
                .step(job.strip().nextStep(), List.of()))));
    }

    private static JobChange back(PartId part, int fixings) {
        return new AtRefit(new PartPutBack(new PutBack(part, fixings, "")));
    }

    @Test
    void aCarOfWhichNothingCameOffCanGoHome() {
        assertThat(job().stops()).isEmpty();
    }

    @Test
    void whatIsOutIsOneStopAndWhatWasLeftOffOnPurposeAnotherBeforeIt() {
        var left = new LeftOff(CARPET, "the loom", SILL);
        var job = off(off(job(), CARPET, "off"), SILL, "off").after(new InCustody(new PartLeftOff(left)));
        assertThat(job.stops()).containsExactly(new Stop.LeftOffStill(left), new Stop.StillOut(List.of(SILL)));
        assertThat(job.after(back(SILL, 0)).stops()).containsExactly(new Stop.LeftOffStill(left));
        assertThat(job.after(back(SILL, 0)).after(back(CARPET, 0)).stops()).isEmpty();
    }

    @Test
    void whatSomebodyElseHasAndWhatIsHeldStopIt() {
        var away = new Away(SILL, "at the platers", LocalDate.of(2026, 4, 20));
        var job = off(job(), SILL, "off")
                .after(new InCustody(new SentAway(away)))
                .after(new AtSurvey(new HoldPut(CARPET, "damp")));
        assertThat(job.stops()).containsExactly(new Stop.Held(List.of(CARPET), "damp"), new Stop.Elsewhere(away));
    }

    /** A spare is not waited for, and what was found in the car is the customer's. */
    @Test
    void whatIsKeptIsNotStillOutAndWhatWasFoundIsHandedBack() {
        var job = off(job(), SILL, "off")
                .after(new InCustody(new FateSaid(SILL, Fate.HAND_BACK, "")))
                .after(new AtIntake(new ThingFound(new FoundThing(1, "two coins", "under the seat", false))));
        assertThat(job.stops()).containsExactly(new Stop.NotHandedBack("two coins"));
        assertThat(job.after(new AtIntake(new ThingHandedBack(1))).stops()).isEmpty();
        assertThat(GoingHome.toHandBack(job.cabin(), job.signOff())).containsExactly("left sill cover");
    }

    @Test
    void leftOverFixingsStopItOnceEverythingIsBack() {
        var job = off(job(), SILL, "6 screws no. 8, bag 1, off");
        assertThat(job.stops()).containsExactly(new Stop.StillOut(List.of(SILL)));
        assertThat(job.after(back(SILL, 4)).stops())
                .singleElement()
                .isInstanceOfSatisfying(
                        Stop.FixingsOpen.class,
                        open -> assertThat(open.line().inHand()).isEqualTo(2));
        assertThat(job.after(back(SILL, 6)).stops()).isEmpty();
    }

    @Test
    void aSeatThatWasOffIsCheckedInSomebodysName() {
        var check = new SafetyCheck(SEAT, SafetyCheck.What.TORQUE);
        var job = off(job(), SEAT, "off").after(back(SEAT, 0));
        assertThat(job.stops()).containsExactly(new Stop.Unchecked(check));
        assertThatThrownBy(() -> job.after(new AtHandover(new Checked(check, " "))))
                .hasMessageContaining("by name");
        var home = job.after(new AtHandover(new Checked(check, "Ada"))).after(new AtHandover(new SignedFor("Mr Fenn")));
        assertThat(home.stops()).isEmpty();
        assertThat(home.handover().signedBy()).isEqualTo("Mr Fenn");
    }

    /** Glue in place of a clip, and a clip under a seal, are what nobody could know. */
    @Test
    void theNextTrimmerIsToldWhatChangedAndWhatHides() {
        var job = off(job(), SILL, "2 clips under seal, bag 1, off");
        var glue = CountedIn.read("2 glue", 2).understood().orElseThrow();
        var done = job.after(
                new AtRefit(new PartPutBack(new PutBack(SILL, glue.count(), glue.fixings(), "no clip to be had"))));
        var note = NextTrimmer.of(done.cabin(), done.strip(), done.choices(), done.refit());
        assertThat(note.notAsBefore())
                .singleElement()
                .asString()
                .contains("2 glued edges in place of what was there", "no clip to be had");
        assertThat(note.hidden()).singleElement().asString().contains("2 trim clips, under seal");
        assertThat(note.done()).isEmpty();
    }

    /** The switch comes later: its plug stays on the loom, labelled, and does not keep the car. */
    @Test
    void aLatePartsPlugDoesNotBarClosing() {
        var job = off(job(), SILL, "2 plugs, off").after(new InCustody(new FateSaid(SILL, Fate.SPARE, "")));
        var labelled = new SafetyCheck(SILL, SafetyCheck.What.PLUG_LABELLED);
        assertThat(job.stops()).as("a plug that nobody labelled is lost").containsExactly(new Stop.Unchecked(labelled));
        assertThat(job.after(new AtHandover(new Checked(labelled, "Ada"))).stops())
                .isEmpty();
        assertThat(NextTrimmer.of(job.cabin(), job.strip(), job.choices(), job.refit())
                        .hidden())
                .containsExactly("Left sill cover is not in: its plugs stay where they are, labelled");
        var forgotten = off(job(), SILL, "2 plugs, off").after(back(SILL, 0));
        assertThat(forgotten.stops())
                .as("the part is in, and its plugs are not")
                .singleElement()
                .isInstanceOf(Stop.FixingsOpen.class);
        var screws = off(job(), SILL, "2 screws no. 8, off").after(new InCustody(new FateSaid(SILL, Fate.SPARE, "")));
        assertThat(screws.stops()).singleElement().isInstanceOf(Stop.FixingsOpen.class);
    }
}
