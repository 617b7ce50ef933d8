package welumen.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutChange.StockBrought;
import welumen.cut.CutChange.StockSentBack;
import welumen.cut.stock.Stock;
import welumen.shape.Pose;

class CutLogTest {
    private static final Stock.Hide OWN = Cases.sheet("hide 1", 900, 600);
    private static final Stock.Hide BROUGHT = Cases.sheet("hide 2", 800, 600);
    private static final Stock.Hide OFFCUT = Cases.sheet("hide 1, offcut 1", 300, 200);

    private static List<String> ids(List<Stock> stock) {
        return stock.stream().map(Stock::id).toList();
    }

    @Test
    void whatIsCutIsGoneAndItsOffcutsAreThere() {
        var log = CutLog.EMPTY.after(new StockBrought(BROUGHT));
        assertThat(ids(log.toCutFrom(List.of(OWN), List.of()))).containsExactly("hide 1", "hide 2");
        var cut = log.after(new SheetCut("hide 1", List.of(OFFCUT)));
        assertThat(ids(cut.toCutFrom(List.of(OWN), List.of()))).containsExactly("hide 2", "hide 1, offcut 1");
        assertThat(cut.isCut("hide 1")).isTrue();
    }

    /** The workshop has each hide once, whichever job cuts it. */
    @Test
    void whatAnotherJobCutIsGoneHereToo() {
        var other = CutLog.EMPTY.after(new SheetCut("hide 1", List.of(OFFCUT)));
        assertThat(ids(CutLog.EMPTY.toCutFrom(List.of(OWN), List.of(other)))).containsExactly("hide 1, offcut 1");
        var used = CutLog.EMPTY.after(new SheetCut(OFFCUT.id(), List.of()));
        assertThat(used.toCutFrom(List.of(OWN), List.of(other))).isEmpty();
    }

    @Test
    void whatIsMeasuredAnewStandsInItsPlaceAndCanBeSentBack() {
        var larger = Cases.sheet("hide 1", 950, 600);
        var log = CutLog.EMPTY.after(new StockBrought(larger)).after(new StockBrought(BROUGHT));
        assertThat(log.toCutFrom(List.of(OWN), List.of())).containsExactly(larger, BROUGHT);
        assertThat(log.after(new StockSentBack("hide 2")).brought()).containsExactly(larger);
    }

    @Test
    void aSpoiltPieceIsKnownByItsCopy() {
        var log = CutLog.EMPTY.after(new PieceSpoilt("a", 2, "hide 1", "slipped"));
        assertThat(log.isSpoilt(new Placement("a", 2, "hide 1", new Pose(0, 0, 0, false))))
                .isTrue();
        assertThat(log.isSpoilt(new Placement("a", 1, "hide 1", new Pose(0, 0, 0, false))))
                .isFalse();
    }
}
