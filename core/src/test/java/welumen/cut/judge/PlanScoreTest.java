package welumen.cut.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** What counts of the emptiest sheet. */
class PlanScoreTest {
    /** Half of its box: x + y is never more than 1000. */
    private static final Stock CORNER = new Stock.Hide(
            "corner",
            "",
            new Shape(
                    new Outline(List.of(new Point(0, 0), new Point(1000, 0), new Point(0, 1000))),
                    List.of(Outline.rectangle(50, 50))),
            1,
            List.of(),
            new Stretch.Any(),
            300);

    private static final CutProblem PROBLEM =
            new CutProblem(0, List.of(Cases.rectangle("p", 100, 100, 2)), List.of(CORNER), List.of());

    private static Placement at(int copy, double x, double y) {
        return new Placement("p", copy, "corner", new Pose(x, y, 0, false));
    }

    /** The box from (100, 100) to (600, 500) lies in the hide but for a corner of 100 by 100, half of which is beyond its edge. */
    @Test
    void ofAHideItIsTheShareOfItsAreaInTheBoxRoundThePieces() {
        var score = PlanScore.of(PROBLEM, List.of(at(1, 100, 400), at(2, 500, 100)));
        assertThat(score.leastOfSheet()).isCloseTo((500 * 400 - 100 * 100 / 2) / 500_000.0, within(1e-9));
    }

    @Test
    void allOfAHideIsNoMoreThanOne() {
        assertThat(PlanScore.covered(CORNER, CORNER.shape().outline().box())).isEqualTo(1);
    }
}
