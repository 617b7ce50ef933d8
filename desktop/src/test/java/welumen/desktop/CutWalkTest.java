package welumen.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import welumen.cut.Placement;
import welumen.cut.judge.PlanCheck;
import welumen.cut.pieces.FromPattern;
import welumen.cut.stock.Stock;
import welumen.job.JobChange.AtPattern;
import welumen.pattern.PatternChange.EdgeFinished;
import welumen.pattern.piece.EdgeFinish;
import welumen.shape.Planar;

/** Hand and engine together: a piece is moved and pinned, and the rest is laid again about it. */
class CutWalkTest extends CuttingWalk {
    private Placement any() {
        return onHides().getFirst();
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
        bench.layOut("lay-rest-again");
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

    @Test
    void theVeryPiecesSayHowManyHidesToOrder() {
        bench.click("leaf-forecast");
        assertThat(bench.text("forecast-answer")).contains("28 pieces of sage hide");
        bench.click("begin-forecast");
        bench.until(() -> bench.text("forecast-answer").contains("deliveries laid out in a moment"));
        assertThat(bench.text("forecast-sure"))
                .as("no share before it is corrected")
                .isEmpty();
        bench.click("forecast-enough");
        bench.until(() ->
                !bench.robot.lookup("#begin-forecast").queryAs(Button.class).isDisabled());
        assertThat(bench.text("forecast-answer")).contains("stopped before it could be corrected");
    }

    /** What is typed of how leather is bought is the job's; where a reserve is not kept, it is said what to order, and when. */
    @Test
    void aReserveThatIsNotKeptAsksForAnotherHide() {
        bench.click("leaf-forecast");
        assertThat(says("spare; 0.50 m² wanted.")).isTrue();
        assertThat(bench.text("forecast-reserve")).isEmpty();

        bench.typeAndEnter("leather-reserve", "2.6");
        assertThat(bench.text("forecast-reserve"))
                .startsWith("Sage hide would have")
                .contains("2.60 m² are wanted: order one more of the same lot now", "about £490", "here by Thu 23 Apr");
        bench.typeAndEnter("hide-price", "340");
        bench.typeAndEnter("hide-days", "2");
        assertThat(bench.text("forecast-reserve")).contains("about £520", "here by Thu 16 Apr");
        assertThat(says("Sage hide falls under its reserve")).isTrue();

        bench.typeAndEnter("hide-days", "soon");
        assertThat(bench.text("forecast-answer")).contains("Type a whole number, as 7.");
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        bench.settle();
        assertThat(bench.text("forecast-reserve")).contains("about £520", "here by Thu 23 Apr");
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
        bench.layOut("lay-rest-again");
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
        bench.choose("table-hide", "hide 2");
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
        bench.layOut("lay-rest-again");
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

    /** What was cut is drawn otherwise: the table says what that wastes and opens, and lays it so where that is accepted. */
    @Test
    void aChangeSaysWhatItCostsAndIsAccepted() {
        var laid = onHides().getFirst();
        bench.click("leaf-at-the-table");
        bench.choose("table-hide", laid.stock());
        bench.click("hide-is-cut");
        bench.until(() -> bench.text("table-answer").startsWith("One hide cut"));
        drawnOtherwise(laid.piece(), 16);
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

    /**
     * A piece is cut out wrong of a hide that is cut from further, and then drawn otherwise: it can no more be picked, and where it lay
     * is a hole.
     */
    @Test
    void whatIsSpoiltStaysAndLeavesAHoleWhenItIsDrawnOtherwise() {
        var gone = onHides().stream()
                .filter(placement -> placement.piece().contains("facing"))
                .findFirst()
                .orElseThrow();
        var before = hide(gone.stock());
        bench.click("leaf-at-the-table");
        bench.choose("table-hide", gone.stock());
        bench.ask(() -> {
            bench.robot
                    .lookup("#spoilt-%s-%d".formatted(gone.piece(), gone.copy()))
                    .queryAs(Button.class)
                    .fire();
            return null;
        });
        bench.until(() -> bench.ask(() -> bench.model().job().cutLog().isSpoilt(gone)));
        bench.click("leaf-plan");
        pick(gone);
        assertThat(bench.ask(
                        () -> bench.robot.lookup("#pin").queryAs(Button.class).isDisabled()))
                .isTrue();
        bench.ask(() -> {
            var swap = bench.robot.lookup("#swap-hides").<ComboBox<Object>>query();
            assertThat(swap.getItems()).isEmpty();
            return null;
        });

        drawnOtherwise(gone.piece(), 16);
        bench.click("leaf-at-the-table");
        bench.until(() -> bench.text("table-effect").contains("to be laid anew"));
        bench.click("accept-change");
        bench.until(() -> bench.text("table-effect").isEmpty());

        assertThat(Planar.areaLeft(hide(gone.stock()).shape())).isLessThan(Planar.areaLeft(before.shape()) - 10_000);
        assertThat(bench.ask(() -> bench.model().job().cutLog().spoilt())).isEmpty();
        assertThat(PlanCheck.faults(plan().problem(), plan().plan().placements()))
                .isEmpty();
        bench.ask(() -> {
            bench.model().takeBack();
            return null;
        });
        assertThat(hide(gone.stock())).isEqualTo(before);
        assertThat(bench.ask(() -> bench.model().job().cutLog().isSpoilt(gone))).isTrue();
    }

    /** All is cut when its pieces are to be larger: what that takes is said with its cost and its day, before anybody agrees. */
    @Test
    void aChangeThatFindsNoRoomSaysWhatToOrder() {
        bench.click("leaf-at-the-table");
        for (var hide : onHides().stream().map(Placement::stock).distinct().toList()) {
            bench.choose("table-hide", hide);
            bench.click("hide-is-cut");
            bench.until(() -> bench.ask(() -> bench.model().job().cutLog().isCut(hide)));
        }
        onHides().stream().map(Placement::piece).distinct().forEach(piece -> drawnOtherwise(piece, 200));
        bench.until(() -> bench.text("table-effect").contains("No room is left for"));
        assertThat(bench.text("table-effect"))
                .contains("of the same lot now, about £", "with all it costs to order again, here by Thu 23 Apr");
    }

    /** An edge of it is sewn with another allowance. */
    private void drawnOtherwise(String cut, double allowanceMm) {
        bench.ask(() -> bench.model()
                .make(new AtPattern(bench.model().job().patterns().pieces().stream()
                        .filter(piece -> FromPattern.isOf(cut, piece.id()))
                        .findFirst()
                        .map(piece -> new EdgeFinished(piece.id(), 0, EdgeFinish.SEWN, allowanceMm))
                        .orElseThrow())));
    }
}
