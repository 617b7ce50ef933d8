package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.custody.Away;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;
import welumen.custody.Fate;
import welumen.custody.LeftOff;
import welumen.diary.OpenTasks;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.draft.DraftText;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.shape.Point;
import welumen.strip.Bag;
import welumen.strip.How;
import welumen.strip.Outcome;
import welumen.strip.Saloon;
import welumen.strip.Step;
import welumen.strip.StripChange.StepLogged;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.HoldPut;
import welumen.treatment.PriceList;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentHours;
import welumen.yard.Yard;

/** A log may hold what no window would write now: of a part that the car does not have, nothing may throw. */
class StrangeEntriesTest {
    private static final PartId STRANGE = new PartId("warp-drive");

    static Stream<JobChange> strange() {
        return Stream.of(
                new AtPattern(new PieceDrawn(DraftText.read("pad 300 x 200", STRANGE, "hide")
                        .orThrow()
                        .piece())),
                new AtSurvey(new FindingMade(
                        new Finding(1, STRANGE, FindingKind.HOLE, new Point(10, 10), 40, Severity.BAD, ""))),
                new AtSurvey(new FindingMade(
                        new Finding(1, STRANGE, FindingKind.RUST_THROUGH, new Point(10, 10), 40, Severity.BAD, ""))),
                new AtSurvey(new HoldPut(STRANGE, "damp")),
                new AtTreatment(new TreatmentChosen(STRANGE, Treatment.RECOVER, "")),
                new AtStrip(new StepLogged(new Step(
                        1, STRANGE, How.UNSCREW, Outcome.OFF, List.of(), "", new Bag.NotSaid(), "", "", List.of()))),
                new AtRefit(new PartPutBack(new PutBack(STRANGE, 0, ""))),
                new InCustody(new FateSaid(STRANGE, Fate.HAND_BACK, "")),
                new InCustody(new PartLeftOff(new LeftOff(STRANGE, "the loom", Saloon.SILL))),
                new InCustody(new SentAway(new Away(STRANGE, "at the platers", LocalDate.of(2026, 4, 20)))));
    }

    @ParameterizedTest
    @MethodSource("strange")
    void nothingThatIsAskedOfTheJobThrows(JobChange change) {
        var job = Job.EMPTY
                .after(new InCabin(new PartsListed(Saloon.cabin().parts())))
                .after(change);
        assertThatCode(() -> askEverything(job)).doesNotThrowAnyException();
        assertThat(Said.of(change, job.cabin())).isNotBlank();
    }

    private static void askEverything(Job job) {
        var terms = job.terms(TreatmentHours.USUAL, PriceList.USUAL);
        job.states();
        job.holds();
        job.frozen();
        job.undone();
        job.guarded();
        job.stops();
        job.toBeCut();
        job.drawnSince();
        job.signOff().stillOut().forEach(part -> job.signOff().objections(part));
        job.given(terms);
        job.approvalSheet(terms, LocalDate.of(2026, 4, 14));
        job.reopening(Saloon.MEMBER);
        OpenTasks.of(job.standing());
        Counts.of(job).said();
        CarWaits.of(job, LocalDate.of(2026, 4, 14));
        for (var stage : WorkStage.values()) Progress.of(job, stage);
        job.in(Yard.EMPTY, new UUID(1, 2));
        for (var part : List.of(Saloon.SILL, Saloon.CARPET)) {
            job.stateOf(part);
            job.advice(part, terms);
            job.measuredOf(part);
        }
    }
}
