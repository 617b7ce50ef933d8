package welumen.cut.nest.separation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutProblem;
import welumen.cut.nest.ShrinkShare;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Shape;

class LayoutTest {
    /** A hide with more flaws than room was made for at first: each weighs, also in a layout that took over from another. */
    @Test
    void whatIsMetLateWeighsAsMuch() {
        var flaws = new ArrayList<Outline>();
        for (var i = 0; i < 45; i++)
            flaws.add(Cases.at(20 + 30 * (i % 15), 20 + 30 * (i / 15), Outline.rectangle(9, 9)));
        Stock hide = Cases.hide("h", new Shape(Outline.rectangle(500, 300), flaws), List.of());
        var problem = new CutProblem(0, List.of(Cases.rectangle("a", 90, 60, 1)), List.of(hide), List.of());
        var fields = List.of(new Container(problem, hide, Resolution.FINE));
        var layout = new Layout(Items.of(problem, List.of(hide), Resolution.FINE), fields);
        layout.isOpen[0] = true;
        layout.lay(0, 0, 400, 80, 0, false);
        layout.measure(0, new Collider());
        var taken = new Layout(layout.items, fields);
        taken.take(layout);
        for (var one : List.of(layout, taken, layout.copy())) {
            assertThat(one.isInTheWay(0)).isTrue();
            assertThat(one.weighed(0)).isEqualTo(one.total());
            assertThat(one.groundWeight[0]).hasSizeGreaterThanOrEqualTo(45).containsOnly(1);
        }
    }

    @Test
    void aBiteGrowsAndShrinksWithinItsBounds() {
        var bite = new ShrinkShare(0.02, 0.03, 0.01);
        assertThat(bite.share()).isEqualTo(0.02);
        assertThat(bite.share(0.1)).isEqualTo(0.01);
        for (var i = 0; i < 5; i++) bite.learn(true);
        assertThat(bite.share()).isEqualTo(0.03);
        for (var i = 0; i < 9; i++) bite.learn(false);
        assertThat(bite.share()).isEqualTo(0.01);
    }
}
