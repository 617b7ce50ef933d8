package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.nest.TwoSheets.HERE;
import static welumen.cut.nest.TwoSheets.THERE;
import static welumen.cut.nest.TwoSheets.bound;
import static welumen.cut.nest.TwoSheets.laid;
import static welumen.cut.nest.TwoSheets.on;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.StopSignal;
import welumen.cut.Turns;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Separation;

/** Pieces of the first of two sheets go over to the second. */
class MoveOverTest {
    private static final StopSignal NEVER = () -> false;

    /** Where nothing of the others is a little smaller, one goes and nothing comes back. */
    @ParameterizedTest
    @ValueSource(doubles = {50, 99, 120})
    void oneGoes(double otherSide) {
        for (var seed = 0; seed < 20; seed++) {
            var layout = laid(otherSide);
            MoveOver.from(layout, 0, new SplittableRandom(seed));
            assertThat(on(layout, 0)).hasSize(HERE - 1).containsOnly("here");
            assertThat(on(layout, 1)).hasSize(THERE + 1);
            for (var item = 0; item < layout.items.size(); item++)
                assertThat(layout.mayLieOn(item, 0)).isEqualTo(layout.field[item] == 0);
        }
    }

    /** As a rule one of 0.8 of its size comes back, and may lie on either. */
    @Test
    void aSmallerOneComesBack() {
        var exchanged = 0;
        for (var seed = 0; seed < 100; seed++) {
            var layout = laid(80);
            MoveOver.from(layout, 0, new SplittableRandom(seed));
            assertThat(on(layout, 1)).containsOnlyOnce("here");
            for (var item = 0; item < layout.items.size(); item++)
                if (layout.field[item] == 0) assertThat(layout.keptOff[item]).isEqualTo(Layout.NONE);
            if (!on(layout, 0).contains("there")) continue;
            assertThat(on(layout, 0)).hasSize(HERE).containsOnlyOnce("there");
            exchanged++;
        }
        assertThat(exchanged).isBetween(50, 90);
    }

    /** A piece that may not be turned the way the other sheet stretches stays. */
    @Test
    void whatMayLieNowhereElseStays() {
        var layout = bound(new Turns.AsDrawn(), 80);
        assertThat(MoveOver.mayGo(layout, 0)).isEmpty();
        assertThat(new HideTrials(layout.fields, layout.items).canMoveOver(layout))
                .isFalse();
        assertThat(new HideTrials(layout.fields, layout.items).canMoveOver(laid(80)))
                .isTrue();
    }

    /** Separated, less lies on the emptiest in a box that is no larger, and anything may lie anywhere again. */
    @Test
    void lessLiesOnTheEmptiest() {
        var from = laid(80);
        var trials = new HideTrials(from.fields, from.items);
        var before = trials.worth(from);
        var trial = trials.movedOver(from, 0, new SplittableRandom(3));
        assertThat(trial.worth()).isLessThan(before);
        assertThat(trial.worth().box()).isCloseTo(before.box(), within(1e-9));
        assertThat(trial.separation().run(500, NEVER)).isEqualTo(Separation.Outcome.APART);
        var after = trials.worth(trials.closedWhereEmpty(trial.layout()));
        assertThat(after).isLessThan(before);
        assertThat(after.load()).isLessThanOrEqualTo(trial.worth().load() + 1e-9);
        assertThat(after.box()).isLessThanOrEqualTo(before.box() + 1e-9);
        assertThat(trial.layout().keptOff).containsOnly(Layout.NONE);
    }

    /** Less of the emptiest hide counts for nothing where another hide is open; a box half as large as much as half the load. */
    @Test
    void hidesComeBeforeWhatLiesOnThem() {
        var one = new HideObjective(0, 2, 600, 0.4, 0.3);
        assertThat(one).isLessThan(new HideObjective(0, 3, 500, 0.1, 0.1));
        assertThat(one).isLessThan(new HideObjective(1, 1, 300, 0.1, 0.1));
        assertThat(one).isGreaterThan(new HideObjective(0, 2, 600, 0.5, 0.2));
        assertThat(new HideObjective(0, 2, 600, 0.2, 0.3))
                .isEqualByComparingTo(new HideObjective(0, 2, 600, 0.4, 0.15));
    }
}
