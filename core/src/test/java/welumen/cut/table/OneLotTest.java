package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.firstfit.CutAgain;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Pose;
import welumen.shape.Shape;

class OneLotTest {
    private static final List<CutPiece> PIECES = List.of(rectangle("a", 300, 200, 4), rectangle("b", 150, 100, 3));

    private static Stock hide(String id, String dye, double wide, double high) {
        return new Stock.Hide(
                id,
                "",
                Stock.Kind.HIDE,
                new Lot(dye, 1.2, ""),
                new Shape(Outline.rectangle(wide, high)),
                1,
                List.of(),
                new Stretch.Any(),
                300);
    }

    private static CutProblem of(Stock... stock) {
        return new CutProblem(3, PIECES, List.of(stock), List.of());
    }

    private static List<String> kept(CutProblem problem, CutLog log) {
        return OneLot.of(Remaining.of(problem, log), () -> false).stock().stream()
                .map(Stock::id)
                .toList();
    }

    /** Two small hides of one lot would do, one large hide of another does with fewer. */
    @Test
    void allPiecesComeFromTheLotThatDoesBest() {
        var problem = of(hide("s1", "A", 700, 400), hide("s2", "A", 700, 400), hide("s3", "B", 1000, 700));
        assertThat(kept(problem, CutLog.EMPTY)).containsExactly("s3");
        assertThat(kept(of(hide("s1", "A", 700, 400), hide("s2", "A", 700, 400)), CutLog.EMPTY))
                .containsExactly("s1", "s2");
    }

    @Test
    void whereNoLotIsEnoughAllAreUsedAndThatIsSaid() {
        var problem = of(hide("s1", "A", 700, 300), hide("s2", "B", 700, 300));
        assertThat(kept(problem, CutLog.EMPTY)).containsExactly("s1", "s2");
        var laid = new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(2), (_, _) -> {}, () -> false));
        assertThat(LotsMixed.of(laid))
                .singleElement()
                .satisfies(mixed -> assertThat(mixed.words())
                        .contains("more than one dye lot")
                        .contains("most from lot " + mixed.most()));
    }

    /** What was begun is gone on with, though another lot would do it with one hide. */
    @Test
    void theLotThatWasBegunIsGoneOnWith() {
        var begun = new Placement("a", 1, "s1", new Pose(3, 3, 0, false));
        var problem = of(hide("s1", "A", 700, 400), hide("s2", "A", 700, 500), hide("s3", "B", 1000, 700))
                .withPinned(List.of(begun));
        assertThat(kept(problem, CutLog.EMPTY)).containsExactly("s1", "s2");
        assertThat(kept(problem, CutLog.EMPTY.after(new SheetCut("s1", List.of()))))
                .containsExactly("s2");
    }

    /** On 650 by 450 lie four of 300 by 200, with a rim of 38 beside them: room for a small one, but for no fifth. */
    @Test
    void theReserveSaysWhatCouldNotBeCutAgain() {
        var problem = new CutProblem(
                3,
                List.of(rectangle("a", 300, 200, 4), rectangle("b", 30, 30, 1)),
                List.of(hide("s1", "A", 650, 450), hide("s2", "A", 650, 450)),
                List.of());
        var laid = new Laid(problem, Nester.lay(problem, NestOptions.USUAL.withRounds(8), (_, _) -> {}, () -> false));
        assertThat(laid.plan().sheets()).hasSize(1);
        assertThat(CutAgain.without(laid, List.of(), CutLog.EMPTY, StopSignal.NEVER))
                .containsExactly("a");
        var offcut = new Stock.Hide(
                "s0, offcut 1",
                "",
                Stock.Kind.OFFCUT,
                new Lot("A", 1.2, ""),
                new Shape(Outline.rectangle(400, 300)),
                1,
                List.of(),
                new Stretch.Any(),
                0);
        assertThat(CutAgain.without(laid, List.of(offcut), CutLog.EMPTY, StopSignal.NEVER))
                .isEmpty();
    }
}
