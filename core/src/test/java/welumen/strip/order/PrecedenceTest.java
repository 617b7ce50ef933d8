package welumen.strip.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.strip.order.Precedence.Before;

class PrecedenceTest {
    private static final List<PartId> PARTS =
            IntStream.range(0, 12).mapToObj(i -> new PartId("p" + i)).toList();

    /** Rules drawn along a hidden order have no circle, and the order that comes out obeys every one. */
    @Property(tries = 300)
    void whereThereIsAnOrderOneIsFound(@ForAll long seed) {
        var random = new Random(seed);
        var hidden = new ArrayList<>(PARTS);
        Collections.shuffle(hidden, random);
        var rules = new ArrayList<Before>();
        for (var i = 0; i < hidden.size(); i++)
            for (var j = i + 1; j < hidden.size(); j++)
                if (random.nextInt(4) == 0) rules.add(new Before(hidden.get(i), hidden.get(j)));
        var order = new Precedence(PARTS, rules).order((open, _) -> open.getFirst());
        assertThat(order).hasSameElementsAs(PARTS);
        for (var rule : rules) assertThat(order.indexOf(rule.first())).isLessThan(order.indexOf(rule.then()));
    }

    /** Any rules: either all parts are ordered, or the circle that is shown really is one in the rules. */
    @Property(tries = 300)
    void whereThereIsNoneACircleIsShown(@ForAll long seed) {
        var random = new Random(seed);
        var rules = new ArrayList<Before>();
        for (var i = 0; i < 14; i++) {
            var first = PARTS.get(random.nextInt(PARTS.size()));
            var then = PARTS.get(random.nextInt(PARTS.size()));
            if (!first.equals(then)) rules.add(new Before(first, then));
        }
        var precedence = new Precedence(PARTS, rules);
        var order = precedence.order((open, _) -> open.getFirst());
        if (order.size() == PARTS.size()) return;
        var circle = precedence.circle(order);
        assertThat(circle).hasSizeGreaterThan(1).doesNotHaveDuplicates();
        for (var i = 0; i < circle.size(); i++) {
            var waits = circle.get(i);
            var first = circle.get((i + 1) % circle.size());
            assertThat(rules).contains(new Before(first, waits));
        }
    }

    @Test
    void rulesAboutOtherPartsDoNotMatter() {
        var rule = new Before(new PartId("elsewhere"), PARTS.getFirst());
        assertThat(new Precedence(PARTS, List.of(rule)).order((open, _) -> open.getFirst()))
                .isEqualTo(PARTS);
    }
}
