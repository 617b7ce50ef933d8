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
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Stock;
import welumen.cut.Stretch;
import welumen.cut.Turns;
import welumen.cut.Zone;
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
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.IntakeChange.FeatureLookedAt;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.PartMissing;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.IntakeChange.ThingFound;
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
import welumen.job.JobChange.OnClock;
import welumen.job.JobChange.Together;
import welumen.job.JobChange.WithCare;
import welumen.journal.StoreException;
import welumen.measure.Money;
import welumen.pattern.Clearance;
import welumen.pattern.Edge;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Grain;
import welumen.pattern.Inside;
import welumen.pattern.KeepOut;
import welumen.pattern.Pairing;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.CutFreed;
import welumen.pattern.PatternChange.CutHeld;
import welumen.pattern.PatternChange.EdgeLeftLong;
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
import welumen.strip.StripChange.LooseGroupNoted;
import welumen.strip.StripChange.SideFirst;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.survey.Station;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.FitMeasured;
import welumen.survey.SurveyChange.LookedAt;
import welumen.survey.SurveyChange.PatinaGrouped;
import welumen.treatment.PriceList;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.PricesSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;

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
                        "p", 1, Trial.Of.DRY_FIT, "sill edge", "short", 12, false, LocalDate.of(2026, 4, 14)))),
                new AtPattern(new CutHeld("p", "the bezel")),
                new AtPattern(new CutFreed("p")),
                new AtPattern(new StationMeasured("p", new SideStation("dash to sill", 412, 380, "duct"))),
                new AtPattern(new ClearanceMeasured(new Clearance("handbrake", 22, 15, 6))),
                new AtPattern(new PieceDrawn(piece.with(Inside.NOTHING
                        .with(new Piercing(
                                "screw", Piercing.Kind.PUNCHED, new Point(20, 30), 5, 0, Piercing.Made.IN_THE_CAR))
                        .with(new KeepOut(
                                "lever", new Outline(List.of(new Point(1, 1), new Point(9, 1), new Point(1, 9)))))
                        .with(new Relief.Quilted(new Point(3, 4), 5, 60, 50, 1.1, 1.2))))),
                new AtPattern(new SeamJoined(new Seam(
                        new Seam.Side("p", 0, 1), new Seam.Side("q", 2), 4.5, true, List.of(new Seam.Match(10, 12))))),
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

    @ParameterizedTest
    @MethodSource("changes")
    void everyChangeComesBackAsItWas(JobChange change) {
        var text = json.write(change, JobChange.class);
        assertThat(json.read(text, JobChange.class, ChangeJson.VERSION)).isEqualTo(change);
    }

    /** A written workshop must stay readable: these were written by version 1, and the right side is what they mean. */
    @Test
    void whatVersionOneWroteIsReadForEver() {
        var step = """
                {"is":"at-strip","change":{"is":"step-logged","step":{"number":1,"part":"left-sill-cover","how":"LEVER",\
                "outcome":"OFF","fixings":[{"count":2,"kind":"TRIM_CLIP","size":"","colour":"grey","where":"","condition":"GOOD"}],\
                "tool":"","bag":{"is":"numbered","number":14},"note":"","photos":[]}}}""";
        assertThat(json.read(step, JobChange.class, 1))
                .isEqualTo(new AtStrip(new StepLogged(new Step(
                        1,
                        SILL,
                        How.LEVER,
                        Outcome.OFF,
                        List.of(new FixingLot(2, FixingKind.TRIM_CLIP, "", "grey", "", Condition.GOOD)),
                        "",
                        new Bag.Numbered(14),
                        "",
                        "",
                        List.of()))));
        var together = """
                {"is":"together","changes":[{"is":"at-strip","change":{"is":"strip-rule-noted","rule":\
                {"part":"left-sill-cover","reason":"COVERED_BY","by":"left-front-door-seal"}}},\
                {"is":"at-refit","change":{"is":"part-put-back","putBack":\
                {"part":"left-sill-cover","fixingsIn":15,"shortBecause":"one clip on order, two days"}}}]}""";
        assertThat(json.read(together, JobChange.class, 1))
                .isEqualTo(new Together(List.of(
                        new AtStrip(new StripRuleNoted(
                                new StripRule(SILL, StripReason.COVERED_BY, new PartId("left-front-door-seal")))),
                        new AtRefit(new PartPutBack(new PutBack(SILL, 15, "one clip on order, two days"))))));
        var listed = """
                {"is":"in-cabin","change":{"is":"parts-listed","parts":[{"id":"left-sill-cover","name":"left sill cover",\
                "kind":"SILL_COVER","side":"LEFT","spot":"SILL_LEFT","material":"ribbed aluminium","supply":"NO_LONGER_MADE"}]}}""";
        assertThat(json.read(listed, JobChange.class, 1))
                .isEqualTo(new InCabin(new PartsListed(List.of(new Part(
                        SILL,
                        "left sill cover",
                        PartKind.SILL_COVER,
                        Side.LEFT,
                        Spot.SILL_LEFT,
                        "ribbed aluminium",
                        Supply.NO_LONGER_MADE)))));
    }

    @Test
    void whatVersionTwoWroteIsReadForEver() {
        var asked = """
                {"is":"at-intake","change":{"is":"approval-asked","approval":{"number":1,"question":"wool or nylon?",\
                "holds":["left-sill-cover"],"asked":"2026-04-14","answer":{"is":"awaited"}}}}""";
        assertThat(json.read(asked, JobChange.class, 2))
                .isEqualTo(new AtIntake(new ApprovalAsked(new Approval(
                        1,
                        "wool or nylon?",
                        List.of(SILL),
                        LocalDate.of(2026, 4, 14),
                        new Approval.Answer.Awaited()))));
    }

    /** What was found had one place, and what was chosen stood with it. */
    @Test
    void whatVersionTwoFoundAndChoseIsReadForEver() {
        var found = """
                {"is":"at-survey","change":{"is":"finding-made","finding":{"number":3,"part":"left-sill-cover",\
                "kind":"SCUFF","at":[10.5,20],"sizeMm":30,"severity":"BAD","note":"by the door"}}}""";
        assertThat(json.read(found, JobChange.class, 2))
                .isEqualTo(new AtSurvey(new FindingMade(new Finding(
                        3, SILL, FindingKind.SCUFF, new Point(10.5, 20), 30, Severity.BAD, "by the door"))));
        var chosen = """
                {"is":"at-survey","change":{"is":"treatment-chosen","part":"left-sill-cover","treatment":"REFINISH",\
                "because":"it shows"}}""";
        assertThat(json.read(chosen, JobChange.class, 2))
                .isEqualTo(new AtTreatment(new TreatmentChosen(SILL, Treatment.REFINISH, "it shows")));
        var done = """
                {"is":"at-survey","change":{"is":"treatment-done","part":"left-sill-cover"}}""";
        assertThat(json.read(done, JobChange.class, 2)).isEqualTo(new AtTreatment(new TreatmentDone(SILL)));
    }

    /** What was a house way in version 3 answers a question now. */
    @Test
    void whatVersionThreeCalledAWayIsReadForEver() {
        var way = "{\"is\":\"at-intake\",\"change\":{\"is\":\"house-way-chosen\",\"way\":\"%s\",\"taken\":%s}}";
        assertThat(json.read(way.formatted("ONE_SIDE_AT_A_TIME", true), JobChange.class, 3))
                .isEqualTo(new AtIntake(new SchoolChosen(School.ONE_SIDE)));
        assertThat(json.read(way.formatted("ORIGINAL_FIXINGS", true), JobChange.class, 3))
                .isEqualTo(new AtIntake(new SchoolChosen(School.RIGHT_CLIP)));
        assertThat(json.read(way.formatted("BOTH_SIDES_TOGETHER", false), JobChange.class, 3))
                .isEqualTo(new AtIntake(new QuestionLeftOpen(Question.SIDES)));
        assertThat(json.read(way.formatted("DRY_FIT_FIRST", true), JobChange.class, 3))
                .isEqualTo(new AtIntake(new HouseWayChosen(HouseWay.DRY_FIT_FIRST, true)));
    }

    /** A piece held nothing but holes, and a seam's edge was one of one. */
    @Test
    void whatVersionFiveDrewIsReadForEver() {
        var drawn = """
                {"is":"at-pattern","change":{"is":"piece-drawn","piece":{"id":"p","part":"left-sill-cover","name":"p",\
                "material":"hide","pairing":"ONE","grade":2,"grain":{"is":"any-way"},"under":"NOTHING","edges":[\
                {"name":"e","line":[[0.0,0.0],[90.0,0.0],[90.0,90.0],[0.0,90.0]],"finish":"RAW","allowanceMm":0.0}],\
                "holes":[{"corners":[[10.0,10.0],[20.0,10.0],[20.0,20.0]]}]}}}""";
        var hole = new Outline(List.of(new Point(10, 10), new Point(20, 10), new Point(20, 20)));
        var line = List.of(new Point(0, 0), new Point(90, 0), new Point(90, 90), new Point(0, 90));
        assertThat(json.read(drawn, JobChange.class, 5))
                .isEqualTo(new AtPattern(new PieceDrawn(new Piece(
                                "p",
                                SILL,
                                "p",
                                "hide",
                                Pairing.ONE,
                                2,
                                new Grain.AnyWay(),
                                Under.NOTHING,
                                List.of(new Edge("e", line, EdgeFinish.RAW, 0)))
                        .with(Inside.holes(List.of(hole))))));
        var sewn = """
                {"is":"at-pattern","change":{"is":"seam-joined","seam":{"one":{"piece":"p","edge":0},\
                "other":{"piece":"q","edge":2},"easeMm":4.5,"isTopstitched":true}}}""";
        assertThat(json.read(sewn, JobChange.class, 5))
                .isEqualTo(new AtPattern(
                        new SeamJoined(new Seam(new Seam.Side("p", 0), new Seam.Side("q", 2), 4.5, true))));
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
