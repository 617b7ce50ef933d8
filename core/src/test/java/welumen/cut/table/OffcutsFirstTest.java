package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Shape;

class OffcutsFirstTest {
    private static final Stock.Hide OFFCUT = new Stock.Hide(
            "hide 1, offcut 1",
            "",
            Stock.Kind.OFFCUT,
            Lot.UNKNOWN,
            new Shape(Outline.rectangle(420, 220)),
            1,
            List.of(),
            new Stretch.Any(),
            0);

    private static CutProblem problem(Stock... stock) {
        return new CutProblem(
                3,
                List.of(rectangle("large", 600, 500, 1), rectangle("small", 200, 190, 3)),
                List.of(stock),
                List.of());
    }

    @Test
    void smallPiecesGoOnOffcutsAndStayThere() {
        var pinned = OffcutsFirst.pinned(problem(sheet("hide 2", 2000, 1500), OFFCUT), StopSignal.NEVER);
        assertThat(pinned.pinned()).hasSize(2).allMatch(one -> one.piece().equals("small"));
        assertThat(pinned.pinned()).extracting(Placement::stock).containsOnly(OFFCUT.id());
        assertThat(PlanCheck.faults(pinned, pinned.pinned())).isEmpty();
    }

    @Test
    void withoutOffcutsOrSmallPiecesNothingChanges() {
        var plain = problem(sheet("hide 2", 2000, 1500));
        assertThat(OffcutsFirst.pinned(plain, StopSignal.NEVER)).isSameAs(plain);
        var large = new CutProblem(3, List.of(rectangle("large", 600, 500, 1)), List.of(OFFCUT), List.of());
        assertThat(OffcutsFirst.pinned(large, StopSignal.NEVER)).isSameAs(large);
    }
}
