package welumen.cut.table;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cut.CutChange.PieceSpoilt;
import welumen.cut.CutChange.SheetCut;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;

/** Sheet after sheet is cut, now and then a piece is spoilt, and the rest is laid anew: nothing gets lost, nothing is cut twice. */
class RemainingPropertyTest {
    private static final NestOptions FEW = NestOptions.USUAL.withRounds(2);

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void whateverHappensAtTheTableEveryPieceIsCutInTheEnd(long seed) {
        var random = new SplittableRandom(seed);
        var pieces = new ArrayList<CutPiece>();
        for (var i = 0; i < 4; i++)
            pieces.add(rectangle("p" + i, 120 + random.nextInt(200), 80 + random.nextInt(120), 1 + random.nextInt(3)));
        var stock = new ArrayList<Stock>();
        for (var i = 0; i < 8; i++) stock.add(sheet("s" + i, 500, 400));
        var log = CutLog.EMPTY;
        var laid = laid(Remaining.of(new CutProblem(3, pieces, stock, List.of()), log));
        var wanted = pieces.stream().mapToInt(CutPiece::quantity).sum();
        var spoilt = 0;
        while (true) {
            var now = log;
            var next = laid.plan().sheets().stream()
                    .map(use -> use.stock())
                    .filter(one -> !now.isCut(one))
                    .findFirst();
            if (next.isEmpty()) break;
            log = log.after(new SheetCut(next.get(), List.of()));
            if (random.nextInt(3) == 0 && spoilt < 3) {
                var gone = laid.plan().on(next.get()).getFirst();
                if (!log.isSpoilt(gone)) {
                    log = log.after(new PieceSpoilt(gone.piece(), gone.copy(), next.get(), "slipped"));
                    spoilt++;
                }
            }
            var cut = log;
            var left = stock.stream().filter(one -> !cut.isCut(one.id())).toList();
            laid = laid(Remaining.of(3, pieces, left, laid, log));
            assertThat(PlanCheck.faults(laid.problem(), laid.plan().placements()))
                    .isEmpty();
            assertThat(laid.plan().placements()).hasSize(wanted + spoilt);
            assertThat(laid.plan().unplaced()).isEmpty();
        }
        var done = log;
        assertThat(laid.plan().placements()).allMatch(placement -> done.isCut(placement.stock()));
        assertThat(Wasted.of(pieces, laid, log)).isEmpty();
    }

    private static Laid laid(Remaining remaining) {
        var plan = Nester.lay(remaining.open(), FEW, (_, _) -> {}, () -> false);
        return new Laid(remaining.whole(), remaining.merged(plan));
    }
}
