package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Placement;
import welumen.cut.cloth.StripesUp;
import welumen.cut.judge.SheetUses;
import welumen.cut.stock.Stock;

/**
 * What is still to be laid out once cutting has begun: what was cut lies where it lay, on stock that nothing is laid on any
 * more; what was spoilt leaves its hole where it was, and is wanted again.
 *
 * @param whole with all that was cut, pinned
 * @param open what the nester has to lay: without the stock that was cut, and what lies on it
 * @param done what was cut
 */
public record Remaining(CutProblem whole, CutProblem open, List<Placement> done) {
    public Remaining {
        done = List.copyOf(done);
    }

    /**
     * @param pieces as the pattern has them now; one that was cut counts as it was cut
     * @param stock what can be cut from now
     */
    public static Remaining of(double gap, List<CutPiece> pieces, List<Stock> stock, CuttingTable table, CutLog log) {
        var fresh = StripesUp.of(new CutProblem(gap, pieces, stock, List.of()));
        if (!(table instanceof Laid laid)) return of(fresh, log);
        var fixed = laid.plan().placements().stream().filter(log::isDone).toList();
        if (fixed.isEmpty()) return of(fresh, log);
        var cut = laid.problem().stock().stream()
                .filter(one -> log.isCut(one.id()))
                .toList();
        return of(
                StripesUp.of(new CutProblem(
                        laid.problem().gap(),
                        wanted(pieces, laid.problem(), fixed, log),
                        Stream.concat(cut.stream(), stock.stream()).toList(),
                        fixed)),
                log);
    }

    /** @param whole what was cut is pinned in it */
    public static Remaining of(CutProblem whole, CutLog log) {
        var done = whole.pinned().stream()
                .filter(placement -> log.isCut(placement.stock()))
                .toList();
        var pieces = whole.pieces().stream()
                .map(piece -> piece.times(left(piece, done).size()))
                .toList();
        var stock = whole.stock().stream().filter(one -> !log.isCut(one.id())).toList();
        var pinned = whole.pinned().stream()
                .filter(placement -> !done.contains(placement))
                .map(placement -> numbered(
                        placement, left(whole.piece(placement.piece()), done).indexOf(placement.copy()) + 1))
                .toList();
        return new Remaining(whole, new CutProblem(whole.gap(), pieces, stock, pinned), done);
    }

    /** A plan of what is open, and what was cut. */
    public CutPlan merged(CutPlan plan) {
        var all = new ArrayList<>(done);
        for (var placement : plan.placements())
            all.add(numbered(
                    placement, left(whole.piece(placement.piece()), done).get(placement.copy() - 1)));
        return new CutPlan(all, plan.unplaced(), SheetUses.of(whole, all), plan.rounds());
    }

    private static Placement numbered(Placement placement, int copy) {
        return new Placement(placement.piece(), copy, placement.stock(), placement.pose());
    }

    /** The numbers of the copies that are not cut yet. */
    private static List<Integer> left(CutPiece piece, List<Placement> done) {
        return IntStream.rangeClosed(1, piece.quantity())
                .filter(copy -> done.stream()
                        .noneMatch(placement -> placement.piece().equals(piece.id()) && placement.copy() == copy))
                .boxed()
                .toList();
    }

    private static List<CutPiece> wanted(List<CutPiece> pieces, CutProblem before, List<Placement> done, CutLog log) {
        var wanted = new ArrayList<CutPiece>();
        for (var piece : pieces) {
            var cut = done.stream().anyMatch(placement -> placement.piece().equals(piece.id()));
            var as = cut ? before.piece(piece.id()) : piece;
            wanted.add(as.times(piece.quantity() + log.spoiltOf(piece.id())));
        }
        // no longer drawn, but cut
        for (var piece : before.pieces())
            if (wanted.stream().noneMatch(one -> one.id().equals(piece.id()))
                    && done.stream().anyMatch(placement -> placement.piece().equals(piece.id())))
                wanted.add(piece.times((int) done.stream()
                        .filter(placement -> placement.piece().equals(piece.id()))
                        .count()));
        return wanted;
    }
}
