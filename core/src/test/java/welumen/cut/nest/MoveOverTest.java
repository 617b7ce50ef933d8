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
class MoveOverTest {
    private static final int HERE = 6;
    private static final int THERE = 20;
    private static final StopSignal NEVER = () -> false;

    private static Stock sheet(String id, Stretch stretch) {
        return new Stock.Hide(id, "", new Shape(Outline.rectangle(1000, 1000)), 1, List.of(), stretch, 300);
    }

    private static Layout laid(CutPiece here, double otherSide, Stock... stock) {
        var there = Cases.rectangle("there", 100, otherSide, THERE);
        var problem = new CutProblem(0, List.of(here, there), List.of(stock), List.of());
        var fields = problem.stock().stream()
                .map(one -> new Field(problem, one, Fineness.FINE))
                .toList();
        var layout = new Layout(Items.of(problem, problem.stock(), Fineness.FINE), fields);
        var count = new int[stock.length];
        for (var i = 0; i < layout.items.size(); i++) {
            var on = layout.items.get(i).piece().id().equals("there") ? 1 : 0;
            layout.isOpen[on] = true;
            layout.lay(i, on, 100 + 110 * (count[on] % 7), 100 + 110 * (count[on]++ / 7), 0, false);
        }
        return layout;
    }

    private static Layout laid(double otherSide) {
        var any = new Stretch.Any();
        return laid(Cases.rectangle("here", 100, 100, HERE), otherSide, sheet("a", any), sheet("b", any));
    }

    private static List<String> on(Layout layout, int field) {
        return IntStream.range(0, layout.items.size())
                .filter(item -> layout.field[item] == field)
                .mapToObj(item -> layout.items.get(item).piece().id())
                .toList();
    }

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
        var along = new Stretch.Along(0, 10);
        var bound = new CutPiece(
                "here", new Shape(Outline.rectangle(100, 100)), HERE, "", new Turns.AsDrawn(), false, 4, along, "");
        var layout = laid(bound, 80, sheet("a", new Stretch.Along(0, 10)), sheet("b", new Stretch.Along(90, 10)));
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
        var one = new HideWorth(0, 2, 600, 0.4, 0.3);
        assertThat(one).isLessThan(new HideWorth(0, 3, 500, 0.1, 0.1));
        assertThat(one).isLessThan(new HideWorth(1, 1, 300, 0.1, 0.1));
        assertThat(one).isGreaterThan(new HideWorth(0, 2, 600, 0.5, 0.2));
        assertThat(new HideWorth(0, 2, 600, 0.2, 0.3)).isEqualByComparingTo(new HideWorth(0, 2, 600, 0.4, 0.15));
    }
}
