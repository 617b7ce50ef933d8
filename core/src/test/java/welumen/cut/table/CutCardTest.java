package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.hide.StockText;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;

class CutCardTest {
    private static final Stock HIDE = StockText.read("hide 1, 4.8 m2", "").orThrow();

    /** The best leather first, the large before the small, each from the backbone and up from the butt. */
    @Test
    void piecesAreChalkedInTheOrderOfCutting() {
        var problem = new CutProblem(
                0,
                List.of(
                        rectangle("small", 100, 50, 1),
                        rectangle("large", 300, 200, 1),
                        rectangle("best", 80, 40, 1).graded(1)),
                List.of(HIDE),
                List.of());
        var butt = HIDE.shape().outline().box().minY();
        var plan = new CutPlan(
                List.of(
                        new Placement("small", 1, "hide 1", new Pose(-400, butt + 700, 0, false)),
                        new Placement("large", 1, "hide 1", new Pose(100, butt + 300, 0, false)),
                        new Placement("best", 1, "hide 1", new Pose(-90, butt + 900, 0, false))),
                List.of(),
                List.of(),
                1);
        var card = CutCard.of(problem, plan, HIDE);
        assertThat(card.entries()).extracting(CutCard.Entry::piece).containsExactly("best", "large", "small");
        var large = card.entries().get(1);
        assertThat(large.near()).isEqualTo(new Point(100, 300));
        assertThat(large.far()).isEqualTo(new Point(400, 500));
        assertThat(CutCard.words(large.near(), HIDE)).isEqualTo("100 right, 300 up");
        assertThat(CutCard.words(card.entries().getFirst().near(), HIDE)).isEqualTo("90 left, 900 up");
    }

    @Test
    void onARollOneMeasuresFromTheCutEnd() {
        var near = Cases.at(365, 900, Outline.rectangle(60, 60));
        var roll = new Stock.Roll("r", "", 1400, 9000, 10, 0, 0)
                .flawed(List.of(near, Cases.at(4000, 0, Outline.rectangle(50, 1400))));
        var problem = new CutProblem(0, List.of(rectangle("a", 300, 200, 1)), List.of(roll), List.of());
        var plan =
                new CutPlan(List.of(new Placement("a", 1, "r", new Pose(50, 20, 0, false))), List.of(), List.of(), 1);
        var card = CutCard.of(problem, plan, roll);
        assertThat(CutCard.words(card.entries().getFirst().near(), roll)).isEqualTo("50 along, 20 across");
        assertThat(card.shown().maxX()).isEqualTo(370);
        assertThat(card.flaws()).containsExactly(near);
    }
}
