package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.function.IntUnaryOperator;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Items;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Resolution;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** What a layout uses of its hides: which could go, which could be exchanged, and of which the box round its pieces covers least. */
class UsedStockTest {
    private static Stock sheet(String id, double width, double height, double cost) {
        var shape = new Shape(Outline.rectangle(width, height));
        return new Stock.Hide(id, "", shape, 1, List.of(), new Stretch.Any(), cost);
    }

    /** Pieces of 100 by 100, in rows of nine from the corner at (50, 50), 100 apart. */
    private static Layout laid(int pieces, IntUnaryOperator on, Stock... stock) {
        var problem = new CutProblem(0, List.of(Cases.rectangle("p", 100, 100, pieces)), List.of(stock), List.of());
        var fields = problem.stock().stream()
                .map(one -> new Container(problem, one, Resolution.FINE))
                .toList();
        var layout = new Layout(Items.of(problem, problem.stock(), Resolution.FINE), fields);
        var count = new int[stock.length];
        for (var i = 0; i < pieces; i++) {
            var field = on.applyAsInt(i);
            layout.isOpen[field] = true;
            layout.lay(i, field, 100 + 100 * (count[field] % 9), 100 + 100 * (count[field]++ / 9), 0, false);
        }
        return layout;
    }

    private static UsedStock used(Layout layout) {
        return new UsedStock(layout.fields, UsedStock.room(layout.fields), layout);
    }

    /** 0.63 m² and 0.07 on two sheets of 1 m²; of the two, the second goes, and is light enough to go at once. */
    @Test
    void theOneWithLeastOnItGoes() {
        var stock = used(laid(70, i -> i < 63 ? 0 : 1, sheet("a", 1000, 1000, 300), sheet("b", 1000, 1000, 300)));
        assertThat(stock.isSeveral()).isTrue();
        assertThat(stock.canClose()).isTrue();
        assertThat(stock.isLight()).isTrue();
        assertThat(stock.isLikelyToClose()).isTrue();
        assertThat(stock.leastNeeded()).isEqualTo(1);
        assertThat(stock.anyToClose(new SplittableRandom(1))).isBetween(0, 1);
    }

    /** 0.9 m² are not to be expected on one sheet of 1 m², but may be tried there; 1 m² is not. */
    @Test
    void whatWouldBeTooFullDoesNotGo() {
        var a = sheet("a", 1000, 1000, 300);
        var b = sheet("b", 1000, 1000, 300);
        var tight = used(laid(90, i -> i % 2, a, b));
        assertThat(tight.canClose()).isTrue();
        assertThat(tight.isLikelyToClose()).isFalse();
        assertThat(used(laid(100, i -> i % 2, a, b)).canClose()).isFalse();
        assertThat(used(laid(20, _ -> 0, a, b)).canClose()).isFalse();
    }

    /** A cheaper sheet is offered for each that costs more, where there would be room. */
    @Test
    void whatIsDearerIsExchanged() {
        var dear = sheet("dear", 1000, 1000, 300);
        var cheap = sheet("cheap", 700, 700, 200);
        assertThat(used(laid(40, _ -> 0, dear, cheap)).exchanges()).containsExactly(new UsedStock.Exchange(0, 1));
        assertThat(used(laid(50, _ -> 0, dear, cheap)).exchanges()).isEmpty();
        assertThat(used(laid(40, _ -> 1, dear, cheap)).exchanges()).isEmpty();
    }

    /** Nine on the first from (50, 50) to (950, 150), eighteen on the second, which is half as large. */
    @Test
    void theEmptiestIsThatOfWhichTheBoxCoversLeast() {
        var layout = laid(27, i -> i < 9 ? 0 : 1, sheet("a", 1000, 1000, 300), sheet("b", 1000, 500, 300));
        var box = EmptiestBox.of(layout);
        assertThat(box.share()).isCloseTo(900 * 100 / 1e6, within(1e-5));
    }

    /** A tenth of the width, 900 mm, or of the height, 200 mm, whichever side is bitten into. */
    @Test
    void aBiteTakesItsShareFromOneSide() {
        for (var seed = 0; seed < 20; seed++) {
            var layout = laid(18, _ -> 0, sheet("a", 1000, 1000, 300));
            var box = EmptiestBox.of(layout);
            box.bite(layout, 0.1, new SplittableRandom(seed));
            var left = box.left(layout);
            assertThat(left).isCloseTo(0.9 * 0.18, within(1e-5));
            var width = layout.maxX[0] - layout.minX[0];
            var height = layout.maxY[0] - layout.minY[0];
            assertThat(width * height / 1e6).isCloseTo(left, within(1e-5));
            assertThat(width < 890).isNotEqualTo(height < 190);
        }
    }
}
