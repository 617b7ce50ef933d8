package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.piece;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.CutProblem;
import welumen.cut.nest.separation.Collider;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Items;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Resolution;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** What one worker makes of pieces that lie in one row on a roll as wide as they are. */
class StripShrinkingTest {
    private static final double WIDE = 200;
    private static final List<Double> LENGTHS = List.of(150.0, 90.0, 120.0, 100.0, 140.0, 110.0);
    private static final double LEAST = 710;

    /** With so much between one piece and the next. */
    private static Layout row(double apart) {
        return row(DoubleStream.generate(() -> apart).limit(LENGTHS.size()).toArray());
    }

    /** @param behind how much lies behind each */
    private static Layout row(double[] behind) {
        var pieces = IntStream.range(0, LENGTHS.size())
                .mapToObj(i ->
                        piece("p" + i, new Shape(Outline.rectangle(LENGTHS.get(i), WIDE)), 1, 4, new Stretch.Any()))
                .toList();
        var roll = new Stock.Roll("r", "", WIDE, 5_000, 10, 0, 0);
        var problem = new CutProblem(0, pieces, List.of(roll), List.of());
        var layout = new Layout(
                Items.of(problem, problem.stock(), Resolution.FINE),
                List.of(new Container(problem, roll, Resolution.FINE)));
        layout.isOpen[0] = true;
        var end = 0.0;
        for (var i = 0; i < layout.items.size(); i++) {
            layout.lay(i, 0, 0, 0, 0, false);
            var body = layout.bodies[i];
            layout.lay(i, 0, end - body.minX, -body.minY, 0, false);
            end = layout.bodies[i].maxX + behind[i];
        }
        layout.measureAll(new Collider());
        assertThat(layout.total()).isZero();
        return layout;
    }

    private static double length(Layout layout) {
        return IntStream.range(0, layout.bodies.length)
                .mapToDouble(i -> layout.bodies[i].maxX)
                .max()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void whatIsLooseGetsShorterAndNothingIsInTheWay(boolean goesFar) {
        var best = row(20);
        var before = length(best);
        var found = new StripShrinking(new SplittableRandom(5), goesFar)
                .work(best, 0.02, 1500, () -> false)
                .orElseThrow();
        assertThat(length(found)).isLessThan(before - 20).isGreaterThan(LEAST - 0.1);
        found.measureAll(new Collider());
        assertThat(found.total()).isZero();
        assertThat(length(best)).as("the best stays as it was").isEqualTo(before);
    }

    /** Pieces change places, but none is laid over another for that. */
    @Test
    void whatFillsItsLengthIsNotMadeShorter() {
        var best = row(0);
        assertThat(length(best)).isEqualTo(LEAST, within(0.1));
        var found = new StripShrinking(new SplittableRandom(5), false).work(best, 0.02, 1500, () -> false);
        assertThat(found.map(StripShrinkingTest::length).orElse(LEAST)).isEqualTo(LEAST, within(0.1));
    }

    /** Two pieces end up elsewhere in no more length, though nothing is won. */
    @Test
    void sidewaysTwoPiecesChangePlaces() {
        var best = row(0);
        var hand = new StripShrinking(new SplittableRandom(5), false);
        var other = Stream.generate(() -> hand.sideways(best, 1500, () -> false))
                .limit(50)
                .flatMap(Optional::stream)
                .findFirst()
                .orElseThrow();
        assertThat(order(other)).isNotEqualTo(order(best)).containsExactlyInAnyOrderElementsOf(order(best));
        assertThat(length(other)).isLessThanOrEqualTo(length(best) + 1e-6);
        other.measureAll(new Collider());
        assertThat(other.total()).isZero();
    }

    private static List<String> order(Layout layout) {
        return IntStream.range(0, layout.bodies.length)
                .boxed()
                .sorted(Comparator.comparingDouble(i -> layout.bodies[i].minX))
                .map(i -> layout.items.get(i).piece().id())
                .toList();
    }

    /** Room is behind the third piece alone: a cut at any one place finds it one time in four or so. */
    @Test
    void aBiteIsTakenOutWhereThereIsRoom() {
        var best = row(new double[] {1, 1, 50, 1, 1, 1});
        var free = IntStream.range(0, 20)
                .filter(seed -> new StripShrinking(new SplittableRandom(seed), false)
                                .bitten(best, 0.02)
                                .total()
                        == 0)
                .count();
        assertThat(free).isGreaterThan(10);
    }

    @Test
    void theSameSeedFindsTheSame() {
        var lengths = IntStream.range(0, 2)
                .mapToDouble(_ -> length(new StripShrinking(new SplittableRandom(8), false)
                        .work(row(20), 0.02, 600, () -> false)
                        .orElseThrow()))
                .toArray();
        assertThat(lengths[0]).isEqualTo(lengths[1]);
    }

    @Test
    void whoIsStoppedFindsNothing() {
        assertThat(new StripShrinking(new SplittableRandom(5), false).work(row(20), 0.02, 1500, () -> true))
                .isEmpty();
    }
}
