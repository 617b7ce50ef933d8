package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.cut.StopSignal;
import welumen.cut.Stretch;
import welumen.cut.Turns;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** Six pieces of 100 by 100 on the first of two sheets, and on the second twenty others. */
class SidewaysTest {
    private static final int HERE = 6;
    private static final int THERE = 20;
    private static final StopSignal NEVER = () -> false;

    private static Stock sheet(String id, Stretch stretch) {
        return new Stock.Hide(id, "", new Shape(Outline.rectangle(1000, 1000)), 1, List.of(), stretch, 300);
    }

    private static Layout laid(CutPiece here, double otherSide, Stretch there) {
        var others = Cases.rectangle("there", 100, otherSide, THERE);
        var stock = List.of(sheet("a", new Stretch.Along(0, 10)), sheet("b", there));
        var problem = new CutProblem(0, List.of(here, others), stock, List.of());
        var fields = stock.stream()
                .map(one -> new Field(problem, one, Fineness.FINE))
                .toList();
        var layout = new Layout(Items.of(problem, problem.stock(), Fineness.FINE), fields);
        var count = new int[stock.size()];
        for (var i = 0; i < layout.items.size(); i++) {
            var on = layout.items.get(i).piece().id().equals("there") ? 1 : 0;
            layout.isOpen[on] = true;
            layout.lay(i, on, 100 + 130 * (count[on] % 7), 100 + 130 * (count[on]++ / 7), 0, false);
        }
        return layout;
    }

    private static Layout laid(double otherSide) {
        return laid(Cases.rectangle("here", 100, 100, HERE), otherSide, new Stretch.Any());
    }

    private static List<String> on(Layout layout, int field) {
        return IntStream.range(0, layout.items.size())
                .filter(item -> layout.field[item] == field)
                .mapToObj(item -> layout.items.get(item).piece().id())
                .toList();
    }

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
        assertStays(laid(bound(new Turns.AsDrawn()), 80, new Stretch.Along(90, 10)));
    }

    /** One that may is turned until it stretches as the other sheet does. */
    @Test
    void isTurnedAsTheOtherStretches() {
        var layout = laid(bound(new Turns.Free()), 80, new Stretch.Along(90, 10));
        Sideways.from(layout, 0, new SplittableRandom(1));
        assertThat(on(layout, 1)).containsOnlyOnce("here");
        for (var item = 0; item < HERE; item++) {
            var off = Math.abs(Math.cos(layout.bodies[item].turn));
            if (layout.field[item] == 0) assertThat(off).isEqualTo(1);
            else assertThat(off).isLessThanOrEqualTo(Math.sin(Math.toRadians(10)) + 1e-9);
        }
    }

    private static CutPiece bound(Turns turns) {
        var shape = new Shape(Outline.rectangle(100, 100));
        return new CutPiece("here", shape, HERE, "", turns, false, 4, new Stretch.Along(0, 10), "");
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
        var hand = new HideHand(trials, new SplittableRandom(5), true);
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
