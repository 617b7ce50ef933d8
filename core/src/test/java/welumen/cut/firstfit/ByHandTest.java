package welumen.cut.firstfit;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.SheetUses;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.measure.Parsed.Refused;
import welumen.shape.Outline;
import welumen.shape.Pose;
import welumen.shape.Shape;

class ByHandTest {
    private static ByHand plan() {
        var problem = new CutProblem(2, List.of(rectangle("a", 100, 60, 2)), List.of(sheet("s", 400, 200)), List.of());
        var first = new Placement("a", 1, "s", new Pose(2, 2, 0, false));
        var second = new Placement("a", 2, "s", new Pose(110, 2, 0, false));
        return new ByHand(
                problem,
                new CutPlan(List.of(first, second), List.of(), SheetUses.of(problem, List.of(first, second)), 3));
    }

    @Test
    void aPieceStaysWhereItIsPut() {
        var moved = plan().moved(plan().find("a", 1).orElseThrow(), "s", new Pose(250, 100, 0, false))
                .orThrow();
        assertThat(moved.find("a", 1).orElseThrow().pose()).isEqualTo(new Pose(250, 100, 0, false));
        assertThat(moved.problem().pinned()).containsExactly(moved.find("a", 1).orElseThrow());
        assertThat(PlanCheck.faults(moved.problem(), moved.plan().placements())).isEmpty();
        assertThat(moved.plan().placements()).hasSize(2);
    }

    /** A little over its neighbour, it slides off; in the middle of it, it does not go. */
    @Test
    void whatIsALittleOverSlidesOffAndWhatIsInTheWaySaysSo() {
        var plan = plan();
        var second = plan.find("a", 2).orElseThrow();
        var slid = plan.moved(second, "s", new Pose(95, 2, 0, false)).orThrow();
        assertThat(slid.find("a", 2).orElseThrow().pose().x()).isBetween(103.9, 112.0);
        assertThat(PlanCheck.faults(slid.problem(), slid.plan().placements())).isEmpty();
        assertThat(plan.moved(second, "s", new Pose(20, 4, 0, false)))
                .isInstanceOfSatisfying(
                        Refused.class, no -> assertThat(no.why()).contains("does not go there", "1 of 2"));
        assertThat(plan.moved(second, "s", new Pose(440, 100, 90, false))).isInstanceOf(Refused.class);
    }

    @Test
    void aPinIsPutInAndTakenOut() {
        var plan = plan();
        var first = plan.find("a", 1).orElseThrow();
        assertThat(plan.isPinned(first)).isFalse();
        var pinned = plan.pinned(first, true);
        assertThat(pinned.isPinned(first)).isTrue();
        assertThat(pinned.pinned(first, false).problem().pinned()).isEmpty();
    }

    /** The grades say that it is too poor; the trimmer knows his hide. */
    @Test
    void aPieceMayLieOnPoorerLeatherByTheTrimmersOwnWordAndIsMarked() {
        var poor = new GradeZone(3, Outline.rectangle(200, 300));
        var plain = sheet("h", 600, 300);
        var graded = new Stock.Hide(
                plain.id(),
                plain.material(),
                plain.kind(),
                plain.lot(),
                plain.shape(),
                1,
                List.of(poor),
                plain.stretch(),
                plain.cost());
        var facing = Cases.piece("facing", new Shape(Outline.rectangle(100, 80)), 1, 1, new Stretch.Any());
        var at = new Placement("facing", 1, "h", new Pose(400, 100, 0, false));
        var problem = new CutProblem(2, List.of(facing), List.of(graded), List.of());
        var plan = new ByHand(problem, new CutPlan(List.of(at), List.of(), SheetUses.of(problem, List.of(at)), 1));
        var there = new Pose(30, 100, 0, false);
        assertThat(plan.moved(at, "h", there)).isInstanceOf(Refused.class);
        var anyway = plan.movedAnyway(at, "h", there).orThrow();
        assertThat(anyway.find("facing", 1).orElseThrow().pose().x()).isEqualTo(30);
        assertThat(PlanCheck.faults(anyway.problem(), anyway.plan().placements()))
                .isEmpty();
        assertThat(ByHand.onPoorer(anyway.problem(), List.of(facing))).containsExactly("facing");
        assertThat(ByHand.onPoorer(problem, List.of(facing))).isEmpty();
        var two = new ByHand(new CutProblem(2, List.of(facing.times(2)), List.of(graded), List.of()), plan.plan());
        assertThat(two.movedAnyway(at, "h", there))
                .as("the other would go there too")
                .isInstanceOf(Refused.class);
    }
}
