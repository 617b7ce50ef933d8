package welumen.cut.hide;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import welumen.cut.leather.LeatherClass;
import welumen.cut.stock.Stock;

class PopulationTest {
    private static final Population USUAL = Population.of(LeatherClass.STANDARD);

    @Test
    void hidesComeAsThePopulationHasThem() {
        var hides = LongStream.range(0, 200)
                .mapToObj(seed -> USUAL.sampled("h", "hide", seed).shape())
                .toList();
        var mean = hides.stream()
                .mapToDouble(shape -> shape.outline().area())
                .average()
                .orElseThrow();
        var flaws =
                hides.stream().mapToInt(shape -> shape.holes().size()).average().orElseThrow();
        assertThat(mean).isCloseTo(USUAL.meanMm2(), within(4 * USUAL.spreadMm2() / Math.sqrt(200)));
        assertThat(flaws).isCloseTo(USUAL.flaws(), within(4 * Math.sqrt(USUAL.flaws() / 200)));
        assertThat(USUAL.sampled("h", "hide", 7)).isEqualTo(USUAL.sampled("h", "hide", 7));
    }

    /** The more the workshop has seen, the more its own hides count. */
    @Test
    void theWorkshopsOwnHidesTeachIt() {
        var large = new Population(5.4e6, 0.05e6, 3, 0);
        var few = USUAL.learnt(seen(large, 3));
        var many = USUAL.learnt(seen(large, 60));
        assertThat(few.meanMm2()).isBetween(USUAL.meanMm2(), many.meanMm2());
        assertThat(many.meanMm2()).isCloseTo(5.4e6, within(0.1e6));
        assertThat(many.flaws()).isLessThan(few.flaws());
        assertThat(many.seen()).isEqualTo(60);
        assertThat(USUAL.learnt(List.of(new Stock.Roll("r", "hide", 1400, 900, 1, 0, 0))))
                .isEqualTo(USUAL);
    }

    private static List<Stock> seen(Population from, int count) {
        return IntStream.range(0, count)
                .<Stock>mapToObj(i -> from.sampled("h" + i, "hide", i))
                .toList();
    }
}
