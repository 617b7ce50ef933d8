package welumen.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import welumen.cabin.CabinChange.PartStruckOff;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.care.CareChange.CautionSeen;
import welumen.care.Caution;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange;
import welumen.clock.ClockChange.ClockStarted;
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
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.StockSeen;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Stock;
import welumen.cut.Stretch;
import welumen.cut.Turns;
import welumen.cut.Zone;
import welumen.doubt.DoubtChange.Confirmed;
import welumen.doubt.DoubtChange.Guessed;
import welumen.doubt.Guess;
import welumen.evidence.Conclusion;
import welumen.evidence.Evidence;
import welumen.evidence.EvidenceChange.Concluded;
import welumen.evidence.EvidenceChange.EvidenceLogged;
import welumen.evidence.EvidenceChange.PhotoKept;
import welumen.evidence.EvidenceChange.PhotoMarked;
import welumen.evidence.Moment;
import welumen.evidence.PartPhoto;
import welumen.evidence.PhotoMark;
import welumen.evidence.Strength;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.HandoverChange.SignedFor;
import welumen.handover.SafetyCheck;
import welumen.intake.Agreement;
import welumen.intake.Approval;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.FeatureLook;
import welumen.intake.FoundThing;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.ApprovalReworded;
import welumen.intake.IntakeChange.ApprovalWithdrawn;
import welumen.intake.IntakeChange.CarBrought;
import welumen.intake.IntakeChange.CarDescribed;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.HouseWayLeftToYard;
import welumen.intake.IntakeChange.PartMissing;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
import welumen.intake.IntakeChange.ThingStruck;
import welumen.intake.IntakeChange.WishDropped;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.intake.Standard;
import welumen.job.JobChange;
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
import welumen.job.JobChange.InDoubt;
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.OnTheYardsRail;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WithCare;
import welumen.journal.StoreException;
import welumen.measure.Money;
import welumen.pattern.Clearance;
import welumen.pattern.Grain;
import welumen.pattern.Inside;
import welumen.pattern.KeepOut;
import welumen.pattern.Lesson;
import welumen.pattern.Likeness;
import welumen.pattern.Padding;
import welumen.pattern.Pairing;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.EdgeLeftLong;
import welumen.pattern.PatternChange.LessonLearnt;
import welumen.pattern.PatternChange.LessonTaken;
import welumen.pattern.PatternChange.LikenessDropped;
import welumen.pattern.PatternChange.LikenessWanted;
import welumen.pattern.PatternChange.PaddingSaid;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.PatternChange.StationMeasured;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Piece;
import welumen.pattern.Piercing;
import welumen.pattern.Relief;
import welumen.pattern.Seam;
import welumen.pattern.SideStation;
import welumen.pattern.Stitching;
import welumen.pattern.Trial;
import welumen.pattern.Under;
import welumen.pattern.draft.DraftText;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;
import welumen.strip.Bag;
import welumen.strip.Condition;
import welumen.strip.FixingKind;
import welumen.strip.FixingLot;
import welumen.strip.How;
import welumen.strip.Lap;
import welumen.strip.LooseGroup;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripChange.LapNoted;
import welumen.strip.StripChange.LapStruck;
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripChange.StripRuleStruck;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.survey.Station;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.FindingCorrected;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.FindingStruck;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.treatment.PriceList;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.PricesLeftToYard;
import welumen.treatment.TreatmentChange.PricesSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;

class ChangeJsonTest {
    private static final PartId SILL = new PartId("left-sill-cover");
    private final ChangeJson json = new ChangeJson();

    static Stream<JobChange> changes() {
        var lot = new FixingLot(2, FixingKind.TRIM_CLIP, "", "grey", "under “the” seal", Condition.BROKEN);
        var step = new Step(
                3,
                SILL,
                How.LEVER,
                Outcome.OFF,
                List.of(lot),
                "plastic lever",
                new Bag.Numbered(14),
                "mind\nthe wire",
                "a plate and epoxy",
                List.of("ab12"));
        var hide = new Stock.Hide(
                "h",
                "sage hide",
                new Shape(Outline.rectangle(2200.1, 2000.3)),
                1,
                List.of(new Zone(3, Outline.rectangle(10, 10))),
                new Stretch.Along(90, 0),
                310);
        var roll = new Stock.Roll("r", "wool", 1400, 12000, 42, 0, 75);
        var cut = new CutPiece(
                "p",
                new Shape(Outline.rectangle(1 / 3.0, 2)),
                2,
                "sage hide",
                new Turns.Listed(List.of(0.0, 12.5)),
                true,
                2,
                new Stretch.Any(),
                "");
        var plan = new CutPlan(
                List.of(new Placement("p", 1, "h", new Pose(0.1, 1e-7, 33.3, true))),
                List.of(new CutPlan.Unplaced("p", 2, "no room")),
                List.of(new CutPlan.SheetUse("h", 1.5, 2.5, 2.5, 0)),
                7);
        Piece piece = DraftText.read("facing 520 x 610, top 480", SILL, "sage hide")
                .orThrow()
                .piece();
        return Stream.of(
                new AtStrip(new StepLogged(step)),
                new AtStrip(new StripRuleNoted(new StripRule(SILL, StripReason.COVERED_BY, new PartId("seal")))),
                new InCabin(new PartsListed(List.of(new Part(
                        SILL,
                        "left sill cover",
                        PartKind.SILL_COVER,
                        Side.LEFT,
                        Spot.SILL_LEFT,
                        "",
                        Supply.NO_LONGER_MADE)))),
                new AtIntake(new CarTakenIn(
                        new Car("Varrow Selkie", 1963, "saloon", ""),
                        new Customer("x", "y"),
                        new Agreement(Standard.SHOW_CUSTOM, Money.of(6400, "GBP"), LocalDate.of(2026, 6, 12)))),
                new AtSurvey(new FindingMade(
                        new Finding(1, SILL, FindingKind.TEAR, new Point(0.1, 0.2), 30, Severity.BAD, "at the heel"))),
                new AtPattern(new PieceDrawn(piece)),
                new AtPattern(new SeamJoined(new Seam(new Seam.Side("p", 0), new Seam.Side("q", 2), 4.5, true))),
                new AtPattern(new PieceDropped("p")),
                new AtPattern(new EdgeLeftLong("p", 2, 30)),
                new AtPattern(new TrialNoted(new Trial(
                        "p",
                        1,
                        Trial.Of.DRY_FIT,
                        "sill edge",
                        "short",
                        12,
                        false,
                        LocalDate.of(2026, 4, 14),
                        List.of("cafe"),
                        List.of(new Point(0, 0), new Point(9, 0), new Point(0, 9))))),
                new AtPattern(new CutHeld("p", "the bezel")),
                new AtPattern(new CutFreed("p")),
                new AtPattern(new StationMeasured("p", new SideStation("dash to sill", 412, 380, "duct"))),
                new AtPattern(new ClearanceMeasured(new Clearance("handbrake", 22, 15, 6, List.of(SILL)))),
                new AtPattern(new PaddingSaid("p", new Padding(35, 20, 0.15, true, 40))),
                new AtPattern(new LikenessWanted(
                        new Likeness.Proportion("panel", 310, 620, 305, 640, 0.03, List.of("cafe")))),
                new AtPattern(
                        new LikenessWanted(new Likeness.LineAcross("waist line", 412, 2, 8, 415, 2.5, List.of()))),
                new AtPattern(new LikenessDropped("panel")),
                new AtPattern(new LessonLearnt(new Lesson(
                        "p",
                        List.of(new Lesson.Correction(1, -4, List.of(new Point(0, 0), new Point(10, 0)))),
                        "sill first",
                        95,
                        List.of()))),
                new AtPattern(new LessonTaken(0, "q")),
                new AtPattern(new PieceDrawn(piece.with(Inside.NOTHING.with(new Relief.Perforated(6, 2, 30))))),
                new AtPattern(new PieceDrawn(piece.with(Inside.NOTHING.with(new Relief.Pleated(40, 90, 15))))),
                new AtPattern(new PieceDrawn(piece.with(Inside.NOTHING
                        .with(new Piercing(
                                "screw", Piercing.Kind.PUNCHED, new Point(20, 30), 5, 0, Piercing.Made.IN_THE_CAR))
                        .with(new KeepOut(
                                "lever", new Outline(List.of(new Point(1, 1), new Point(9, 1), new Point(1, 9)))))
                        .with(new Relief.Quilted(new Point(3, 4), 5, 60, 50, 1.1, 1.2))))),
                new AtPattern(new SeamJoined(new Seam(
                        new Seam.Side("p", 0, 1),
                        new Seam.Side("q", 2),
                        4.5,
                        true,
                        List.of(new Seam.Match(10, 12)),
                        new Stitching(true, 5, "40 tan", "110", 2, 6, true, "swatch 3")))),
                new AtPattern(new SeamTakenApart(new Seam(new Seam.Side("p", 0), new Seam.Side("q", 2), 0, false))),
                new AtPattern(new PieceDrawn(new Piece(
                        "q",
                        SILL,
                        "q",
                        "m",
                        Pairing.LEFT_AND_RIGHT,
                        1,
                        new Grain.StretchAlong(90),
                        Under.FOAM,
                        piece.edges()))),
                new AtCut(new PlanAccepted(new CutProblem(2, List.of(cut), List.of(hide, roll), List.of()), plan)),
                new AtRefit(new PartPutBack(new PutBack(SILL, 8, ""))),
                new AtRefit(new PartPutBack(new PutBack(SILL, 2, List.of(lot), "one on order"))),
                new AtStrip(new StripRuleNoted(
                        new StripRule(SILL, StripReason.BUILT_INTO, List.of(new PartId("seal"), new PartId("dash"))))),
                new AtStrip(new LapNoted(new Lap(SILL, new PartId("seal"), 12.5, true))),
                new AtStrip(new LooseGroupNoted(new LooseGroup(List.of(SILL, new PartId("seal"))))),
                new AtStrip(new SideFirst(Side.RIGHT)),
                new InCabin(new PartStruckOff(SILL)),
                new AtIntake(new HouseWayChosen(HouseWay.DRY_FIT_FIRST, true)),
                new AtIntake(new QuestionLeftOpen(Question.SIDES)),
                new AtTreatment(new PricesSaid(new PriceList(52.5, 1.1, PriceList.USUAL.perSquareMetre()))),
                new AtIntake(new FeatureLookedAt(new FeatureLook("seat belts", true, "anchorages seen"))),
                new AtIntake(new ApprovalAsked(new Approval(
                        1, "wool?", List.of(SILL), LocalDate.of(2026, 4, 14), new Approval.Answer.Awaited()))),
                new AtIntake(new ApprovalAnswered(
                        1, new Approval.Answer.Given(true, "by telephone", LocalDate.of(2026, 4, 15)))),
                new AtIntake(new PartMissing(SILL, true)),
                new AtIntake(new ThingFound(new FoundThing(1, "two coins", "under the cushion", false))),
                new InAlbum(new EvidenceLogged(
                        new Evidence(1, "sage", "seam", "L 42", Strength.PROOF, List.of(SILL), List.of("ab12")))),
                new InAlbum(new PhotoKept(
                        new PartPhoto(SILL, "ab12", Moment.BEFORE, Instant.parse("2026-04-14T13:53:00Z")))),
                new InAlbum(new PhotoMarked(
                        "ab12",
                        List.of(
                                new PhotoMark.Arrow(new Point(0.1, 0.2), new Point(0.5, 0.5)),
                                new PhotoMark.Ring(new Point(0.5, 0.5), 0.1),
                                new PhotoMark.Numbered(new Point(0, 1), 3),
                                new PhotoMark.Written(new Point(0, 1), "clip")))),
                new AtWork(new WorkBegun("Orla", "left-sill-cover", WorkKind.TAKING_OFF, Instant.EPOCH)),
                new AtWork(new WorkEnded("Orla", Instant.EPOCH, Duration.ofMinutes(3))),
                new InCustody(new SentAway(new Away(SILL, "at the platers", LocalDate.of(2026, 4, 20)))),
                new InCustody(new CameBack(SILL)),
                new InCustody(new FateSaid(SILL, Fate.THROW_AWAY, "agreed by letter")),
                new InCustody(new PartLeftOff(new LeftOff(SILL, "the loom", new PartId("dash")))),
                new AtSurvey(new FindingMade(new Finding(
                        1,
                        SILL,
                        FindingKind.STAIN,
                        new Mark.Patch(Outline.rectangle(30, 20)),
                        30,
                        Severity.PLAIN,
                        "oil",
                        List.of("ab12")))),
                new AtSurvey(new FindingMade(new Finding(
                        2,
                        SILL,
                        FindingKind.LOOSE_GLUE,
                        new Mark.Run(List.of(new Point(1, 2), new Point(3, 4))),
                        30,
                        Severity.PLAIN,
                        "",
                        List.of()))),
                new AtSurvey(new FindingMade(new Finding(
                        4,
                        SILL,
                        FindingKind.TEAR,
                        new Mark.OnPhoto("ab12", new Point(0.25, 0.75), new Point(10, 20)),
                        30,
                        Severity.PLAIN,
                        "",
                        List.of("ab12")))),
                new AtSurvey(new LookedAt(SILL)),
                new AtTreatment(new PartStandardSaid(SILL, Standard.SHOW_CUSTOM)),
                new AtSurvey(new CauseCured(SILL, "a drain")),
                new AtSurvey(new PatinaGrouped(List.of(SILL))),
                new AtSurvey(new FitMeasured(SILL, List.of(new Station("tunnel", -6.5, 20)))),
                new AtIntake(new SchoolChosen(School.TEMPLATED)),
                new AtTreatment(
                        new TreatmentChosen(SILL, List.of(Treatment.RECOVER, Treatment.NEW_FOAM), "the plan", false)),
                new InAlbum(new Concluded(new Conclusion(SILL, "sage", Strength.PROOF, "Ada"))),
                new AtHandover(new Checked(new SafetyCheck(SILL, SafetyCheck.What.TORQUE), "Ada")),
                new AtHandover(new SignedFor("Mr Fenn")),
                new WithCare(new CautionSeen(Caution.LIFTING, "seat off")),
                new OnClock(new ClockStarted(new BenchClock(
                        "c", "sill", "lay", Instant.parse("2026-04-14T13:53:00.123456789Z"), Duration.ofMinutes(8)))),
                new Together(List.of(new AtStrip(new StepLogged(step)))));
    }

    /** What came with the yard: cars without an agreement, guesses, and things put right or struck out. */
    static Stream<JobChange> sinceTheYard() {
        var guess = new Guess(Guess.Kind.PLACES, SILL.value(), "1959 Corriden Plover, coupé");
        var car = new Car("Corriden Plover", 1959, "coupé", "");
        return Stream.of(
                new AtIntake(new CarBrought(car, new Customer("Ms Wren", ""))),
                new AtIntake(new CarDescribed(car, new Customer("Ms Wren", "by post"))),
                new AtIntake(new WishDropped("a hook")),
                new AtIntake(new HouseWayLeftToYard(HouseWay.DRY_FIT_FIRST)),
                new AtIntake(new ApprovalReworded(new Approval(
                        1, "cloth?", List.of(SILL), LocalDate.of(2026, 4, 14), new Approval.Answer.Awaited()))),
                new AtIntake(new ApprovalWithdrawn(1)),
                new AtIntake(new ThingStruck(1)),
                new AtSurvey(new FindingCorrected(
                        new Finding(1, SILL, FindingKind.TEAR, new Point(0.1, 0.2), 30, Severity.BAD, ""))),
                new AtSurvey(new FindingStruck(1)),
                new AtTreatment(new PricesLeftToYard()),
                new OnTheYardsRail(new ClockChange.ClockPutAway("c")),
                new AtCut(new StockSeen("hide 3", StockSeen.What.GONE)),
                new AtStrip(new StripRuleStruck(new StripRule(SILL, StripReason.FOULS, new PartId("seal")))),
                new AtStrip(new LapStruck(SILL, new PartId("seal"))),
                new InDoubt(new Guessed(List.of(guess))),
                new InDoubt(new Confirmed(List.of(guess))));
    }

    @ParameterizedTest
    @MethodSource("sinceTheYard")
    void whatCameWithTheYardComesBackAsItWas(JobChange change) {
        everyChangeComesBackAsItWas(change);
    }

    @ParameterizedTest
    @MethodSource("changes")
    void everyChangeComesBackAsItWas(JobChange change) {
        var text = json.write(change, JobChange.class);
        assertThat(json.read(text, JobChange.class, ChangeJson.VERSION)).isEqualTo(change);
    }

    @Test
    void whatIsMissingOrNewerIsCalledOut() {
        assertThatThrownBy(() -> json.read("{\"is\":\"at-refit\"}", JobChange.class, 1))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("change");
        assertThatThrownBy(() -> json.read("{\"is\":\"of-tomorrow\"}", JobChange.class, 1))
                .isInstanceOf(StoreException.class)
                .hasMessageContaining("of-tomorrow");
        assertThatThrownBy(() -> json.read("{}", JobChange.class, ChangeJson.VERSION + 1))
                .hasMessageContaining("newer Welumen");
    }
}
