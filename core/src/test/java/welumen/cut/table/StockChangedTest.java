package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;

class StockChangedTest {
    private static Laid laid(Stock stock) {
        var problem = new CutProblem(3, List.of(rectangle("a", 300, 200, 4)), List.of(stock), List.of());
        return new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(1), (_, _) -> {}, () -> false));
    }

    private static Stock.Roll roll(double width) {
        return new Stock.Roll("wool roll", "", width, 3000, 60, 0, 0);
    }

    @Test
    void aRollThatCameNarrowerIsSaidWhereItMatters() {
        var laid = laid(roll(620));
        assertThat(StockChanged.words(laid, List.of(roll(620)), CutLog.EMPTY)).isEmpty();
        assertThat(StockChanged.words(laid, List.of(roll(640)), CutLog.EMPTY)).isEmpty();
        assertThat(StockChanged.words(laid, List.of(roll(400)), CutLog.EMPTY))
                .containsExactly(
                        "The wool roll is 400 mm wide, and the plan reckons with 620 mm: lay its pieces again.");
        assertThat(StockChanged.words(laid, List.of(), CutLog.EMPTY))
                .singleElement()
                .asString()
                .contains("not there");
        assertThat(StockChanged.words(laid, List.of(), CutLog.EMPTY.after(new SheetCut("wool roll", List.of()))))
                .isEmpty();
    }

    @Test
    void aFlawThatIsFoundUnderAPieceIsSaid() {
        var hide = sheet("hide 1", 700, 500);
        var laid = laid(hide);
        var under = laid.plan()
                .placements()
                .getFirst()
                .pose()
                .apply(Outline.rectangle(300, 200))
                .box()
                .middle();
        var flaw = Cases.at(under.x(), under.y(), Outline.rectangle(10, 10));
        assertThat(StockChanged.words(laid, List.of(hide.flawed(List.of(flaw))), CutLog.EMPTY))
                .singleElement()
                .asString()
                .startsWith("The hide 1 is not as it was laid out on.");
    }
}
