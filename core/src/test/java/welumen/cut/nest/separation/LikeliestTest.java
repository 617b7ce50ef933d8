package welumen.cut.nest.separation;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.nest.TwoSheets.laid;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** Of several changes of one layout one is chosen. */
class LikeliestTest {
    private final Layout from = laid(80);
    private final Likeliest likeliest = new Likeliest(from, new SplittableRandom(1));
    /** What has been done with each copy. */
    private final List<Layout> changed = new ArrayList<>();

    /** Six pieces 100 wide have no room in a row of 250 to 550, so that the longest row has least in the way. */
    @Test
    void leastIsInTheWay() {
        var best = likeliest.of(4, each(rowed(350), rowed(250), rowed(550), rowed(450)));
        assertThat(changed).hasSize(4);
        assertThat(best).isSameAs(changed.get(2));
        assertThat(best.total())
                .isPositive()
                .isLessThan(changed.get(3).total())
                .isLessThan(changed.get(0).total());
        assertThat(likeliest.moves()).isGreaterThan(4);
    }

    /** What was pushed out of the row lies in it again, and what that costs is told as if all of it were measured anew. */
    @Test
    void whatMovedIsMeasured() {
        var best = likeliest.of(1, each(rowed(550)));
        var told = best.total();
        for (var item = 0; item < best.items.size(); item++)
            assertThat(best.isWithin(item)).isTrue();
        best.measureAll(new Collider());
        assertThat(best.total()).isEqualTo(told);
    }

    /** Where nothing is in the way there is nothing more to look for. */
    @Test
    void whatComesToRestIsTaken() {
        var best = likeliest.of(4, each(rowed(550), LikeliestTest::lifted, LikeliestTest::lifted));
        assertThat(changed).hasSize(2);
        assertThat(best).isSameAs(changed.get(1));
        assertThat(best.total()).isZero();
    }

    /** A change that changed nothing is no way to go, and is taken only for want of another. */
    @Test
    void anythingIsBetterThanNothing() {
        assertThat(likeliest.of(3, each(LikeliestTest::left, rowed(250), LikeliestTest::left)))
                .isSameAs(changed.get(1));
        changed.clear();
        assertThat(likeliest.of(2, each(LikeliestTest::left, LikeliestTest::left)))
                .isSameAs(changed.getFirst());
        assertThat(changed).hasSize(2);
    }

    @SafeVarargs
    private final Consumer<Layout> each(Consumer<Layout>... changes) {
        return layout -> {
            changes[changed.size()].accept(layout);
            changed.add(layout);
        };
    }

    /** The six pieces of the first sheet, which lie 800 long, in one row of such a length. */
    private static Consumer<Layout> rowed(double length) {
        return layout -> {
            layout.maxX[0] = length;
            layout.maxY[0] = 170;
            for (var item = 0; item < layout.items.size(); item++)
                if (layout.field[item] == 0) layout.keptOff[item] = 1;
        };
    }

    private static void lifted(Layout layout) {
        layout.lay(0, 0, 500, 500, 0, false);
    }

    private static void left(Layout layout) {
        layout.isOpen[0] = true;
    }
}
