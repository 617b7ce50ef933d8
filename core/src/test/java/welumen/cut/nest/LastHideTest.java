package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.PlanCheck;
import welumen.cut.PlanScore;
import welumen.cut.Stock;
import welumen.cut.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/** Which hide is left the emptiest: what counts is the share of its box that is covered, so that one may be better than another. */
class LastHideTest {
    /** A little more leather than the square has, in a box of twice as much. */
    private static final Stock DIAMOND = sheet(
            "diamond",
            new Outline(List.of(new Point(720, 0), new Point(1440, 720), new Point(720, 1440), new Point(0, 720))),
            300);

    private static final Stock SQUARE = sheet("square", Outline.rectangle(1000, 1000), 300);
    private static final Stock FELLOW = sheet("fellow", Outline.rectangle(1000, 1000), 300);

    private static Stock sheet(String id, Outline outline, double cost) {
        return new Stock.Hide(id, "", new Shape(outline), 1, List.of(), new Stretch.Any(), cost);
    }

    private static CutProblem problem(int pieces, Stock... stock) {
        return new CutProblem(0, List.of(Cases.rectangle("p", 150, 120, pieces)), List.of(stock), List.of());
    }

    /** So many on the first stock, in rows of ten, the others on the next. */
    private static Layout laid(CutProblem problem, int onFirst) {
        var fields = problem.stock().stream()
                .map(stock -> new Field(problem, stock, Fineness.FINE))
                .toList();
        var layout = new Layout(Items.of(problem, problem.stock(), Fineness.FINE), fields);
        for (var i = 0; i < layout.items.size(); i++) {
            var on = i < onFirst ? 0 : 1;
            layout.isOpen[on] = true;
            layout.lay(i, on, 100 + 80 * (i % 10), 300 + 60 * (i / 10), 0, false);
        }
        return layout;
    }

    private static UsedStock used(Layout layout) {
        return new UsedStock(layout.fields, UsedStock.room(layout.fields), layout);
    }

    /** 0.9 m² of 1.037 on the diamond, 0.36 on the square: were they changed over, 0.4 would be left of a box twice as large. */
    @Test
    void oneThatIsUsedIsTheBetterLast() {
        var layout = laid(problem(70, DIAMOND, SQUARE), 50);
        var last = used(layout).betterLast(1).orElseThrow();
        assertThat(last.on()).isZero();
        var full = 0.9 / 1.0368;
        assertThat(last.ratio()).isCloseTo((1.26 - full) / 2.0736 / 0.36, within(0.01));
        assertThat(used(laid(problem(70, SQUARE, DIAMOND), 45)).betterLast(1)).isEmpty();
    }

    /** What is not used may take over what lies on the emptiest, unless it is dearer or too small. */
    @Test
    void oneThatIsNotUsedIsTheBetterLast() {
        var wide = Outline.rectangle(1600, 1100);
        var other = used(laid(problem(50, SQUARE, FELLOW, sheet("wide", wide, 300)), 40))
                .betterLast(1)
                .orElseThrow();
        assertThat(other.on()).isEqualTo(2);
        assertThat(other.ratio()).isCloseTo(1 / 1.76, within(0.01));
        assertThat(used(laid(problem(50, SQUARE, FELLOW, sheet("wide", wide, 310)), 40))
                        .betterLast(1))
                .isEmpty();
        assertThat(used(laid(problem(50, SQUARE, FELLOW, sheet("strip", Outline.rectangle(9000, 12), 300)), 40))
                        .betterLast(1))
                .isEmpty();
    }

    /** The first plan fills the diamond, for it has more leather, and leaves a third of the square covered. */
    @Test
    void theSearchChangesThemOver() {
        var problem = problem(70, DIAMOND, SQUARE);
        var first = Nester.lay(problem, new NestOptions(1, Duration.ofMinutes(2), 1), (_, _) -> {}, () -> false);
        var plan = Nester.lay(problem, new NestOptions(24, Duration.ofMinutes(2), 1), (_, _) -> {}, () -> false);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        assertThat(plan.unplaced()).isEmpty();
        assertThat(first.on("square")).hasSizeLessThan(first.on("diamond").size());
        assertThat(plan.on("diamond")).hasSizeLessThan(plan.on("square").size());
        assertThat(PlanScore.of(problem, plan.placements()).leastOfSheet())
                .isLessThan(0.6 * PlanScore.of(problem, first.placements()).leastOfSheet());
    }
}
