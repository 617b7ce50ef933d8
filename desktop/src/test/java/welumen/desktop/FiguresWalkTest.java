package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import welumen.cut.CuttingTable;
import welumen.intake.Standard;
import welumen.job.WorkStage;
import welumen.pattern.Seam;
import welumen.pattern.piece.EdgeFinish;
import welumen.survey.FindingKind;
import welumen.survey.Severity;

/** Rows of the needs that no written piece of work reaches, each on figures that were worked out by hand. */
class FiguresWalkTest extends OwnCarWalk {
    FiguresWalkTest() {
        super("1957", "Corvid Lapwing", "saloon");
    }

    @Test
    void atPattern() {
        bench.go(WorkStage.PATTERN);
        onlyTheHoleThatIsOffIsOff();
        theTurnIn();
        pleatsAndRowsOfHoles();
        foam();
        aProportion();
        piping();
        otherUnits();
        aLid();
    }

    private void punch(String piece, String... holes) {
        bench.click("edge-%s-0".formatted(car.piece(piece).id()));
        for (var hole : holes) bench.typeAndEnter("change-edge", "punched 8 at %s for clip".formatted(hole));
    }

    /** 4 mm along and 3 inward are 5; its neighbours are right. */
    private void onlyTheHoleThatIsOffIsOff() {
        car.draw("left-front-door-card", "door board 700 x 500");
        punch("door board", "100, 60", "350, 60", "600, 440");
        car.draw("left-front-door-card", "old board 700 x 500");
        punch("old board", "100, 60", "354, 57", "600, 440");
        bench.click("leaf-holes");
        bench.choose("holes-against", car.piece("old board").id());
        assertThat(bench.text("holes-answer")).contains("not all find their fellows on the old board");
        car.assertSays("5 mm off, 4 mm along and -3 mm inward");
        assertThat(car.says()).filteredOn("meets within 0 mm"::equals).hasSize(2);
    }

    /** 4 of board, 12 of padding, 22 behind it and half of π times the 1.4 of the cover: 40.2, cut as 40.5. */
    private void theTurnIn() {
        bench.click("leaf-boards");
        bench.typeAndEnter("board-thick", "4");
        bench.typeAndEnter("board-padding", "12");
        bench.typeAndEnter("cover-thick", "1.4");
        bench.typeAndEnter("turn-in", "22");
        bench.typeAndEnter("edge-rounded", "0");
        bench.click("wrap-all");
        assertThat(bench.text("boards-answer"))
                .startsWith("40.5 mm beyond the board")
                .contains("2.2 mm round its two rims, 40.2 mm in all, up to the next half; so it is cut");
    }

    /** Eleven folds of twice 12 mm; 49 and 48 holes in turn in 50 rows, 11 mm apart and 9.5 from row to row. */
    private void pleatsAndRowsOfHoles() {
        bench.click("leaf-pieces");
        car.draw("left-front-seat", "seat face 540 x 480");
        bench.click("leaf-quilting");
        bench.choose("relief-piece", car.piece("seat face").id());
        car.chooseNth("relief-kind", 2);
        bench.type("relief-size", "45 mm");
        bench.type("relief-hole", "12 mm");
        bench.click("sew-relief");
        assertThat(bench.text("relief-answer"))
                .contains("12 pleats of 45 mm, folded 12 mm under 11 times: 264 mm more cloth");
        car.assertSays("Cut the blank 824 mm by 500 mm");
        car.chooseNth("relief-kind", 4);
        bench.type("relief-size", "11 mm");
        bench.type("relief-degrees", "0");
        bench.type("relief-hole", "2 mm");
        bench.click("sew-relief");
        assertThat(bench.text("relief-answer"))
                .contains("2425 holes of 2 mm, 5 mm clear at both ends and 5.6 mm above and below")
                .contains("2.9 % open");
    }

    private void foam() {
        bench.click("leaf-foam");
        bench.choose("padding-piece", car.piece("seat face").id());
        bench.typeAndEnter("padding", "38 mm, 42 kg/m3, glued");
        car.assertSays("stands 38 mm high · 414 g"); // 0.54 × 0.48 × 0.038 × 42
    }

    private void aProportion() {
        bench.go(WorkStage.INTAKE);
        bench.click("leaf-asked");
        bench.typeAndEnter("likeness", "arm height to width 250 : 625, ours 250 : 640, within 2 %");
        car.assertSays("0.400 in the reference, 0.391 here: 2.3 % too small, 2 % may be; 256 mm in place of 250 mm");
        bench.go(WorkStage.PATTERN);
    }

    /** π × (4 + 1.1) round the cord and 10 mm on either side; 610 mm and 20 folded at both ends of 1,400. */
    private void piping() {
        bench.click("leaf-pieces");
        car.draw("left-front-seat", "band 610 x 90");
        bench.click("edge-%s-2".formatted(car.piece("band").id()));
        bench.choose("finish", EdgeFinish.PIPED);
        bench.click("leaf-strips");
        bench.typeAndEnter("piping-cord", "4 mm");
        bench.typeAndEnter("piping-cover", "1.1 mm");
        car.assertSays("Piping: 1 strip 36.0 mm wide, 36 mm of the stock, 0 joins, 750 mm of the last left");
    }

    private void otherUnits() {
        bench.robot.type(KeyCode.F5);
        bench.settle();
        bench.typeAndEnter("any-size", "1 3/16 in");
        assertThat(bench.text("other-units")).startsWith("30.16 mm; 1 3/16\", +0.00 mm");
        bench.typeAndEnter("any-size", "3.5 oz");
        assertThat(bench.text("other-units")).startsWith("1.39 mm").contains("leather 3½ oz");
        bench.typeAndEnter("any-size", "20 gauge");
        assertThat(bench.text("other-units")).startsWith("0.91 mm").contains("steel sheet 20 gauge, +0.00 mm");
    }

    /** √(250² + 32²) − 250 are 2.0, and the cover twice. */
    private void aLid() {
        bench.robot.type(KeyCode.F5);
        bench.pick("dash");
        bench.click("leaf-thickness");
        bench.typeAndEnter("lid-length", "250 mm");
        bench.typeAndEnter("lid-thick", "32 mm");
        bench.typeAndEnter("lid-cover", "1.2 mm");
        assertThat(bench.text("lid")).startsWith("4.4 mm between the bare edges");
    }

    /** Nothing is agreed: that is why nothing is advised. A part may have its standard all the same. */
    @Test
    void atSurvey() {
        var card = car.part("left-front-door-card");
        bench.go(WorkStage.SURVEY);
        bench.pick(card);
        find(FindingKind.HOLE);
        bench.click("leaf-what-to-do");
        car.assertSays("Nothing is agreed yet. Say at Intake to which standard the car is brought");
        bench.choose("part-standard", Standard.TIDY_AND_CHEAP);
        assertThat(bench.answer()).startsWith("Best: ");
        aBoughtCarpetIsTooShort();
        bench.go(WorkStage.INTAKE);
        bench.type("budget", "£3,400");
        bench.type("due", "2026-06-30");
        bench.click("agree");
        assertThat(bench.answer()).contains("for £3400.00, by Tue 30 Jun");
    }

    private void find(FindingKind kind) {
        bench.ask(() -> {
            bench.robot.lookup("#kind").<ComboBox<FindingKind>>query().setValue(kind);
            bench.robot.lookup("#severity").<ComboBox<Severity>>query().setValue(Severity.BAD);
            return null;
        });
        bench.click("mark-point");
        bench.click("part-felt");
        bench.typeAndEnter("finding-note", "lower edge");
    }

    /** 9 mm short under a lap of 15 are hidden, 12 under none are not. */
    private void aBoughtCarpetIsTooShort() {
        bench.pick(car.part("left-front-carpet"));
        bench.click("leaf-buy-or-make");
        for (var measure : List.of("tunnel over 14", "sill short 9, covered 15", "bulkhead short 12"))
            bench.typeAndEnter("stations", measure);
        assertThat(bench.text("fit-answer")).isEqualTo("It cannot be trimmed to fit: too short at bulkhead.");
        car.assertSays("sill short 9 mm, covered 15 mm: short, but hidden");
    }

    /** Eight mats of 640 × 830 with their allowances, two across a roll of 1,370. */
    @Test
    void atCutAndInTheStores() {
        bench.go(WorkStage.PATTERN);
        for (var side : List.of("left", "right"))
            for (var number : List.of("one", "two", "three", "four"))
                car.draw(side + "-front-carpet", "%s mat %s 620 x 810".formatted(side, number));
        bench.go(WorkStage.CUT);
        bench.click("leaf-at-the-table");
        assertThat(bench.text("table-answer")).startsWith("Nothing is laid out yet");
        bench.click("leaf-hides-and-rolls");
        bench.choose("stock-material", car.piece("left mat one").material());
        bench.typeAndEnter("stock-typed", "roll 1, 1.37 m wide, 9 m long, cost 42");
        bench.click("leaf-plan");
        bench.layOut("lay-out");
        assertThat(((CuttingTable.Laid) car.job().table()).plan().unplaced()).isEmpty();
        car.assertSays("8 pieces · 4.25 m² of 4.56 m² · 93.1 %");
        bench.click("leaf-at-the-table");
        bench.until(() -> car.says().contains("Roll 1, rest: 5.67 m at its whole width"));
        bench.click("hide-is-cut");
        bench.go(WorkStage.STORES);
        car.assertSays("cost of what is opened: £139.94"); // 3.332 m at 42
        car.assertSays("back of the carpet: 4.02 m² × 1 ÷ 3 m² a can = 1.34");
        car.assertSays("× 1.10 for waste ÷ 0.92 for the tail of the can = 2.80, so 3");
    }

    /** What may not be cut is not called missing; of a leather that is not here a strip can be worked already. */
    @Test
    void beforeAnyHideIsHere() {
        bench.go(WorkStage.INTAKE);
        bench.click("leaf-asked");
        bench.click("airbags-there");
        bench.go(WorkStage.PATTERN);
        car.draw("left-front-seat", "bolster 700 x 300");
        bench.go(WorkStage.CUT);
        assertThat(bench.answer()).isEqualTo("1 piece drawn, and none may be cut yet.");
        car.assertSays(
                "Bolster is not laid out: nothing is sewn or wrapped there before somebody qualified has answered");
        bench.click("leaf-leather");
        bench.typeAndEnter("strip-test", "steamed, marks 200, along 194, across 198, rested 12 h, tools darker");
        assertThat(car.job().cutLog().worked().tests())
                .singleElement()
                .matches(test -> test.material().equals(car.piece("bolster").material()));
        car.assertSays("shrinks 3.0 % along, shrinks 1.0 % across, rested 12 h");
    }

    /** Eleven came out, a clip broke: ten can go back, and two are bought with one to spare. */
    @Test
    void atStripAndRefit() {
        var sill = car.part("left-sill-cover");
        bench.go(WorkStage.STRIP);
        bench.pick(sill);
        bench.typeAndEnter("line", "5 screws no. 8, 1 worn, bag 2");
        bench.typeAndEnter("line", "4 trim clips grey, 1 broken, bag 2");
        bench.typeAndEnter("line", "off");
        car.assertSays("11 fixings came out; 1 short");
        bench.go(WorkStage.REFIT);
        bench.pick(sill);
        assertThat(bench.answer()).isEqualTo("It can go back, 1 fixing short.");
        car.assertSays("5 trim clips grey: 4 can go back, bag 2, buy 2");
        car.assertSays("24 h before it holds");
    }

    /** How a seam is sewn is typed of the one that was sewn last, stays shown, and stays where its ease is changed. */
    @Test
    void aSeamIsSpokenOfByItsEdges() {
        bench.go(WorkStage.PATTERN);
        car.draw("left-front-seat", "panel 500 x 400");
        car.draw("left-front-seat", "apron 500 x 200");
        car.draw("left-front-seat", "border 402 x 120");
        bench.click("leaf-seams");
        sew("panel", 0, "apron", 0);
        sew("panel", 1, "border", 0);
        bench.typeAndEnter(
                "stitching", "5 mm stitch, thread 40 red, needle 110, 2 rows 6 mm apart, tested on swatch 1");
        assertThat(bench.text("stitching-needs")).doesNotContain("wanted");
        bench.type("seam-ease", "2 mm");
        bench.click("sew-these");
        assertThat(car.job().patterns().seams())
                .hasSize(2)
                .filteredOn(seam -> seam.stitching().rows() == 2)
                .singleElement()
                .matches(seam -> seam.one().edge() == 1 && seam.easeMm() == 2);
    }

    /** What is sewn to an edge stays sewn to it when another is parted; of a parted edge itself it is said what is lost. */
    @Test
    void aSeamStaysWithItsEdgeAndIsNamedWhereItCannot() {
        bench.go(WorkStage.PATTERN);
        car.draw("left-front-seat", "panel 500 x 400");
        car.draw("left-front-seat", "border 402 x 120");
        bench.click("leaf-seams");
        sew("panel", 2, "border", 0);
        bench.click("leaf-pieces");
        split("panel", 0);
        assertThat(bench.text("trouble")).isEmpty();
        assertThat(car.job().patterns().seams())
                .singleElement()
                .matches(seam -> seam.one().edge() == 3, "the back edge is the fourth now");
        split("panel", 3);
        assertThat(car.job().patterns().seams()).isEmpty();
        assertThat(bench.text("trouble")).startsWith("Not sewn any more").contains("the panel", "the border");
    }

    private void split(String piece, int edge) {
        bench.click("edge-%s-%d".formatted(car.piece(piece).id(), edge));
        bench.typeAndEnter("change-edge", "split at 150");
    }

    private void sew(String one, int edge, String other, int otherEdge) {
        bench.choose("seam-one", new Seam.Side(car.piece(one).id(), edge));
        bench.choose("seam-other", new Seam.Side(car.piece(other).id(), otherEdge));
        bench.click("sew-these");
    }
}
