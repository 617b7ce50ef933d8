package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.stock.Stock;
import welumen.cut.table.Leftover.Cuts;

class LeftoverTest {
    private static final LocalDate APRIL = LocalDate.of(2026, 4, 14);
    private static final Stock SMALL = Cases.sheet("hide 1, offcut 2", 360, 240);
    private static final Stock LARGE = Cases.sheet("hide 1, offcut 1", 900, 500);
    private static final Stock REST = new Stock.Roll("wool roll, rest", "wool", 1400, 350, 60, 0, 76);

    private static final CutLog LOG = CutLog.EMPTY
            .after(new SheetCut("hide 1", List.of(LARGE, SMALL), APRIL))
            .after(new SheetCut("wool roll", List.of(REST), APRIL.plusDays(1)));

    @Test
    void whatWasCutFromSinceIsNoLongerThere() {
        var all = Leftover.of(List.of(new Cuts("Selkie", LOG)));
        assertThat(all).extracting(Leftover::stock).containsExactly(LARGE, SMALL, REST);
        assertThat(all.getLast().mayGo()).isEqualTo(LocalDate.of(2029, 4, 15));
        var other = CutLog.EMPTY.after(new SheetCut(LARGE.id(), List.of(), APRIL));
        assertThat(Leftover.of(List.of(new Cuts("Selkie", LOG), new Cuts("Drumlin", other))))
                .extracting(Leftover::stock)
                .containsExactly(SMALL, REST);
    }

    /** A missing piece is cut from the smallest that has it, whichever way it lies. */
    @Test
    void aMissingPieceIsFoundTheSmallestOffcut() {
        var all = Leftover.of(List.of(new Cuts("Selkie", LOG)));
        assertThat(Leftover.having(all, 180, 300)).extracting(Leftover::stock).containsExactly(SMALL, LARGE, REST);
        assertThat(Leftover.having(all, 420, 180)).extracting(Leftover::stock).containsExactly(LARGE, REST);
        assertThat(Leftover.having(all, 1000, 600)).isEmpty();
    }

    @Test
    void ofEachMaterialSomethingIsKeptForRepairs() {
        var all = Leftover.of(List.of(new Cuts("Selkie", LOG)));
        assertThat(Leftover.nothingKept(Stream.of(LARGE, REST), all)).isEmpty();
        assertThat(Leftover.nothingKept(Stream.of(LARGE, REST), all.subList(0, 2)))
                .containsExactly("wool");
    }
}
