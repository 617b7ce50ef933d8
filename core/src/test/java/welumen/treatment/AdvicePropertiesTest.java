package welumen.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import welumen.intake.Standard;
import welumen.measure.Finish;
import welumen.strip.Saloon;
import welumen.treatment.SwitchingPoint.FirstTakes;
import welumen.treatment.SwitchingPoint.SecondBuysFor;
import welumen.treatment.SwitchingPoint.WeightIs;

class AdvicePropertiesTest {
    private static final double JUST = 1e-4;

    @Provide
    Arbitrary<List<Candidate>> waySets() {
        var hours = Arbitraries.doubles().between(0.1, 20);
        var bought = Arbitraries.doubles().between(0, 400);
        var waiting = Arbitraries.integers().between(0, 30);
        var finish = Arbitraries.integers().between(0, 8);
        var years = Arbitraries.integers().between(1, 25);
        var original = Arbitraries.doubles().between(0, 1);
        var fails = Arbitraries.doubles().between(0, 0.4);
        var undo = Arbitraries.of(Undo.class);
        return Combinators.combine(hours, bought, waiting, finish, years, original, fails, undo)
                .as(AdvicePropertiesTest::way)
                .list()
                .ofMinSize(2)
                .ofMaxSize(8);
    }

    private static Candidate way(
            double hours, double bought, int waiting, int halves, int years, double original, double fails, Undo undo) {
        return new Candidate(
                Saloon.SEAT,
                List.of(Treatment.RECOVER),
                new Hours(hours / 2, hours, 2 * hours),
                45 * hours,
                bought,
                0,
                waiting,
                new Finish(halves / 2.0),
                original,
                years,
                fails,
                undo,
                false,
                false,
                0);
    }

    @Provide
    Arbitrary<Standard> standards() {
        return Arbitraries.of(Standard.class);
    }

    @Property
    void aCheaperAndBetterWayIsNeverRankedBelow(
            @ForAll("waySets") List<Candidate> ways, @ForAll("standards") Standard standard) {
        var weighing = Weighing.of(standard, ways);
        for (var one : ways)
            for (var other : ways)
                if (Weighing.dominates(one, other))
                    assertThat(weighing.worth(one)).isGreaterThanOrEqualTo(weighing.worth(other) - 1e-12);
        var advice = Advice.of(ways, weighing);
        assertThat(advice.ways().size() + advice.folded().size()).isEqualTo(ways.size());
        assertThat(advice.ways()).isNotEmpty();
    }

    /** Just before the point the first still leads, just beyond it the second does. */
    @Property
    void aSwitchingPointSwitches(@ForAll("waySets") List<Candidate> ways, @ForAll("standards") Standard standard) {
        var weighing = Weighing.of(standard, ways);
        var advice = Advice.of(ways, weighing);
        if (advice.ways().size() < 2) return;
        var first = advice.ways().get(0).candidate();
        var second = advice.ways().get(1).candidate();
        if (weighing.worth(first) - weighing.worth(second) < 1e-6) return;
        for (var point : advice.turns()) {
            var step = JUST * Math.signum(point.then() - point.now()) * Math.max(1, Math.abs(point.then()));
            assertThat(lead(weighing, first, second, point, point.then() + step))
                    .as("beyond %s", point)
                    .isLessThanOrEqualTo(1e-9);
            assertThat(lead(weighing, first, second, point, point.then() - step))
                    .as("before %s", point)
                    .isGreaterThanOrEqualTo(-1e-9);
        }
        assertThat(advice.turns()).isSortedAccordingTo((one, other) -> Double.compare(one.howFar(), other.howFar()));
    }

    private static double lead(
            Weighing weighing, Candidate first, Candidate second, SwitchingPoint point, double figure) {
        return switch (point) {
            case WeightIs(var criterion, var _, var _) -> {
                var shifted = weighing.with(criterion.shifted(weighing.weights(), Math.clamp(figure, 0.0, 1.0)));
                yield shifted.worth(first) - shifted.worth(second);
            }
            case FirstTakes(var now, var _) -> weighing.worth(first.withHours(figure / now)) - weighing.worth(second);
            case SecondBuysFor(var now, var _) ->
                weighing.worth(first) - weighing.worth(second.withPrices(Math.max(0, figure / now)));
        };
    }

    @Property
    void noWeightIsLostWhenOneIsShifted(@ForAll("standards") Standard standard) {
        for (var criterion : Criterion.values())
            for (var to : List.of(0.0, 0.3, 1.0)) {
                var shifted = criterion.shifted(standard.weights(), to);
                assertThat(Stream.of(Criterion.values())
                                .mapToDouble(one -> one.of(shifted))
                                .sum())
                        .isCloseTo(1, org.assertj.core.api.Assertions.within(1e-9));
            }
    }
}
