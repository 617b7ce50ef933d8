package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cabin.PartId;
import welumen.job.WorkStage;
import welumen.pattern.Patterns;
import welumen.pattern.ReadyToCut;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.NotchMove;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;

/** A console that nobody sells, kick panels that are cousins, and diamonds from the bench to the doors: by the real interface. */
class PlanningWalkTest {
    private static final PartId CONSOLE = new PartId("console");

    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void openThePlans() {
        bench = Workbench.open(home);
        bench.ask(() -> {
            bench.model().open(bench.model().yard().state().garage().all().get(2));
            return null;
        });
        bench.go(WorkStage.PATTERN);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private Patterns patterns() {
        return bench.ask(() -> bench.model().job().patterns());
    }

    private Piece piece(String name) {
        return patterns().pieces().stream()
                .filter(piece -> piece.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** @param which of what can be sewn in, from 0 */
    private void sewIn(int which) {
        bench.choose(
                "relief-kind",
                bench.ask(() -> bench.robot
                        .lookup("#relief-kind")
                        .<ComboBox<Object>>query()
                        .getItems()
                        .get(which)));
    }

    private void takeBack() {
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        bench.settle();
    }

    @Test
    void theOtherJobsPieceIsShownAsItIs() {
        bench.pick("left-kick-panel");
        assertThat(bench.text("piece-name")).isEqualTo("Left kick panel");
        bench.pick("console");
        assertThat(bench.text("piece-name")).isEqualTo("Console top");
    }

    /** A card of five measures, an edge bowed, a hole, and a corner dragged by the pen. */
    @Test
    void aCardIsDrawnAndChangedByTypedLinesAndByPen() {
        bench.pick(CONSOLE.value());
        bench.typeAndEnter("draw", "side panel AB 420, BC 310, CD 400, DA 305, AC 520");
        var drawn = piece("side panel");
        assertThat(drawn.lengthMm(0)).isCloseTo(420, within(0.1));
        assertThat(bench.text("piece-facts")).contains("agree");
        bench.typeAndEnter("change-edge", "bow 12");
        assertThat(piece("side panel").lengthMm(0)).isGreaterThan(420.5);
        bench.typeAndEnter("change-edge", "punched 5 at 40, 60 for console screw");
        assertThat(piece("side panel").inside().piercings()).hasSize(1);
        bench.typeAndEnter("change-edge", "make it nicer");
        assertThat(bench.text("pattern-wrong")).contains("nothing that can be done");
        var before = piece("side panel").run(0).getFirst();
        var handle = bench.reveal("corner-" + drawn.id() + "-0");
        bench.robot.drag(handle).dropBy(-14, 10);
        bench.settle();
        var after = piece("side panel").run(0).getFirst();
        assertThat(after.x()).isLessThan(before.x());
        assertThat(after.y()).isLessThan(before.y());
        takeBack();
        assertThat(piece("side panel").run(0).getFirst()).isEqualTo(before);
        var length = piece("side panel").lengthMm(0);
        var knob = bench.reveal("handle-" + drawn.id() + "-0-first");
        bench.robot.drag(knob).dropBy(6, 26);
        bench.settle();
        assertThat(piece("side panel").lengthMm(0)).isNotCloseTo(length, within(0.5));
        assertThat(piece("side panel").run(0).getFirst()).isEqualTo(before);
    }

    /** A notch for a pipe goes along its edge by the pen, as wide as it was; a click beside an edge means that edge. */
    @Test
    void aNotchIsDraggedAlongItsEdge() {
        bench.pick(CONSOLE.value());
        bench.typeAndEnter("draw", "floor cover 600 x 400");
        bench.typeAndEnter("change-edge", "notch 60 x 40 at 300");
        var notch = "#notch-" + piece("floor cover").id() + "-1";
        bench.until(() -> bench.robot.lookup(notch).tryQuery().isPresent());
        bench.robot.moveTo(notch); // the felt has been laid out for good by then
        var before = piece("floor cover");
        bench.robot.drag(notch).dropBy(25, 14);
        bench.settle();
        var after = piece("floor cover");
        assertThat(NotchMove.middleMm(after, 1)).isGreaterThan(NotchMove.middleMm(before, 1) + 10);
        assertThat(after.lengthMm(1)).isCloseTo(before.lengthMm(1), within(1e-6));
        var right = bench.reveal("edge-%s-3".formatted(after.id()));
        bench.robot.clickOn(bench.robot.offset(right, -14, 0));
        bench.settle();
        assertThat(bench.text("edge-name")).contains("right");
    }

    @Test
    void aPieceIsCutInTwoAndMadeOneAgain() {
        bench.pick("bench-cushion");
        bench.click("change-edge-cut-in-two");
        bench.robot.type(KeyCode.ENTER);
        bench.settle();
        assertThat(patterns().pieces())
                .extracting(Piece::name)
                .contains("bench centre, left half", "bench centre, right half");
        assertThat(patterns().seams()).hasSize(1);
        bench.click("leaf-seams");
        assertThat(bench.text("seams-answer")).contains("1 seam, and all of them walk");
        bench.click("leaf-pieces");
        var half = piece("bench centre, left half");
        bench.click("edge-%s-%d".formatted(half.id(), half.edges().size() - 1));
        bench.click("tool-make-one");
        assertThat(patterns().pieces()).extracting(Piece::name).contains("bench centre");
        assertThat(patterns().seams()).isEmpty();
    }

    @Test
    void theConsoleWaitsForItsBezelAndIsTriedInCard() {
        bench.pick(CONSOLE.value());
        bench.click("leaf-boards");
        assertThat(bench.text("boards-answer"))
                .contains("31 mm beyond the board")
                .contains("so it is cut");
        assertThat(bench.text("drop-in")).as("no example is a fact").startsWith("Type how wide");
        assertThat(bench.text("boards-guesses"))
                .contains("nobody has confirmed")
                .contains("board thick 6 mm");
        bench.typeAndEnter("opening-wide", "182");
        bench.typeAndEnter("opening-high", "240");
        bench.ask(
                () -> { // while the field still has the focus
                    bench.model().pickedProperty().set(new PartId("left-kick-panel"));
                    return null;
                });
        assertThat(bench.field("opening-high"))
                .as("of the console, and of no other part")
                .isEmpty();
        bench.pick(CONSOLE.value());
        assertThat(bench.field("opening-high")).isEqualTo("240 mm");
        assertThat(bench.text("drop-in"))
                .contains("176.2 mm by 234.2 mm")
                .contains("182.0 − 2 × (1.2 + 1.2 + 0.5) = 176.2");
        bench.typeAndEnter("edge-rounded", "3 mm");
        assertThat(bench.text("boards-answer")).contains("28.5 mm").contains("-0.7 mm round its two rims");
        bench.typeAndEnter("edge-rounded", "0");
        bench.typeAndEnter("turn-in", "25 mm");
        assertThat(bench.text("boards-answer")).contains("36 mm").contains("not cut so yet");
        bench.click("take-allowance");
        assertThat(piece("console top").edges())
                .allMatch(edge -> edge.allowanceMm() == 36 && edge.finish() == EdgeFinish.WRAPPED);

        assertThat(bench.text("drop-in")).contains("recess 4.2 mm deep");
        bench.click("line-back");
        assertThat(piece("console top, back").net().area())
                .isLessThan(piece("console top").net().area());

        bench.click("leaf-trials");
        bench.choose("trial-piece", piece("console insert").id());
        assertThat(bench.text("trials-answer")).contains("not cut yet: it waits for the bezel");
        bench.click("cut-freed");
        assertThat(bench.text("trials-answer")).contains("Version 4").contains("accepted");
        bench.type("trial-found", "bezel is 2 mm wider than said");
        bench.click("trial-photo");
        bench.click("note-trial");
        assertThat(patterns().known().trials().getLast().photos()).hasSize(1);
        assertThat(bench.text("trials-answer")).contains("trial 5 was not accepted");
        assertThat(ReadyToCut.reasons(patterns(), piece("console insert"))).hasSize(1);
    }

    @Test
    void theKickPanelsAreCousins() {
        bench.pick("left-kick-panel");
        bench.click("leaf-two-sides");
        assertThat(bench.text("sides-answer")).contains("differ at").contains("2 stations");
        bench.typeAndEnter("side-station", "dash to sill 412 / 380, because the duct comes down there");
        bench.typeAndEnter("side-station", "bulkhead to pillar 398 / 391, because of the pipe");
        assertThat(bench.text("sides-answer")).doesNotContain("station");
        assertThat(ReadyToCut.reasons(patterns(), piece("left kick panel"))).isEmpty();
        bench.typeAndEnter("side-station", "nonsense");
        assertThat(bench.text("sides-answer")).contains("dash to sill 412 / 380");

        bench.click("leaf-holes");
        assertThat(bench.text("holes-answer")).startsWith("3 holes");
        bench.choose("holes-against", piece("right kick panel").id());
        assertThat(bench.text("holes-answer")).contains("fellows on the right kick panel");
    }

    @Test
    void diamondsGoOnFromTheBenchToTheDoor() {
        bench.pick("bench-cushion");
        bench.click("leaf-quilting");
        assertThat(bench.text("relief-answer")).startsWith("Diamonds");
        bench.click("carry-relief");
        assertThat(bench.text("relief-answer")).contains("rows meet within");
        sewIn(1);
        bench.type("relief-size", "60 mm");
        bench.type("relief-swatch", "220 to 200");
        bench.click("sew-relief");
        assertThat(piece("bench centre").inside().surface()).isEqualTo(new Surface.Fluted(60, 90, 1.1));
        assertThat(bench.text("relief-answer")).contains("20 flutes of 59 mm");
        sewIn(2);
        bench.type("relief-hole", "15 mm");
        bench.click("sew-relief");
        assertThat(piece("bench centre").inside().surface()).isEqualTo(new Surface.Pleated(60, 90, 15));
        assertThat(bench.text("relief-answer"))
                .contains("20 pleats of 59 mm, folded 15 mm under 19 times: 570 mm more cloth");
        sewIn(1);
        bench.type("relief-swatch", "a lot");
        bench.click("sew-relief");
        assertThat(bench.text("relief-answer")).contains("220 to 200");
    }

    @Test
    void aThickerFloorIsReckonedAndWhatMovesIsWatched() {
        bench.pick(CONSOLE.value());
        bench.click("leaf-thickness");
        assertThat(bench.text("thickness-answer")).as("no example is a fact").startsWith("Nobody has said");
        assertThat(bench.text("rivet")).isEmpty();
        bench.typeAndEnter("bends", "4 sharp hollows, 2 ridges");
        bench.typeAndEnter("build-up-now", "2 + 16 crushed 30 %");
        assertThat(bench.text("thickness-answer"))
                .contains("13.2 mm thicker")
                .contains("64 mm shorter")
                .contains("no pattern");
        bench.typeAndEnter("rivet-stack", "3 + 3 + 1.2 + 3 + 9");
        assertThat(bench.text("rivet")).contains("22.2 mm").contains("25 mm");
        bench.typeAndEnter("lid-length", "300 mm");
        bench.typeAndEnter("lid-thick", "40 mm");
        assertThat(bench.text("lid"))
                .startsWith("5.1 mm between the bare edges")
                .contains("13.2 mm");
        bench.robot.type(KeyCode.F5);
        bench.settle();
        bench.typeAndEnter("any-size", "16 gauge");
        assertThat(bench.text("other-units")).startsWith("1.52 mm").contains("leather 4 oz");
        bench.typeAndEnter("clearance", "door to seal 6 free, 4 needed, 3 taken");
        assertThat(patterns().known().clearances()).anyMatch(one -> !one.isKept());
        assertThat(bench.ask(() ->
                        bench.robot.lookup("#clearances .danger").queryAll().size()))
                .isEqualTo(1);
        bench.typeAndEnter("bends", "a few");
        assertThat(bench.text("thickness-answer")).contains("is no bend");
        bench.restart();
        bench.go(WorkStage.PATTERN);
        bench.pick(CONSOLE.value());
        bench.click("leaf-thickness");
        assertThat(bench.text("thickness-answer")).as("kept with the part").contains("13.2 mm thicker");
        assertThat(bench.field("lid-thick")).isEqualTo("40 mm");
        bench.pick("left-kick-panel");
        assertThat(bench.text("thickness-answer")).as("and not of any other").startsWith("Nobody has said");
        assertThat(bench.field("lid-thick")).isEmpty();
        bench.pick(CONSOLE.value());
        bench.click("leaf-trials");
        assertThat(bench.text("trials-answer")).contains("so it is no pattern");
        bench.typeAndEnter("cut-because", "the new one is cut long and fitted");
        assertThat(bench.text("trials-answer")).doesNotContain("so it is no pattern");
    }

    /** What AB taught on the left is taken over by the right, and then the left is put right too. */
    @Test
    void theSecondSideIsBetterThanTheFirst() {
        bench.pick("left-kick-panel");
        bench.click("leaf-two-sides");
        var left = piece("left kick panel").net().area();
        var right = piece("right kick panel").net().area();
        bench.click("take-lesson-" + piece("right kick panel").id());
        assertThat(piece("right kick panel").net().area()).isGreaterThan(right + 900);
        bench.click("take-lesson-" + piece("left kick panel").id());
        assertThat(piece("left kick panel").net().area()).isGreaterThan(left + 900);
        bench.typeAndEnter("lesson", "the moon 6 longer");
        assertThat(bench.text("sides-answer")).contains("No edge").contains("AB");
        bench.typeAndEnter("lesson", "BC 4 shorter, took 2 h");
        assertThat(patterns().known().lessons().getLast().minutes()).isEqualTo(120);
    }

    @Test
    void theFoamIsListedAndCutFromSheets() {
        bench.pick("bench-cushion");
        bench.click("leaf-foam");
        assertThat(bench.text("padding-answer")).contains("2 pieces of padding");
        bench.until(
                () -> bench.robot.lookup("#padding-sheets .label").queryAll().size() == 4);
        bench.choose("padding-piece", piece("bench centre").id());
        bench.typeAndEnter("padding", "soft");
        assertThat(bench.text("padding-answer")).contains("20 mm, 35 kg/m3");
        bench.typeAndEnter("padding", "1/2 in, 35 kg/m3, glued");
        assertThat(patterns().known().paddings().get(piece("bench centre").id()).thicknessMm())
                .isEqualTo(12.7);
        assertThat(bench.text("padding-answer")).contains("3 pieces of padding");
    }

    @Test
    void aDesignIsHeldAgainstItsReference() {
        bench.go(WorkStage.INTAKE);
        bench.pick(CONSOLE.value());
        bench.click("leaf-asked");
        assertThat(bench.text("likeness-answer")).isEqualTo("2 measures, 2 of them off.");
        bench.typeAndEnter("likeness", "console height to width 310 : 620, ours 320 : 640, within 3 %");
        assertThat(bench.text("likeness-answer")).isEqualTo("2 measures, 1 of them off.");
        bench.click("likeness-photo-waist-line");
        assertThat(patterns().known().likenesses().getLast().photos()).hasSize(1);
        bench.typeAndEnter("likeness", "it should look right");
        assertThat(bench.text("likeness-answer")).contains("Type a proportion as");
    }

    /** Thread, needle and rows of a seam, which say what they take. */
    @Test
    void aSeamSaysHowItIsSewn() {
        bench.pick("bench-cushion");
        bench.click("change-edge-cut-in-two");
        bench.robot.type(KeyCode.ENTER);
        bench.settle();
        bench.click("leaf-seams");
        assertThat(bench.text("stitching-needs")).contains("still wanted: thread, needle, a test piece");
        bench.typeAndEnter(
                "stitching", "5 mm stitch, thread 40 rust, needle 110, 2 rows 6 mm apart, tested on swatch 2");
        assertThat(patterns().seams().getFirst().stitching().rows()).isEqualTo(2);
        assertThat(bench.text("stitching-needs")).doesNotContain("wanted");
        bench.typeAndEnter("stitching", "as always");
        assertThat(bench.text("seams-answer")).contains("says nothing about a seam");
    }

    @Test
    void rowsOfHolesKeepClearOfTheSeams() {
        bench.pick("bench-cushion");
        bench.click("leaf-quilting");
        sewIn(4);
        bench.type("relief-size", "12 mm");
        bench.type("relief-degrees", "0");
        bench.click("sew-relief");
        assertThat(piece("bench centre").inside().surface()).isEqualTo(new Surface.Perforated(12, 2, 0));
        assertThat(bench.text("relief-answer")).contains("mm clear at both ends");
        bench.type("relief-hole", "9 mm");
        bench.click("sew-relief");
        assertThat(bench.text("relief-answer")).contains("tear out");
    }
}
