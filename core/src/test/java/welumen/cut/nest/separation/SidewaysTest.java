package welumen.cut.nest.separation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.nest.TwoSheets.HERE;
import static welumen.cut.nest.TwoSheets.THERE;
import static welumen.cut.nest.TwoSheets.bound;
import static welumen.cut.nest.TwoSheets.laid;
import static welumen.cut.nest.TwoSheets.on;

import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.StopSignal;
import welumen.cut.Turns;
import welumen.cut.nest.HideStrategy;
import welumen.cut.nest.HideTrials;

/** Pieces of two sheets change places. */
class SidewaysTest {
    private static final StopSignal NEVER = () -> false;

    /** Of one piece all are alike, so that one of the first sheet changes places with a smaller one of the second. */
    @ParameterizedTest
    @ValueSource(doubles = {62, 80, 100})
    void twoChangePlaces(double otherSide) {
        for (var seed = 0; seed < 20; seed++) {
            var layout = laid(otherSide);
            var before = layout.copy();
            Sideways.from(layout, 0, new SplittableRandom(seed));
            assertThat(on(layout, 0)).hasSize(HERE).containsOnlyOnce("there");
            assertThat(on(layout, 1)).hasSize(THERE).containsOnlyOnce("here");
            var moved = IntStream.range(0, layout.items.size())
                    .filter(item -> layout.field[item] != before.field[item])
                    .toArray();
            assertThat(moved).hasSize(2);
            assertThat(layout.bodies[moved[0]].x).isEqualTo(before.bodies[moved[1]].x);
            assertThat(layout.bodies[moved[1]].y).isEqualTo(before.bodies[moved[0]].y);
            for (var item = 0; item < layout.items.size(); item++)
                assertThat(layout.mayLieOn(item, 0)).isEqualTo(layout.field[item] == 0);
        }
    }

    /** Larger ones would cover more of the first sheet; much smaller ones leave a hole that says little. */
    @ParameterizedTest
    @ValueSource(doubles = {40, 59, 101, 140})
    void othersStay(double otherSide) {
        assertStays(laid(otherSide));
    }

    /** A piece that may not be turned the way the other sheet stretches stays. */
    @Test
    void whatMayNotLieThereStays() {
        assertStays(bound(new Turns.AsDrawn(), 80));
    }

    /** One that may is turned until it stretches as the other sheet does. */
    @Test
    void isTurnedAsTheOtherStretches() {
        var layout = bound(new Turns.Free(), 80);
        Sideways.from(layout, 0, new SplittableRandom(1));
        assertThat(on(layout, 1)).containsOnlyOnce("here");
        for (var item = 0; item < HERE; item++) {
            var off = Math.abs(Math.cos(layout.bodies[item].turn));
            if (layout.field[item] == 0) assertThat(off).isEqualTo(1);
            else assertThat(off).isLessThanOrEqualTo(Math.sin(Math.toRadians(10)) + 1e-9);
        }
    }

    private static void assertStays(Layout layout) {
        for (var seed = 0; seed < 20; seed++) {
            Sideways.from(layout, 0, new SplittableRandom(seed));
            assertThat(on(layout, 0)).hasSize(HERE).containsOnly("here");
        }
    }

    /** Separated, no more lies on the emptiest than before, in a box that is no larger. */
    @Test
    void noMoreLiesOnTheEmptiest() {
        var from = laid(80);
        var trials = new HideTrials(from.fields, from.items);
        var before = trials.worth(from);
        var trial = trials.sideways(from, new SplittableRandom(3));
        assertThat(trial.worth()).isLessThanOrEqualTo(before);
        assertThat(trial.worth().box()).isCloseTo(before.box(), within(1e-9));
        assertThat(trial.separation().run(500, NEVER)).isEqualTo(Separation.Outcome.APART);
        assertThat(trials.worth(trials.closedWhereEmpty(trial.layout()))).isLessThanOrEqualTo(before);
    }

    /** A hand may have gone sideways on the way, but what it finds is better than what it was given, and nothing collides in it. */
    @Test
    void whatAHandFindsIsBetter() {
        var best = laid(80);
        var trials = new HideTrials(best.fields, best.items);
        var hand = new HideStrategy(trials, new SplittableRandom(5), true);
        var gains = 0;
        for (var round = 0; round < 12; round++) {
            var found = hand.work(best, 100, NEVER);
            if (found.isEmpty()) continue;
            gains++;
            assertThat(trials.worth(found.get())).isLessThan(trials.worth(best));
            found.get().measureAll(new Collider());
            assertThat(found.get().total()).isZero();
            best = found.get();
        }
        assertThat(gains).isGreaterThan(2);
    }
}
