package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.job.WorkStage;

/** A console that nobody sells, for a pick-up: tried in card until its fourth version, held for its bezel, beside two cousins. */
class ConsoleWalkTest extends OwnCarWalk {
    ConsoleWalkTest() {
        super("1964", "Orlen Drover", "van");
    }

    @Test
    void aConsoleIsMadeThatNobodySells() {
        bench.go(WorkStage.PATTERN);
        car.draw("console", "console board 420 x 310");
        var board = car.piece("console board").id();
        fourVersionsInCard(board);
        theBoardOfItsOpening();
        theRivets();
        theBezelIsAwaited(board);
        theKickPanelsAreCousins();
    }

    /** The fourth is accepted, once the dash is clear of it; what each changed is kept. */
    private void fourVersionsInCard(String board) {
        bench.click("leaf-trials");
        bench.choose("trial-piece", board);
        for (var changed : List.of("", "12 lower at the dash", "lip 6 in", "corner round the lever")) {
            bench.type("trial-changed", changed);
            bench.type("trial-found", "fits but for the dash");
            bench.click("note-trial");
        }
        assertThat(bench.text("trials-answer")).contains("card trial 4 was not accepted");
        bench.click("leaf-thickness");
        bench.typeAndEnter("clearance", "lid to dash 9 free, 6 needed, 5 taken");
        bench.click("leaf-trials");
        assertThat(bench.text("trials-answer")).contains("lid to dash will not move freely: 4 mm are left of 6 mm");
        bench.click("leaf-thickness");
        bench.typeAndEnter("clearance", "lid to dash 12 free, 6 needed, 5 taken");
        bench.click("leaf-trials");
        bench.type("trial-changed", "8 off the top");
        bench.click("trial-accepted");
        bench.click("note-trial");
        assertThat(bench.text("trials-answer")).contains("Version 5 of the console board is accepted");
        car.assertSays("changed: 12 lower at the dash");
        car.assertSays("changed: corner round the lever");
    }

    /** 182 × 240, its cover 1.2, lined with 1.2, a gap of 0.5. */
    private void theBoardOfItsOpening() {
        bench.click("leaf-boards");
        bench.typeAndEnter("opening-wide", "182");
        bench.typeAndEnter("opening-high", "240");
        for (var field : List.of("cover-thick", "opening-lining")) bench.typeAndEnter(field, "1.2");
        bench.typeAndEnter("opening-gap", "0.5");
        assertThat(bench.text("drop-in"))
                .contains("176.2 mm by 234.2 mm")
                .contains("182.0 − 2 × (1.2 + 1.2 + 0.5) = 176.2")
                .contains("240.0 − 2 × (1.2 + 1.2 + 0.5) = 234.2");
    }

    /** Leather of 3 doubled, cover, membrane, board and setting: 22.2; single 19.2. */
    private void theRivets() {
        bench.click("leaf-thickness");
        bench.typeAndEnter("rivet-setting", "3");
        bench.typeAndEnter("rivet-stack", "3 + 3 + 1.2 + 3 + 9");
        assertThat(bench.text("rivet")).contains("22.2 mm");
        bench.typeAndEnter("rivet-stack", "3 + 1.2 + 3 + 9");
        assertThat(bench.text("rivet")).contains("19.2 mm");
    }

    private void theBezelIsAwaited(String board) {
        car.draw("console", "console lining 400 x 300");
        bench.click("leaf-trials");
        bench.choose("trial-piece", board);
        bench.typeAndEnter("cut-awaits", "the bezel");
        assertThat(bench.text("trials-answer")).contains("not cut yet: it waits for the bezel");
        assertThat(car.job().toBeCut())
                .as("what needs no bezel goes on")
                .extracting(CutPiece::id)
                .containsExactly(car.piece("console lining").id());
        bench.go(WorkStage.CUT);
        car.assertSays("Console board is not laid out: it waits for the bezel.");
        bench.go(WorkStage.PATTERN);
    }

    /** The right one by mirror, and then it is measured: 32 mm lower at the dash, 7 less behind the pipe. */
    private void theKickPanelsAreCousins() {
        car.draw("left-kick-panel", "left kick 420 x 300");
        bench.click("tool-mirror");
        var right = car.piece("right kick");
        bench.click("leaf-two-sides");
        bench.typeAndEnter("side-station", "dash to sill 412 / 380");
        bench.typeAndEnter("side-station", "bulkhead to pillar 398 / 391");
        assertThat(bench.text("sides-answer")).contains("2 stations");
        assertThat(car.job().notCutBecause(right)).hasSize(2);
        bench.typeAndEnter("side-station", "dash to sill 412 / 380, because the duct comes down there");
        assertThat(bench.text("sides-answer")).contains("1 station");
        bench.click("leaf-pieces");
        bench.pick(right.part().value());
        bench.click("edge-%s-0".formatted(right.id()));
        bench.typeAndEnter("change-edge", "notch 40 x 25 at 150");
        bench.click("leaf-two-sides");
        bench.typeAndEnter("side-station", "bulkhead to pillar 398 / 391, because of the pipe");
        assertThat(bench.text("sides-answer")).doesNotContain("station");
        assertThat(car.piece("right kick").edges())
                .hasSizeGreaterThan(car.piece("left kick").edges().size());
    }
}
