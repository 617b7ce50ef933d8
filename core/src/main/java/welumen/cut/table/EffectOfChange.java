package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutPlan.SheetUse;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.Stock;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;

/**
 * What a change of the pattern does once it has been laid out: which pieces are cut for nothing, which have to be laid
 * again, and what has to be opened for them beside what the plan had opened.
 *
 * @param wasted cut already, and drawn otherwise since
 * @param again the names of the pieces that have to be laid again, or for the first time
 * @param opened what has to be opened for them
 * @param cost of what is opened, and of more length of rolls
 * @param after the table once the change is accepted: what stays lies where it lay
 */
public record EffectOfChange(List<Wasted> wasted, List<String> again, List<Stock> opened, double cost, Laid after) {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(6);

    public EffectOfChange {
        wasted = List.copyOf(wasted);
        again = List.copyOf(again);
        opened = List.copyOf(opened);
    }

    /** Whether nothing was changed. */
    public boolean isNone() {
        return wasted.isEmpty() && again.isEmpty() && after.plan().unplaced().isEmpty();
    }

    /**
     * @param now the pieces as they are drawn now
     * @param stock what can be cut from now
     */
    public static EffectOfChange of(Laid laid, List<CutPiece> now, List<Stock> stock, CutLog log, StopSignal stop) {
        var again = now.stream()
                .filter(piece -> laid.problem().pieces().stream().noneMatch(before -> Wasted.isAsCut(piece, before)))
                .toList();
        var wasted = Wasted.of(now, laid, log);
        var pinned = laid.plan().placements().stream()
                .filter(placement -> now.stream().anyMatch(piece -> piece.id().equals(placement.piece())))
                .filter(placement ->
                        again.stream().noneMatch(piece -> piece.id().equals(placement.piece())))
                .toList();
        if (again.isEmpty() && pinned.size() == laid.plan().placements().size())
            return new EffectOfChange(wasted, List.of(), List.of(), 0, laid);
        var remaining = Remaining.of(whole(laid, now, stock, log, pinned), log);
        var plan = remaining.merged(Nester.untilAllLie(remaining.open(), SHORT, stop));
        var after = new Laid(remaining.whole(), plan);
        return new EffectOfChange(
                wasted,
                again.stream().map(CutPiece::id).toList(),
                plan.sheets().stream()
                        .filter(use -> laid.plan().use(use.stock()).isEmpty())
                        .map(use -> after.problem().stock(use.stock()))
                        .toList(),
                cost(after.problem(), plan) - cost(laid.problem(), laid.plan()),
                after);
    }

    private static CutProblem whole(
            Laid laid, List<CutPiece> now, List<Stock> stock, CutLog log, List<Placement> pinned) {
        var cut = laid.problem().stock().stream().filter(one -> log.isCut(one.id()));
        var pieces = new ArrayList<CutPiece>();
        for (var piece : now) {
            // what was spoilt of it is wanted once more
            var lying = (int) pinned.stream()
                    .filter(placement -> placement.piece().equals(piece.id()))
                    .count();
            pieces.add(piece.times(Math.max(piece.quantity(), lying)));
        }
        return new CutProblem(
                laid.problem().gap(), pieces, Stream.concat(cut, stock.stream()).toList(), pinned);
    }

    private static double cost(CutProblem problem, CutPlan plan) {
        return plan.sheets().stream()
                .mapToDouble((SheetUse use) -> problem.stock(use.stock()).costOf(use.usedLength()))
                .sum();
    }
}
