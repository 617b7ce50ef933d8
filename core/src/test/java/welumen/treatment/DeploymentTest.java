package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.diary.OpenTasks;
import welumen.diary.task.After;
import welumen.intake.FeatureLook;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.School;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.draft.DraftText;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.QualifiedAnswer;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.QualifiedAnswered;
import welumen.treatment.TreatmentChange.TreatmentChosen;

/** Where an airbag or a belt may be, nothing is sewn, filled, coated or wrapped before somebody qualified has answered. */
class DeploymentTest {
    private static final Set<Treatment> WHOLE =
            Set.of(Treatment.LEAVE, Treatment.CLEAN, Treatment.BUY_REPRODUCTION, Treatment.SEND_OUT);

    private Job job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));

    private void make(JobChange change) {
        job = job.after(change);
    }

    private void found(PartId part, FindingKind kind, String note) {
        make(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), part, kind, new Point(10, 10), 40, Severity.BAD, note))));
    }

    private List<Treatment> offered(PartId part) {
        return Candidates.of(
                        job.cabin().one(part), job.survey().on(part), job.terms(TreatmentHours.USUAL, PriceList.USUAL))
                .stream()
                .flatMap(way -> way.steps().stream())
                .toList();
    }

    @Test
    void inACarWithAirbagsASeatIsNeitherSewnNorCoatedUntilSomebodyHasAnswered() {
        found(SEAT, FindingKind.TEAR, "");
        assertThat(offered(SEAT)).contains(Treatment.RECOVER);
        make(new AtIntake(new FeatureLookedAt(new FeatureLook(FeatureLook.AIRBAGS, true, "seen"))));
        assertThat(job.guarded()).containsOnlyKeys(SEAT);
        assertThat(WHOLE).containsAll(offered(SEAT));
        make(new AtSurvey(new QualifiedAnswered(SEAT, new QualifiedAnswer("Ms Teal, airbag fitter", true))));
        assertThat(offered(SEAT)).contains(Treatment.RECOVER);
        make(new AtSurvey(new QualifiedAnswered(SEAT, new QualifiedAnswer("Ms Teal, airbag fitter", false))));
        assertThat(WHOLE).containsAll(offered(SEAT));
        assertThat(job.guarded().get(SEAT)).contains("Ms Teal");
    }

    @Test
    void noPieceForItIsCutEither() {
        var facing = DraftText.read("facing 300 x 200", SEAT, "vinyl").orThrow().piece();
        make(new AtPattern(new PieceDrawn(facing)));
        assertThat(job.toBeCut()).hasSize(1);
        found(SEAT, FindingKind.TEAR, "at the tear seam");
        assertThat(job.toBeCut()).isEmpty();
        assertThat(job.notCutBecause(facing)).singleElement().asString().contains("somebody qualified", "tear seam");
        make(new AtSurvey(new QualifiedAnswered(SEAT, new QualifiedAnswer("Ms Teal, airbag fitter", true))));
        assertThat(job.toBeCut()).hasSize(1);
    }

    @Test
    void noHouseWayStandsAgainstIt() {
        found(SEAT, FindingKind.TEAR, "beside the side airbag");
        var guarded = job.terms(TreatmentHours.USUAL, PriceList.USUAL).with(School.SEATS_RECOVERED);
        assertThat(Candidates.of(job.cabin().one(SEAT), job.survey().on(SEAT), guarded))
                .isNotEmpty()
                .allSatisfy(way -> assertThat(WHOLE).containsAll(way.steps()));
    }

    @ParameterizedTest
    @CsvSource({
        "beside the airbag, true",
        "where the air bag comes out, true",
        "AIRBAG mark on its edge, true",
        "over the deployment seam, true",
        "at the tear seam, true",
        "the seat belt has chafed it, true",
        "behind the pretensioner, true",
        "at the front edge, false",
        "under a bag of nails, false"
    })
    void aFindNearOneIsKnownByItsWords(String note, boolean guards) {
        found(SILL, FindingKind.SCUFF, note);
        assertThat(job.guarded().containsKey(SILL)).isEqualTo(guards);
        assertThat(job.guarded()).doesNotContainKey(CARPET);
        if (guards) assertThat(job.guarded().get(SILL)).contains(note);
    }

    @Test
    void whatWasChosenBeforeItWasKnownWaits() {
        found(SEAT, FindingKind.TEAR, "");
        make(new AtTreatment(new TreatmentChosen(SEAT, Treatment.RECOVER, "")));
        assertThat(gates()).isEmpty();
        found(SEAT, FindingKind.TEAR, "at the tear seam");
        assertThat(gates()).contains("qualified:" + SEAT);
        assertThat(job.terms(TreatmentHours.USUAL, PriceList.USUAL).guards(SEAT, List.of(Treatment.CLEAN)))
                .isEmpty();
    }

    /** What is done to the seat waits for. */
    private List<String> gates() {
        return OpenTasks.of(job.standing()).stream()
                .filter(task ->
                        task.id().startsWith("draw:" + SEAT) || task.id().startsWith("order:" + SEAT))
                .flatMap(task -> task.after().stream())
                .map(After::task)
                .filter(id -> id.startsWith("qualified"))
                .toList();
    }

    @Test
    void anAnswerHasAName() {
        assertThatThrownBy(() -> new QualifiedAnswer(" ", true)).hasMessageContaining("by name");
        assertThat(Deployment.guarded(job.cabin(), job.survey(), false)).isEqualTo(Map.of());
    }
}
