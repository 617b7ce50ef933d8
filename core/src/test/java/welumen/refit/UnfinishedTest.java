package welumen.refit;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.strip.Saloon.CARPET;
import static welumen.strip.Saloon.MEMBER;
import static welumen.strip.Saloon.SEAL;
import static welumen.strip.Saloon.SEAT;
import static welumen.strip.Saloon.SILL;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartId;
import welumen.cabin.PartState;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.Fate;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.nest.Nester;
import welumen.cut.pieces.FromPattern;
import welumen.cut.stock.Stock;
import welumen.diary.OpenTasks;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.handover.Stop;
import welumen.job.Job;
import welumen.job.JobChange;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.draft.DraftText;
import welumen.refit.RefitChange.PartPutBack;
import welumen.refit.SignOff.Objection;
import welumen.shape.Point;
import welumen.strip.Saloon;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingPlaces;
import welumen.strip.line.Shorthand;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

/** What is not finished, what it covers, and what a find under fitted trim stops. */
class UnfinishedTest {
    private Job job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));

    UnfinishedTest() {
        for (var rule : Saloon.log().rules()) make(new AtStrip(new StripRuleNoted(rule)));
        for (var part : List.of(SEAL, SILL, SEAT, CARPET)) off(part);
    }

    private void make(JobChange change) {
        job = job.after(change);
    }

    private void off(PartId part) {
        make(new AtStrip(new StepLogged(Shorthand.read("off", part, job.cabin(), job.strip())
                .step(job.strip().nextStep(), List.of()))));
    }

    private void back(PartId part) {
        make(new AtRefit(new PartPutBack(new PutBack(part, 0, ""))));
    }

    private void found(PartId part, FindingKind kind, Severity severity) {
        make(new AtSurvey(new FindingMade(
                new Finding(job.survey().nextFinding(), part, kind, new Point(10, 10), 40, severity, ""))));
    }

    private List<Objection> against(PartId part) {
        return job.signOff().objections(part);
    }

    @Test
    void aPartThatIsChosenAndNotDoneGoesBackOnlyWithAWord() {
        make(new AtTreatment(new TreatmentChosen(CARPET, Treatment.CLEAN, "")));
        assertThat(against(CARPET)).singleElement().isInstanceOf(Objection.Unfinished.class);
        assertThat(against(CARPET).getFirst().stops()).isFalse();
        assertThat(against(CARPET).getFirst().wantsAWord()).isTrue();
        assertThat(job.signOff().canGoBack(CARPET)).isFalse();
        assertThat(tasks(CARPET))
                .filteredOn(task -> task.kind() == TaskKind.PUT_BACK)
                .singleElement()
                .satisfies(task -> assertThat(task.canBegin()).isFalse());
        back(CARPET);
        assertThat(job.stops())
                .as("in the car it is still not done")
                .contains(new Stop.Unfinished(Stop.Unfinished.Kind.UNTREATED, List.of(CARPET)));
        make(new AtTreatment(new TreatmentDone(CARPET)));
        assertThat(job.stops()).noneMatch(Stop.Unfinished.class::isInstance);
    }

    private List<Task> tasks(PartId part) {
        return OpenTasks.of(job.standing()).stream()
                .filter(task -> task.part().equals(Optional.of(part)))
                .toList();
    }

    @Test
    void aBadFindOfWhichNothingIsChosenKeepsItOutToo() {
        found(CARPET, FindingKind.TEAR, Severity.SLIGHT);
        assertThat(against(CARPET)).isEmpty();
        found(CARPET, FindingKind.HOLE, Severity.BAD);
        assertThat(against(CARPET))
                .singleElement()
                .isInstanceOfSatisfying(
                        Objection.Unfinished.class,
                        objection -> assertThat(objection.undone().said())
                                .isEqualTo("nothing is chosen for its hole, which is bad"));
        assertThat(job.stops()).contains(new Stop.Unfinished(Stop.Unfinished.Kind.UNDECIDED, List.of(CARPET)));
    }

    @Test
    void piecesThatAreDrawnAndNotCutKeepItOut() {
        make(new AtPattern(new PieceDrawn(
                DraftText.read("pad 300 x 200", CARPET, "loop carpet").orThrow().piece())));
        assertThat(against(CARPET)).containsExactly(new Objection.Unfinished(new Undone.Uncut(List.of("pad"))));
        make(new InCustody(new FateSaid(CARPET, Fate.SPARE, "")));
        assertThat(job.stops())
                .as("what is kept as a spare is not to be finished")
                .noneMatch(Stop.Unfinished.class::isInstance);
    }

    private void drawn(String line) {
        make(new AtPattern(new PieceDrawn(
                DraftText.read(line, CARPET, "loop carpet").orThrow().piece())));
    }

    @Test
    void aPieceThatWasCutAndIsDrawnOtherwiseSinceIsStillToBeCut() {
        drawn("pad 300 x 200");
        var roll = new Stock.Roll("roll", "loop carpet", 1400, 5000, 1, 0, 0);
        var problem = new CutProblem(3, FromPattern.pieces(job.patterns()), List.of(roll), List.of());
        make(new AtCut(
                new PlanAccepted(problem, Nester.untilAllLie(problem, NestOptions.USUAL.withRounds(1), () -> false))));
        make(new AtCut(new SheetCut("roll", List.of())));
        assertThat(against(CARPET)).isEmpty();
        make(new AtPattern(new PieceDropped(job.patterns().pieces().getFirst().id())));
        drawn("pad 300 x 210");
        assertThat(against(CARPET))
                .containsExactly(new Objection.Unfinished(new Undone.Uncut(List.of("pad as it is drawn now"))));
    }

    @Test
    void whatLiesInTheWayOfAnUnfinishedPartInTheCarGoesBackOnlyWithAWord() {
        back(CARPET);
        make(new AtTreatment(new TreatmentChosen(CARPET, Treatment.CLEAN, "")));
        assertThat(against(SILL))
                .containsExactly(new Objection.InTheWay(
                        CARPET, new Undone.Untreated(job.choices().words(CARPET))));
        assertThat(against(SEAL))
                .as("it laps the sill, and so the carpet")
                .anyMatch(Objection.InTheWay.class::isInstance);
    }

    @Test
    void rustUnderFittedTrimFreezesWhatLiesOverItAndSaysWhatMustComeOffAgain() {
        make(new AtStrip(new PlacesNoted(SILL, List.of(new FixingPlaces(3, FixingKind.RIVET, "", "")))));
        make(new AtStrip(new PlacesNoted(CARPET, List.of(new FixingPlaces(1, FixingKind.GLUE, "", "")))));
        for (var part : List.of(CARPET, SEAT, SILL)) back(part);
        found(MEMBER, FindingKind.RUST_THROUGH, Severity.BAD);
        assertThat(job.frozen().keySet()).containsExactlyInAnyOrder(CARPET, SEAT, SILL);
        assertThat(job.frozen().get(SEAT)).isEqualTo(new Frozen(MEMBER, "rust through"));
        assertThat(job.states()).containsEntry(SEAT, PartState.HELD).containsEntry(CARPET, PartState.HELD);
        assertThat(against(SEAL)).contains(new Objection.Held(MEMBER, "rust through"));
        var again = job.reopening(MEMBER).orElseThrow();
        assertThat(again.lines().stream().map(Reopening.Line::part).collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(SEAT, SILL, CARPET);
        assertThat(again.lines())
                .last()
                .satisfies(line -> assertThat(line.lost()).containsExactly("the bond of its glue"));
        assertThat(again.lines()).anySatisfy(line -> assertThat(line.lost()).containsExactly("3 rivets"));
        assertThat(again.back()).isGreaterThan(again.off());
        make(new AtSurvey(new HoldLifted(MEMBER, "a qualified welder")));
        assertThat(job.frozen()).isEmpty();
        assertThat(job.states()).containsEntry(SEAT, PartState.FITTED);
    }

    @Test
    void nothingIsRecommendedThatWouldBeInTheWayOfHotWork() {
        job = Job.EMPTY.after(new InCabin(new PartsListed(Saloon.cabin().parts())));
        off(SEAL);
        found(MEMBER, FindingKind.MOULD, Severity.BAD);
        assertThat(against(SEAL)).isEmpty();
        found(MEMBER, FindingKind.RUST_THROUGH, Severity.BAD);
        assertThat(against(SEAL)).containsExactly(new Objection.NearHotWork(MEMBER, "rust through"));
        assertThat(job.signOff().canGoBack(SEAL)).isFalse();
        make(new AtSurvey(new HoldLifted(MEMBER, "a qualified welder")));
        assertThat(job.signOff().canGoBack(SEAL)).isTrue();
    }
}
