package welumen.files.json;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.CabinChange.PartsListed;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.cut.CutChange.PlanAccepted;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.TermsSaid;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Turns;
import welumen.cut.leather.LeatherClass;
import welumen.cut.leather.LeatherTerms;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.intake.Approval;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.job.JobChange;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtPattern;
import welumen.job.JobChange.AtRefit;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.AtSurvey;
import welumen.job.JobChange.AtTreatment;
import welumen.job.JobChange.InCabin;
import welumen.job.JobChange.Together;
import welumen.pattern.Clearance;
import welumen.pattern.PatternChange.ClearanceMeasured;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.TrialNoted;
import welumen.pattern.Seam;
import welumen.pattern.Trial;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.refit.PutBack;
import welumen.refit.RefitChange.PartPutBack;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;
import welumen.strip.Bag;
import welumen.strip.How;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.fixing.Condition;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.treatment.Treatment;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;
import welumen.yard.YardChange;
import welumen.yard.YardChange.StockTakenIn;

/** What earlier versions wrote, and what it means now: a written workshop stays readable for ever. */
class EarlierVersionsTest {
    private static final PartId SILL = new PartId("left-sill-cover");
    private final ChangeJson json = new ChangeJson();

    /** The right side is what it means. */
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

    /** A seam did not say how it is sewn, a trial not what was tried, and a clearance held nothing back. */
    @Test
    void whatVersionSixNotedIsReadForEver() {
        var sewn = """
                {"is":"at-pattern","change":{"is":"seam-joined","seam":{"one":{"piece":"p","edge":0,"copy":0},\
                "other":{"piece":"q","edge":2,"copy":0},"easeMm":4.5,"isTopstitched":true,"matches":[]}}}""";
        assertThat(json.read(sewn, JobChange.class, 6))
                .isEqualTo(new AtPattern(
                        new SeamJoined(new Seam(new Seam.Side("p", 0), new Seam.Side("q", 2), 4.5, true))));
        var tried = """
                {"is":"at-pattern","change":{"is":"trial-noted","trial":{"piece":"p","number":1,"of":"CARD","changed":"",\
                "found":"short","settledHours":0.0,"isAccepted":true,"day":"2026-04-14"}}}""";
        assertThat(json.read(tried, JobChange.class, 6))
                .isEqualTo(new AtPattern(new TrialNoted(new Trial(
                        "p",
                        1,
                        Trial.Of.CARD,
                        "",
                        "short",
                        0,
                        true,
                        LocalDate.of(2026, 4, 14),
                        List.of(),
                        List.of()))));
        var measured = """
                {"is":"at-pattern","change":{"is":"clearance-measured","clearance":{"what":"lever","freeMm":22.0,\
                "neededMm":15.0,"grownMm":8.0}}}""";
        assertThat(json.read(measured, JobChange.class, 6))
                .isEqualTo(new AtPattern(new ClearanceMeasured(new Clearance("lever", 22, 15, 8, List.of()))));
    }

    /** A hide said neither what it is nor of which lot. */
    @Test
    void whatVersionSixHadInStockIsReadForEver() {
        var stock = """
                {"is":"stock-taken-in","stock":{"is":"hide","id":"hide 1","material":"sage hide","shape":{"outline":\
                {"corners":[[0.0,0.0],[900.0,0.0],[900.0,600.0]]},"holes":[]},"grade":1,"zones":[],\
                "stretch":{"is":"along","degrees":0.0,"within":0.0},"cost":310.0}}""";
        var shape = new Shape(new Outline(List.of(new Point(0, 0), new Point(900, 0), new Point(900, 600))));
        assertThat(json.read(stock, YardChange.class, 6))
                .isEqualTo(new StockTakenIn(
                        new Stock.Hide("hide 1", "sage hide", shape, 1, List.of(), new Stretch.Along(0, 0), 310)));
    }

    /** An offcut said neither what it is nor of which lot. */
    @Test
    void whatVersionSixCutIsReadForEver() {
        var cut = """
                {"is":"at-cut","change":{"is":"sheet-cut","stock":"hide 1","offcuts":[{"id":"hide 1, offcut 1",\
                "material":"sage hide","shape":{"outline":{"corners":[[0.0,0.0],[900.0,0.0],[900.0,600.0]]},"holes":[]},\
                "grade":1,"zones":[],"stretch":{"is":"any"},"cost":0.0}]}}""";
        var read = (SheetCut) ((AtCut) json.read(cut, JobChange.class, 6)).change();
        assertThat(read.offcuts())
                .singleElement()
                .satisfies(offcut -> assertThat(offcut.lot()).isEqualTo(Lot.UNKNOWN));
    }

    /** A roll was of no lot. */
    @Test
    void whatVersionSevenHadOnRollsIsReadForEver() {
        var stock = """
                {"is":"stock-taken-in","stock":{"is":"roll","id":"roll 1","material":"wool","width":1400.0,"length":9000.0,\
                "costPerMetre":42.0,"repeatX":0.0,"repeatY":76.0}}""";
        assertThat(json.read(stock, YardChange.class, 7))
                .isEqualTo(new StockTakenIn(new Stock.Roll("roll 1", "wool", 1400, 9000, 42, 0, 76)));
    }

    /** A roll was used from edge to edge. */
    @Test
    void whatVersionEightHadOnRollsIsReadForEver() {
        var written = """
                {"is":"stock-taken-in","stock":{"is":"roll","id":"roll 1","material":"wool",\
                "lot":{"dye":"W4","thicknessMm":0.0,"supplier":""},"width":1400.0,"length":9000.0,\
                "costPerMetre":42.0,"repeatX":0.0,"repeatY":76.0}}""";
        assertThat(json.read(written, YardChange.class, 8))
                .isEqualTo(new StockTakenIn(
                        new Stock.Roll("roll 1", "wool", new Lot("W4", 0, ""), 1400, 9000, 42, 0, 76, 0)));
    }

    /** A roll was sound. */
    @Test
    void whatVersionNineHadOnRollsIsReadForEver() {
        var written = """
                {"is":"stock-taken-in","stock":{"is":"roll","id":"roll 1","material":"wool",\
                "lot":{"dye":"W4","thicknessMm":0.0,"supplier":""},"width":1400.0,"length":9000.0,\
                "costPerMetre":42.0,"repeatX":0.0,"repeatY":76.0,"selvedge":15.0}}""";
        var roll = new Stock.Roll("roll 1", "wool", new Lot("W4", 0, ""), 1400, 9000, 42, 0, 76, 15);
        assertThat(json.read(written, YardChange.class, 9)).isEqualTo(new StockTakenIn(roll));
        var stained = new StockTakenIn(roll.flawed(List.of(Outline.rectangle(40, 60))));
        assertThat(json.read(json.write(stained, YardChange.class), YardChange.class, ChangeJson.VERSION))
                .isEqualTo(stained);
    }

    /** How leather is bought said neither what becomes pieces nor how large a hide is. */
    @Test
    void whatVersionTwelveSaidOfLeatherIsReadForEver() {
        var written = """
                {"is":"at-cut","change":{"is":"terms-said","material":"sage hide","terms":{"sold":"STANDARD","price":310.0,\
                "secondOrder":180.0,"days":7,"reserveMm2":1.1E6}}}""";
        assertThat(json.read(written, JobChange.class, 12))
                .isEqualTo(new AtCut(
                        new TermsSaid("sage hide", new LeatherTerms(LeatherClass.STANDARD, 310, 180, 7, 1.1e6, 0, 0))));
    }

    /** What was left of a cut was a hide always, and a piece lay with its middle on a pattern's line. */
    @Test
    void whatVersionSevenCutIsReadForEver() {
        var shape = """
                {"outline":{"corners":[[0.0,0.0],[900.0,0.0],[900.0,600.0]]},"holes":[]}""";
        var cut = """
                {"is":"at-cut","change":{"is":"sheet-cut","stock":"hide 1","offcuts":[{"id":"hide 1, offcut 1",\
                "material":"sage hide","kind":"OFFCUT","lot":{"dye":"27B","thicknessMm":1.2,"supplier":""},"shape":%s,\
                "grade":1,"zones":[],"stretch":{"is":"any"},"cost":0.0}]}}""".formatted(shape);
        var left = new Shape(new Outline(List.of(new Point(0, 0), new Point(900, 0), new Point(900, 600))));
        assertThat(json.read(cut, JobChange.class, 7))
                .isEqualTo(new AtCut(new SheetCut(
                        "hide 1",
                        List.of(new Stock.Hide(
                                "hide 1, offcut 1",
                                "sage hide",
                                Stock.Kind.OFFCUT,
                                new Lot("27B", 1.2, ""),
                                left,
                                1,
                                List.of(),
                                new Stretch.Any(),
                                0)))));
        var laid = """
                {"is":"at-cut","change":{"is":"plan-accepted","problem":{"gap":3.0,"pieces":[{"id":"p","shape":%s,"quantity":1,\
                "material":"","turns":{"is":"free"},"flip":false,"grade":4,"stretch":{"is":"any"},"pair":""}],"stock":[],\
                "pinned":[]},"plan":{"placements":[],"unplaced":[],"sheets":[],"rounds":1}}}""".formatted(shape);
        assertThat(json.read(laid, JobChange.class, 7))
                .isEqualTo(new AtCut(new PlanAccepted(
                        new CutProblem(
                                3,
                                List.of(new CutPiece(
                                        "p", left, 1, "", new Turns.Free(), false, 4, new Stretch.Any(), "")),
                                List.of(),
                                List.of()),
                        new CutPlan(List.of(), List.of(), List.of(), 1))));
    }
}
