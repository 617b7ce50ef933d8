package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.hide.DrawnHide;
import welumen.cut.judge.MirroredPlaces;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

class PairsTest {
    private static final Stock HIDE =
            new Stock.Hide("h", "", new Shape(DrawnHide.usual(4.8e6)), 1, List.of(), new Stretch.Any(), 1);

    private static CutPiece wing(String id, String pair, double sign) {
        var ring = List.of(new Point(0, 0), new Point(sign * 400, 0), new Point(sign * 300, 250), new Point(0, 180));
        return new CutPiece(
                id,
                new Shape(Outline.ofRing(ring).orThrow()),
                1,
                "",
                new Turns.Free(),
                false,
                4,
                new Stretch.Any(),
                pair);
    }

    private static CutProblem problem(List<Placement> pinned) {
        return new CutProblem(3, List.of(wing("left", "right", 1), wing("right", "left", -1)), List.of(HIDE), pinned);
    }

    @Test
    void theFellowComesFromTheMirroredPlace() {
        var left = new Placement("left", 1, "h", new Pose(150, 600, 20, false));
        var right = new Placement("right", 1, "h", new Pose(-150, 1500, 0, false));
        var after = Pairs.mirrored(problem(List.of()), List.of(left, right));
        assertThat(after).contains(left);
        var fellow = after.stream()
                .filter(one -> one.piece().equals("right"))
                .findFirst()
                .orElseThrow();
        assertThat(fellow.pose()).isEqualTo(new Pose(-150, 600, -20, false));
        assertThat(PlanCheck.faults(problem(List.of()), after)).isEmpty();
        assertThat(MirroredPlaces.are(left, fellow)).isTrue();
    }

    @Test
    void whatIsPinnedStaysAndItsFellowGoesToIt() {
        var left = new Placement("left", 1, "h", new Pose(150, 600, 0, false));
        var right = new Placement("right", 1, "h", new Pose(-150, 1400, 0, false));
        var after = Pairs.mirrored(problem(List.of(right)), List.of(left, right));
        assertThat(after).contains(right).contains(new Placement("left", 1, "h", new Pose(150, 1400, 0, false)));
    }

    /** Where the mirrored place is taken, or lies off the hide, everything stays. */
    @Test
    void whatHasNoMirroredPlaceStays() {
        var left = new Placement("left", 1, "h", new Pose(-120, 600, 0, false));
        var right = new Placement("right", 1, "h", new Pose(-150, 1400, 0, false));
        var crossing = List.of(left, right);
        var after = Pairs.mirrored(problem(List.of()), crossing);
        assertThat(PlanCheck.faults(problem(List.of()), after)).isEmpty();
        assertThat(after).hasSize(2);
    }
}
