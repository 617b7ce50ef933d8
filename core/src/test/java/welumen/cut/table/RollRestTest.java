package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Planar;

class RollRestTest {
    private static final Stock.Roll ROLL = new Stock.Roll("wool roll", "", 1400, 5000, 60, 0, 76);

    /** Four of 500 by 300 lie in a row or two; the rest begins 3 mm beyond them, and can be cut from next. */
    @Test
    void whatIsLeftOfARollIsARollToCutFrom() {
        var plain = new Stock.Roll("carpet roll", "", 1000, 4000, 48, 0, 0);
        var problem = new CutProblem(3, List.of(Cases.rectangle("mat", 500, 300, 4)), List.of(plain), List.of());
        var plan = Nester.lay(problem, NestOptions.USUAL.withRounds(1), (_, _) -> {}, () -> false);
        var used = plan.sheets().getFirst().usedLength();

        var rest = RollRest.of(new Laid(problem, plan), plain).orElseThrow();
        assertThat(rest).isEqualTo(new Stock.Roll("carpet roll, rest", "", 1000, 4000 - used - 3, 48, 0, 0));

        var lot = new Lot("W4", 0, "");
        assertThat(RollRest.of(new Stock.Roll("r", "", lot, 1000, 4000, 48, 0, 0, 15), 900, 3)
                        .orElseThrow()
                        .lot())
                .isEqualTo(lot);

        var log = CutLog.EMPTY.after(new SheetCut(plain.id(), List.of(rest)));
        assertThat(log.toCutFrom(List.of(plain), List.of())).containsExactly(rest);
    }

    /** A check of 120 along the roll: 1,003 are used, and the rest begins on the next line, at 1,080. */
    @Test
    void theRestBeginsWhereThePatternDoes() {
        var checked = new Stock.Roll("roll, rest", "", 1400, 5000, 60, 120, 76);
        assertThat(RollRest.of(checked, 1000, 3))
                .contains(new Stock.Roll("roll, rest 2", "", 1400, 5000 - 1080, 60, 120, 76));
        assertThat(RollRest.of(new Stock.Roll("roll, rest 9", "", 1400, 5000, 60, 0, 0), 1000, 3)
                        .orElseThrow()
                        .id())
                .isEqualTo("roll, rest 10");
    }

    /** One lay before the cut, one is cut through, one lies beyond: 1,003 are cut off. */
    @Test
    void flawsGoWithTheRest() {
        var flawed = ROLL.flawed(List.of(
                Cases.at(100, 100, Outline.rectangle(50, 50)),
                Cases.at(980, 100, Outline.rectangle(50, 50)),
                Cases.at(2003, 100, Outline.rectangle(50, 50))));
        var rest = RollRest.of(flawed, 1000, 3).orElseThrow();
        assertThat(rest.flaws())
                .hasSize(2)
                .allSatisfy(flaw -> assertThat(flaw.box().minX()).isPositive());
        assertThat(rest.flaws())
                .extracting(flaw -> Math.rint(flaw.box().maxX()))
                .containsExactlyInAnyOrder(27.0, 1050.0);
        assertThat(Planar.areaLeft(rest.shape())).isCloseTo(3997 * 1400 - 26 * 50 - 50 * 50, within(1.0));
    }

    /** 397 mm by 1400 would be kept, but not with a crease through its middle. */
    @Test
    void whatIsLeftBesideACreaseMayBeTooLittle() {
        var creased = ROLL.flawed(List.of(Cases.at(4740, 0, Outline.rectangle(120, 1400))));
        assertThat(RollRest.of(ROLL, 4600, 3)).isPresent();
        assertThat(RollRest.of(creased, 4600, 3)).isEmpty();
    }

    @Test
    void aShortEndIsNotKept() {
        assertThat(RollRest.of(ROLL, 4790, 3)).isPresent();
        assertThat(RollRest.of(ROLL, 4810, 3)).isEmpty();
    }
}
