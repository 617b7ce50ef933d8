package welumen.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.PartState;
import welumen.cabin.Side;
import welumen.care.CareChange.CautionSeen;
import welumen.care.Caution;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockPutAway;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.UsualWait;
import welumen.clock.WorkChange.WorkBegun;
import welumen.clock.WorkChange.WorkEnded;
import welumen.clock.WorkKind;
import welumen.custody.Away;
import welumen.custody.CustodyChange.CameBack;
import welumen.custody.CustodyChange.FateSaid;
import welumen.custody.CustodyChange.PartLeftOff;
import welumen.custody.CustodyChange.SentAway;
import welumen.custody.Fate;
import welumen.custody.LeftOff;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CutChange.StockSeen;
import welumen.cut.CutChange.StockSentBack;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.evidence.Conclusion;
import welumen.evidence.Evidence;
import welumen.evidence.EvidenceChange.Concluded;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.EvidenceChange.PhotoMarked;
import welumen.evidence.Moment;
import welumen.evidence.PartPhoto;
import welumen.evidence.Strength;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.HandoverChange.SignedFor;
import welumen.handover.SafetyCheck;
import welumen.intake.Approval;
import welumen.intake.FeatureLook;
import welumen.intake.FoundThing;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.PartMissing;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingHandedBack;
import welumen.intake.IntakeChange.WishNoted;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtHandover;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.AtWork;
import welumen.job.JobChange.InAlbum;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.InCustody;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.OnTheYardsRail;
import welumen.job.JobChange.WithCare;
import welumen.pattern.Clearance;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Lesson;
import welumen.pattern.Likeness;
import welumen.pattern.Padding;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.PatternChange.EdgeLeftLong;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.PatternChange.LikenessDropped;
import welumen.pattern.PatternChange.LikenessWanted;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.SideStation;
import welumen.pattern.Trial;
import welumen.pattern.draft.DraftText;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.strip.FixingKind;
import welumen.strip.FixingPlaces;
import welumen.strip.Lap;
import welumen.strip.LooseGroup;
import welumen.strip.RefitLink;
import welumen.strip.RefitReason;
import welumen.strip.Saloon;
import welumen.strip.Shorthand;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.PlacesNoted;
import welumen.strip.StripChange.RefitLinkNoted;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.StripChange.StepCorrected;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.survey.QualifiedAnswer;
import welumen.survey.Station;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.HoldPut;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.survey.SurveyChange.QualifiedAnswered;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

class SaidAndProgressTest {
    private static final JobChange LISTED =
            new InCabin(new PartsListed(Saloon.cabin().parts()));
    private static final LocalDate DAY = LocalDate.of(2026, 4, 14);
    private static final Job JOB = Job.EMPTY.after(LISTED);

    static Stream<JobChange> changes() {
        var step = Shorthand.read("2 clips, bag 4", Saloon.SILL, JOB.cabin(), JOB.strip())
                .step(1, List.of());
        var piece =
                DraftText.read("cuff 100 x 50", Saloon.SEAT, "hide").orThrow().piece();
        var clock = new BenchClock("c", "Sill", "lay", Instant.EPOCH, UsualWait.EPOXY.lasts());
        return Stream.of(
                LISTED,
                new AtStrip(new StepLogged(step)),
                new AtStrip(new StepCorrected(step)),
                new AtStrip(new StripRuleNoted(new StripRule(Saloon.SILL, StripReason.FOULS, Saloon.SEAL))),
                new AtStrip(new RefitLinkNoted(new RefitLink(Saloon.SILL, RefitReason.HIDES, Saloon.SEAL))),
                new AtStrip(new PlacesNoted(Saloon.SILL, List.of(new FixingPlaces(2, FixingKind.SCREW, "", "")))),
                new AtTreatment(new TreatmentChosen(Saloon.SILL, Treatment.REFINISH, "")),
                new AtTreatment(new TreatmentDone(Saloon.SILL)),
                new AtTreatment(new PartStandardSaid(Saloon.SILL, Standard.SHOW_CUSTOM)),
                new AtSurvey(new LookedAt(Saloon.SILL)),
                new AtSurvey(new CauseCured(Saloon.SILL, "a drain that was blocked by leaves and old wax")),
                new AtSurvey(new PatinaGrouped(List.of(Saloon.SILL, Saloon.SEAT))),
                new AtSurvey(new FitMeasured(Saloon.SILL, List.of(new Station("tunnel", 12, 0)))),
                new AtIntake(new SchoolChosen(School.TEMPLATED)),
                new AtSurvey(new HoldPut(Saloon.SILL, "damp")),
                new AtSurvey(new HoldLifted(Saloon.SILL, "Ada")),
                new AtSurvey(new QualifiedAnswered(Saloon.SEAT, new QualifiedAnswer("Ms Teal, airbag fitter", true))),
                new AtPattern(new PieceDrawn(piece)),
                new AtPattern(new EdgeFinished(piece.id(), 0, EdgeFinish.HEM, 20)),
                new AtCut(new PlanAccepted(
                        new CutProblem(0, List.of(), List.of(), List.of()),
                        new CutPlan(List.of(), List.of(), List.of(), 0))),
                new AtPattern(new PieceDropped(piece.id())),
                new AtPattern(new EdgeLeftLong(piece.id(), 0, 30)),
                new AtPattern(new TrialNoted(
                        new Trial(piece.id(), 1, Trial.Of.CARD, "", "", 0, true, DAY, List.of(), List.of()))),
                new AtPattern(new CutHeld(piece.id(), "the bezel")),
                new AtPattern(new CutFreed(piece.id())),
                new AtPattern(new StationMeasured(piece.id(), new SideStation("dash to sill", 412, 380, ""))),
                new AtPattern(new ClearanceMeasured(new Clearance("lever", 22, 15, 6, List.of(Saloon.SILL)))),
                new AtPattern(new PaddingSaid(piece.id(), new Padding(45, 40, 0.12, true, 30))),
                new AtPattern(new LikenessWanted(new Likeness.LineAcross("waist line", 412, 2, 8, 415, 2, List.of()))),
                new AtPattern(new LikenessDropped("waist line")),
                new AtPattern(new LessonLearnt(new Lesson(piece.id(), List.of(), "sill first", 95, List.of()))),
                new AtPattern(new LessonTaken(0, piece.id())),
                new AtCut(new StockBrought(new Stock.Roll("roll 1", "wool", 1400, 9000, 42, 0, 75))),
                new AtCut(new StockSentBack("hide 2")),
                new AtCut(new StockSeen("hide 3", StockSeen.What.CAME_IN)),
                new AtCut(new SheetCut("hide 1", List.of())),
                new AtCut(new PieceSpoilt("left-facing", 1, "hide 1", "slipped")),
                new AtRefit(new PartPutBack(new PutBack(Saloon.SILL, 2, ""))),
                new AtStrip(new LapNoted(new Lap(Saloon.SILL, Saloon.CARPET, 18, false))),
                new AtStrip(new LooseGroupNoted(new LooseGroup(List.of(Saloon.SILL, Saloon.SEAL)))),
                new AtStrip(new SideFirst(Side.RIGHT)),
                new AtStrip(new SideFirst(Side.MIDDLE)),
                new InCabin(new PartStruckOff(Saloon.SILL)),
                new AtIntake(new WishNoted("a hook for the hat")),
                new AtIntake(new HouseWayChosen(HouseWay.DRY_FIT_FIRST, true)),
                new AtIntake(new HouseWayChosen(HouseWay.DRY_FIT_FIRST, false)),
                new AtIntake(new FeatureLookedAt(new FeatureLook("airbags", false, ""))),
                new AtIntake(new PartMissing(Saloon.SILL, true)),
                new AtIntake(new ApprovalAsked(
                        new Approval(1, "wool or nylon?", List.of(Saloon.CARPET), DAY, new Approval.Answer.Awaited()))),
                new AtIntake(new ApprovalAnswered(1, new Approval.Answer.Given(false, "nylon", DAY))),
                new AtIntake(new ThingFound(new FoundThing(1, "two coins", "under the seat", false))),
                new AtIntake(new ThingHandedBack(1)),
                new InCustody(new SentAway(new Away(Saloon.SILL, "at the platers", DAY))),
                new InCustody(new CameBack(Saloon.SILL)),
                new InCustody(new FateSaid(Saloon.SILL, Fate.SPARE, "")),
                new InCustody(new PartLeftOff(new LeftOff(Saloon.SILL, "the loom", Saloon.SEAL))),
                new InAlbum(new EvidenceLogged(
                        new Evidence(1, "sage", "seam", "", Strength.HINT, List.of(Saloon.SEAT), List.of()))),
                new InAlbum(new PhotoKept(new PartPhoto(Saloon.SILL, "ab", Moment.AFTER, Instant.EPOCH))),
                new InAlbum(new PhotoMarked("ab", List.of())),
                new AtWork(new WorkBegun("Orla", Saloon.SILL.value(), WorkKind.TAKING_OFF, Instant.EPOCH)),
                new AtWork(new WorkEnded("Orla", Instant.EPOCH, Duration.ZERO)),
                new WithCare(new CautionSeen(Caution.LIFTING, "seat off")),
                new InAlbum(new Concluded(new Conclusion(Saloon.SEAT, "sage", Strength.PROOF, "Ada"))),
                new AtHandover(new Checked(new SafetyCheck(Saloon.SEAT, SafetyCheck.What.TORQUE), "Ada")),
                new AtHandover(new SignedFor("Mr Fenn")),
                new OnClock(new ClockStarted(clock)),
                new OnTheYardsRail(new ClockStarted(clock)),
                new OnClock(new ClockPutAway("c")));
    }

    @ParameterizedTest
    @MethodSource("changes")
    void everyChangeIsSaidShortlyAndWithoutProgramSpeak(JobChange change) {
        var said = Said.of(change, JOB.cabin());
        assertThat(said).isNotBlank().hasSizeLessThan(70).doesNotContain("[", "null", "_", "record", "entity");
        assertThat(Character.isUpperCase(said.charAt(0))).isTrue();
    }

    @ParameterizedTest
    @EnumSource(WorkStage.class)
    void everyStageHasAProgressFromTheFirstDay(WorkStage stage) {
        for (var job : List.of(Job.EMPTY, JOB)) {
            var progress = Progress.of(job, stage);
            assertThat(progress.share()).isBetween(0.0, 1.0);
            assertThat(progress.attention()).isZero();
        }
    }

    @Test
    void aMissingBagAHoldAndAShortFixingWantAttention() {
        var job = JOB;
        for (var line : List.of("2 clips broken, off", "off"))
            job = job.after(new AtStrip(new StepLogged(Shorthand.read(line, Saloon.SILL, job.cabin(), job.strip())
                    .step(job.strip().nextStep(), List.of()))));
        job = job.after(new AtSurvey(new HoldPut(Saloon.CARPET, "damp")));
        assertThat(Progress.of(job, WorkStage.STRIP).attention()).isEqualTo(1);
        assertThat(Progress.of(job, WorkStage.STORES).attention()).isEqualTo(1);
        assertThat(Progress.of(job, WorkStage.DIARY).attention()).isEqualTo(1);
        assertThat(job.stateOf(Saloon.CARPET)).isEqualTo(PartState.HELD);
    }

    @Test
    void aStartedClockReplacesTheOneOfItsName() {
        var first = new BenchClock("c", "Sill", "lay", Instant.EPOCH, Duration.ofMinutes(8));
        var second = new BenchClock("c", "Sill", "lay", Instant.EPOCH.plusSeconds(60), Duration.ofMinutes(8));
        var job = JOB.after(new OnClock(new ClockStarted(first))).after(new OnClock(new ClockStarted(second)));
        assertThat(job.clocks().running()).containsExactly(second);
    }
}
