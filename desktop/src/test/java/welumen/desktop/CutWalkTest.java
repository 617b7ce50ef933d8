package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import welumen.cut.ByHand;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CuttingTable;
import welumen.cut.FromPattern;
import welumen.cut.Lot;
import welumen.cut.Placement;
import welumen.cut.PlanCheck;
import welumen.cut.Stock;
import welumen.job.JobChange.AtCut;
import welumen.job.JobChange.AtPattern;
import welumen.job.WorkStage;
import welumen.pattern.EdgeFinish;
import welumen.pattern.PatternChange.EdgeFinished;

/** Hand and engine together: a piece is moved and pinned, and the rest is laid again about it. */
class CutWalkTest {
    @TempDir
    private Path home;

    private Workbench bench;

    @BeforeEach
    void openTheTable() {
        bench = Workbench.open(home);
        bench.go(WorkStage.CUT);
    }

    @AfterEach
    void close() {
        bench.close();
    }

    private ByHand plan() {
        return bench.ask(() -> {
            var table = (CuttingTable.Laid) bench.model().job().table();
            return new ByHand(table.problem(), table.plan());
        });
    }

    private Placement any() {
        return onHides().getFirst();
    }

    /** What is seen at first, since most pieces are cut of leather. */
    private List<Placement> onHides() {
        return plan().plan().placements().stream()
                .filter(placement -> placement.stock().startsWith("hide"))
                .toList();
    }

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
        bench.ask(() -> {
            bench.robot.lookup("#cut-material").<ComboBox<String>>query().setValue("striped wool");
            return null;
        });
        bench.settle();
        assertThat(bench.ask(() -> bench.robot.lookup(".laid-piece").queryAll().size()))
                .isEqualTo(4);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
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
        choose("worked-how", "damp");
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
        choose("table-hide", on);
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

    /** What was cut is drawn otherwise: the table says what that wastes and opens, and lays it so where that is accepted. */
    @Test
    void aChangeSaysWhatItCostsAndIsAccepted() {
        var laid = onHides().getFirst();
        bench.click("leaf-at-the-table");
        choose("table-hide", laid.stock());
        bench.click("hide-is-cut");
        bench.until(() -> bench.text("table-answer").startsWith("One hide cut"));
        bench.ask(() -> bench.model()
                .make(new AtPattern(bench.model().job().patterns().pieces().stream()
                        .filter(piece -> FromPattern.isOf(laid.piece(), piece.id()))
                        .findFirst()
                        .map(piece -> new EdgeFinished(piece.id(), 0, EdgeFinish.SEWN, 16))
                        .orElseThrow())));
        bench.until(() -> bench.text("table-effect").startsWith("Cut already, and drawn otherwise since: "));
        assertThat(bench.text("table-effect")).contains("to be laid anew");
        bench.click("accept-change");
        bench.until(() -> bench.text("table-effect").isEmpty());
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
        assertThat(plan().find(laid.piece(), 1).map(Placement::stock))
                .isPresent()
                .isNotEqualTo(Optional.of(laid.stock()));
    }

    /** A roll that is too narrow for a piece: it is made of strips, and they lie. */
    @Test
    void aPieceWiderThanItsRollIsMadeOfStrips() {
        var roll = (Stock.Roll) plan().problem().stock("carpet roll");
        brought(new Stock.Roll(roll.id(), roll.material(), Lot.UNKNOWN, 420, 6000, roll.costPerMetre(), 0, 0, 10));
        bench.click("lay-out");
        bench.until(
                () -> bench.ask(() -> bench.robot.lookup("#finish-now").query().isVisible()));
        bench.click("finish-now");
        bench.until(() -> says("is wider than its roll. Make it of strips"));
        bench.click("join-once");
        assertThat(bench.ask(() -> bench.model().job().patterns().pieces().stream()
                        .filter(piece -> piece.name().contains(", strip "))
                        .count()))
                .isEqualTo(2);
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
        choose("table-hide", "hide 1");
        choose("table-hide", "wool roll"); // before what is left of the hide has been found
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

    private void brought(Stock stock) {
        bench.ask(() -> bench.model().make(new AtCut(new StockBrought(stock))));
        bench.settle();
    }

    /** Somewhere within what a label says. */
    private boolean says(String part) {
        return bench.ask(() -> bench.robot
                .lookup((Node node) ->
                        node instanceof Label label && label.getText().contains(part))
                .tryQuery()
                .isPresent());
    }

    /** Whether something on the screen begins so. */
    private boolean said(String begin) {
        return bench.ask(() -> bench.robot
                .lookup((Node node) ->
                        node instanceof Label label && label.getText().startsWith(begin))
                .tryQuery()
                .isPresent());
    }

    private Node drawn(Placement placement) {
        return bench.robot
                .lookup("#laid-%s-%d".formatted(placement.piece(), placement.copy()))
                .query();
    }

    private void pick(Placement placement) {
        bench.robot.clickOn(drawn(placement));
        bench.settle();
    }

    @Test
    void whatIsPinnedStaysWhileTheRestIsLaidAgain() {
        var kept = any();
        assertThat(bench.ask(() -> bench.robot
                        .lookup("#lay-rest-again")
                        .queryAs(Button.class)
                        .isDisabled()))
                .isTrue();
        pick(kept);
        bench.click("pin");
        assertThat(plan().isPinned(kept)).isTrue();
        assertThat(bench.text("pin")).isEqualTo("Unpin");
        bench.click("lay-rest-again");
        bench.until(() -> bench.answer().contains("so far"));
        bench.click("finish-now");
        bench.until(() ->
                bench.robot.lookup("#lay-rest-again").queryAs(Button.class).isVisible()
                        && !bench.answer().contains("so far"));
        assertThat(plan().plan().placements()).contains(kept);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
    }

    @Test
    void aPieceIsMovedByArrowsAndByPenAndSaysWhyNot() {
        var piece = any();
        pick(piece);
        bench.robot.type(KeyCode.PERIOD);
        bench.settle();
        var after = plan().find(piece.piece(), piece.copy()).orElseThrow();
        var why = bench.text("cut-wrong");
        assertThat(after.equals(piece) && why.contains("does not go there") || plan().isPinned(after))
                .isTrue();
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
        // onto another piece, in the middle of it
        var other = onHides().stream()
                .filter(placement -> !placement.piece().equals(piece.piece()))
                .reduce((_, last) -> last)
                .orElseThrow();
        bench.robot.drag(drawn(after)).dropTo(drawn(other));
        bench.settle();
        assertThat(bench.text("cut-wrong")).contains("does not go there");
        assertThat(plan().find(piece.piece(), piece.copy())).contains(after);
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
    }

    private List<Stock> stock() {
        return bench.ask(() -> bench.model().toCutFrom());
    }

    private Stock.Hide hide(String id) {
        return (Stock.Hide)
                stock().stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow();
    }

    private <T> void choose(String box, T value) {
        bench.ask(() -> {
            bench.robot.lookup("#" + box).<ComboBox<T>>query().setValue(value);
            return null;
        });
        bench.settle();
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

        choose("stock-shown", "hide 3");
        bench.typeAndEnter("hide-mark", "flaw 40 at -120, 300");
        assertThat(hide("hide 3").shape().holes()).hasSize(1);
        bench.robot.clickOn("#hide-felt");
        bench.settle();
        assertThat(hide("hide 3").shape().holes()).hasSize(2);
        bench.typeAndEnter("hide-mark", "grade 4, 300 x 200 at 500, 900");
        assertThat(hide("hide 3").zones()).hasSize(5);

        bench.click("scan-hide");
        bench.until(() -> hide("hide 3").shape().holes().size() > 4);
        assertThat(bench.text("hides-answer")).contains("its backbone upright");
        assertThat(hide("hide 3").lot().dye()).isEqualTo("27B");

        choose("stock-shown", "hide 6");
        bench.click("send-back");
        assertThat(stock()).extracting(Stock::id).doesNotContain("hide 6");
    }

    @Test
    void theVeryPiecesSayHowManyHidesToOrder() {
        bench.click("leaf-forecast");
        assertThat(bench.text("forecast-answer")).contains("28 pieces of sage hide");
        bench.click("begin-forecast");
        bench.until(() -> bench.text("forecast-sure").contains("deliveries; surely between"));
        bench.click("forecast-enough");
        bench.until(() ->
                !bench.robot.lookup("#begin-forecast").queryAs(Button.class).isDisabled());
        assertThat(bench.text("forecast-answer")).startsWith("Order ").contains("of one lot");
    }

    /** Two cushion tops on the best hide by hand, the rest again; then hide 1 is cut, a piece of it spoilt and laid again. */
    @Test
    void whatIsPinnedIsCutSpoiltAndLaidAgain() {
        for (var placement : plan().plan().placements().stream()
                .filter(one -> one.piece().contains("cushion-centre"))
                .toList()) {
            pick(placement);
            bench.click("pin");
        }
        var pinned = plan().problem().pinned();
        assertThat(pinned).hasSize(2);
        bench.click("lay-rest-again");
        bench.until(() -> bench.answer().contains("so far"));
        bench.click("finish-now");
        bench.until(() -> bench.answer().contains("will do"));
        assertThat(plan().plan().placements()).containsAll(pinned);
        assertThat(bench.ask(() ->
                        bench.robot.lookup("#plan-before").queryAs(Button.class).isDisabled()))
                .isFalse();

        bench.click("leaf-at-the-table");
        assertThat(bench.text("table-answer")).contains("Nothing is cut yet");
        bench.click("cut-cards");
        assertThat(bench.text("table-answer")).contains("cut cards").contains(".pdf");
        bench.click("save-plan");
        assertThat(bench.text("table-answer")).contains(".dxf");
        bench.click("hide-is-cut");
        bench.until(() -> bench.text("table-answer").contains("One hide cut"));
        var before = plan().plan().placements();
        var gone = plan().plan().on("hide 1").stream()
                .min(Comparator.comparingDouble(
                        one -> plan().problem().piece(one.piece()).shape().area()))
                .orElseThrow();
        bench.ask(
                () -> { // it is far down the list
                    bench.robot
                            .lookup("#spoilt-%s-%d".formatted(gone.piece(), gone.copy()))
                            .queryAs(Button.class)
                            .fire();
                    return null;
                });
        bench.until(() -> plan().plan().placements().size() > before.size());
        assertThat(plan().plan().placements()).containsAll(before).hasSize(before.size() + 1);
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
        var again = plan().plan().placements().stream()
                .filter(placement -> !before.contains(placement))
                .findFirst()
                .orElseThrow();
        assertThat(again.stock()).isNotEqualTo("hide 1");
        choose("table-hide", "hide 2");
        bench.click("hide-is-cut");
        bench.until(() -> bench.text("table-answer").contains("Two hides cut"));
        assertThat(stock())
                .allMatch(one -> one instanceof Stock.Roll
                        || one instanceof Stock.Hide left && left.kind() == Stock.Kind.OFFCUT);
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        assertThat(stock()).extracting(Stock::id).contains("hide 2");
    }

    /** Two hides change places, or say what finds none; the plan before comes back with one press. */
    @Test
    void plansAreComparedAndTakenBack() {
        var first = plan().plan();
        pick(any());
        bench.click("pin");
        bench.click("lay-rest-again");
        bench.until(() -> bench.answer().contains("so far"));
        bench.click("finish-now");
        bench.until(() -> bench.answer().contains("will do"));
        bench.click("plan-before");
        assertThat(plan().plan().placements()).isEqualTo(first.placements());
        bench.ask(() -> {
            var swap = bench.robot.lookup("#swap-hides").<ComboBox<Object>>query();
            swap.setValue(swap.getItems().getFirst());
            return null;
        });
        bench.until(() -> bench.answer().contains("will do"));
        var now = plan().plan();
        var why = bench.text("cut-wrong");
        if (why.isEmpty())
            assertThat(now.on("hide 2").stream().map(Placement::piece).sorted().toList())
                    .isEqualTo(first.on("hide 1").stream()
                            .map(Placement::piece)
                            .sorted()
                            .toList());
        else {
            assertThat(why).contains("do not change places").contains("finds no place");
            assertThat(now.placements()).isEqualTo(first.placements());
        }
        assertThat(PlanCheck.faults(plan().problem(), now.placements())).isEmpty();
    }
}
