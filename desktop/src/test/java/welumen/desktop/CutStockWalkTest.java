package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import org.junit.jupiter.api.Test;
import welumen.cut.judge.PlanCheck;
import welumen.cut.pieces.FromPattern;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.job.JobChange.AtPattern;
import welumen.job.WorkStage;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.piece.Grain;

/** What is cut from: hides come in, rolls have nap, stripes, width and a rest, leather is tested. */
class CutStockWalkTest extends CuttingWalk {
    /** The carpet's pile lies one way on all of its pieces, and the stripe runs through the middle of every door insert. */
    @Test
    void carpetWithNapAndStripedClothAreLaidOnTheirRolls() {
        var stripes = plan().plan().on("wool roll");
        assertThat(plan().plan().on("carpet roll")).hasSize(4);
        assertThat(stripes).hasSize(4);
        for (var placement : plan().plan().placements())
            if (placement.stock().equals("carpet roll"))
                assertThat(Math.floorMod(Math.round(placement.pose().turnDegrees()), 360))
                        .isEqualTo(270);
        for (var placement : stripes) {
            var middle = placement
                    .pose()
                    .apply(plan().problem().piece(placement.piece()).shape())
                    .outline()
                    .box()
                    .middle();
            assertThat(Math.abs(Math.IEEEremainder(middle.y(), 76))).isLessThan(0.7);
        }
        bench.choose("cut-material", "striped wool");
        assertThat(bench.ask(() -> bench.robot.lookup(".laid-piece").queryAll().size()))
                .isEqualTo(4);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
    }

    /** Four more hides come in by a line each, one of them from a photo; flaws are marked; one goes back. */
    @Test
    void hidesComeInTypedPhotographedAndMarked() {
        bench.click("leaf-hides-and-rolls");
        for (var number = 3; number <= 6; number++)
            bench.typeAndEnter("stock-typed", "hide %d, %d sq ft, lot 27B, cost 310".formatted(number, 48 + number));
        assertThat(stock()).filteredOn(Stock.Hide.class::isInstance).hasSize(6);
        assertThat(hide("hide 4").lot().dye()).isEqualTo("27B");
        bench.typeAndEnter("stock-typed", "hide 7, blue");
        assertThat(bench.text("hides-answer")).contains("hide 3, 52 sq ft");

        bench.choose("stock-shown", "hide 3");
        bench.typeAndEnter("hide-mark", "flaw 40 at -120, 300");
        assertThat(hide("hide 3").shape().holes()).hasSize(1);
        bench.robot.clickOn("#hide-felt");
        bench.settle();
        assertThat(hide("hide 3").shape().holes()).hasSize(2);
        bench.typeAndEnter("hide-mark", "grade 4, 300 x 200 at 500, 900");
        assertThat(hide("hide 3").zones()).hasSize(5);
        assertThat(bench.ask(() ->
                        bench.robot.lookup("#hide-felt .stretch").queryAll().size()))
                .isGreaterThan(50);
        bench.typeAndEnter("hide-mark", "stretches -20");
        assertThat(hide("hide 3").stretch()).isEqualTo(new Stretch.Along(-20, 0));
        bench.typeAndEnter("hide-mark", "stretches as usual");
        assertThat(hide("hide 3").stretch()).isEqualTo(new Stretch.AsGrown());

        bench.click("scan-hide");
        bench.until(() -> hide("hide 3").shape().holes().size() > 4);
        assertThat(bench.text("hides-answer")).contains("its backbone upright");
        assertThat(hide("hide 3").lot().dye()).isEqualTo("27B");

        bench.choose("stock-shown", "hide 6");
        bench.click("send-back");
        assertThat(stock()).extracting(Stock::id).doesNotContain("hide 6");
    }

    private String shown() {
        return bench.ask(() -> bench.robot
                .lookup("#stock-shown > .list-cell")
                .queryAs(Labeled.class)
                .getText());
    }

    /** Nobody says a nap of the striped inserts any more: their stripes run up or down them, and that is said. */
    @Test
    void stripesRunUpPiecesThatMayTurn() {
        bench.ask(() -> bench.model()
                .makeTogether(bench.model().job().patterns().pieces().stream()
                        .filter(piece -> piece.material().equals("striped wool"))
                        .map(piece -> new AtPattern(new PieceDrawn(piece.with(new Grain.AnyWay()))))
                        .toList()));
        bench.layOut("lay-out");
        bench.until(() -> said("The pattern of the striped wool runs up or down each piece"));
        assertThat(plan().plan().on("wool roll"))
                .hasSize(4)
                .allMatch(one -> Math.abs(Math.IEEEremainder(one.pose().turnDegrees() - 90, 180)) < 1e-6);
    }

    /** A roll that is too narrow for a piece: it is made of strips, and they lie. */
    @Test
    void aPieceWiderThanItsRollIsMadeOfStrips() {
        var roll = (Stock.Roll) plan().problem().stock("carpet roll");
        brought(new Stock.Roll(roll.id(), roll.material(), Lot.UNKNOWN, 420, 6000, roll.costPerMetre(), 0, 0, 10));
        bench.layOut("lay-out");
        bench.until(() -> says("is wider than its roll. Make it of strips"));
        bench.click("join-once");
        bench.until(() -> bench.ask(() -> bench.model().job().patterns().pieces().stream()
                        .filter(piece -> piece.name().contains(", strip "))
                        .count()
                == 2));
    }

    /** A crease across the carpet is marked by number and a stain by a click: the plan lies over it, and is laid around it. */
    @Test
    void aRollIsLaidAroundItsFlaws() {
        bench.click("leaf-hides-and-rolls");
        bench.choose("stock-shown", "carpet roll");
        bench.typeAndEnter("hide-mark", "grades as usual");
        assertThat(bench.text("hides-answer")).contains("along from the cut end");
        var before = stock().stream().map(Stock::id).toList();
        bench.typeAndEnter("hide-mark", "flaw 60 x 1400 at 500, 685");
        assertThat(stock()).extracting(Stock::id).isEqualTo(before);
        assertThat(shown()).isEqualTo("Carpet roll");
        bench.robot.clickOn("#hide-felt");
        bench.settle();
        assertThat(bench.text("hides-answer")).contains("2 flaws");
        assertThat(bench.ask(
                        () -> bench.robot.lookup("#hide-felt .flaw").queryAll().size()))
                .isEqualTo(2);
        bench.click("leaf-plan");
        assertThat(says("a flaw of “carpet roll”")).isTrue();
        bench.layOut("lay-out");
        bench.until(() -> !says("a flaw of “carpet roll”"));
        assertThat(plan().plan().on("carpet roll")).hasSize(4);
        assertThat(plan().problem().stock("carpet roll").shape().holes()).hasSize(2);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
    }

    /** A roll that came narrow spoils its plan; cut, its rest is a roll again, and found where a piece is missing. */
    @Test
    void whatIsLeftOfARollIsKeptAndFound() {
        var roll = (Stock.Roll) plan().problem().stock("wool roll");
        brought(new Stock.Roll(
                roll.id(), roll.material(), 400, roll.length(), roll.costPerMetre(), roll.repeatX(), roll.repeatY()));
        assertThat(said("The wool roll is 400 mm wide")).isTrue();
        brought(roll);
        assertThat(said("The wool roll is")).isFalse();

        bench.click("leaf-at-the-table");
        bench.until(() -> bench.text("table-reserve").contains("could be cut"));
        bench.choose("table-hide", "hide 1");
        bench.choose("table-hide", "wool roll"); // before what is left of the hide has been found
        bench.until(() -> said("Wool roll, rest:"));
        bench.robot.sleep(1500); // the hide's own answer would have come by now
        assertThat(bench.ask(() -> bench.robot.lookup(".laid-piece").queryAll().size()))
                .isEqualTo(4);
        bench.click("hide-is-cut");
        bench.until(() -> bench.text("table-answer").startsWith("One roll cut; "));
        var rest = stock().stream()
                .filter(stock -> stock.id().equals("wool roll, rest"))
                .findFirst()
                .orElseThrow();
        assertThat(rest.longestMm()).isBetween(1400.0, roll.length() - 300);
        bench.go(WorkStage.STORES);
        bench.typeAndEnter("leftover-size", "900 x 150");
        bench.until(
                () -> bench.text("leftover-answer").equals("900 mm by 150 mm can be cut from the wool roll, rest."));
        bench.typeAndEnter("leftover-size", "5 m x 2 m");
        bench.until(() -> bench.text("leftover-answer").contains("none of the 1"));
    }

    /** What was worked damp is cut larger by what a strip shrank, and the card says that it is trimmed later. */
    @Test
    void aPieceThatIsWorkedIsCutLargerAndTrimmedLater() {
        bench.click("leaf-leather");
        assertThat(bench.text("leather-answer"))
                .contains("are cut to their line at once")
                .contains("through a cloth");
        bench.typeAndEnter("strip-test", "damp, marks 200, along 190");
        assertThat(bench.text("leather-wrong")).startsWith("How far apart are the marks now");
        bench.typeAndEnter("strip-test", "damp, marks 200, along 190, across 180, rested 20 h, finished lighter");
        var piece = bench.ask(() ->
                bench.robot.lookup("#worked-piece").<ComboBox<String>>query().getValue());
        var before = bench.ask(
                () -> bench.robot.lookup("#rough-felt .chalk-dash").queryAll().size());
        bench.choose("worked-how", "damp");
        assertThat(bench.text("leather-answer"))
                .startsWith("One piece is cut larger by 6 mm all round")
                .contains("rested for 20 h")
                .contains("show the customer the strip first");
        assertThat(before).isZero();
        assertThat(bench.ask(() ->
                        bench.robot.lookup("#rough-felt .chalk-dash").queryAll().size()))
                .isEqualTo(1);
        var was = area(piece);
        bench.click("leaf-plan");
        bench.click("lay-out");
        bench.until(() -> area(piece) > 1.15 * was);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
        bench.click("leaf-at-the-table");
        var on = plan().plan().placements().stream()
                .filter(placement -> FromPattern.isOf(placement.piece(), piece))
                .findFirst()
                .orElseThrow()
                .stock();
        bench.choose("table-hide", on);
        bench.until(() -> says("rough: it rests, then to its line"));
    }

    private double area(String piece) {
        return plan().problem().pieces().stream()
                .filter(one -> FromPattern.isOf(one.id(), piece))
                .findFirst()
                .orElseThrow()
                .shape()
                .area();
    }
}
