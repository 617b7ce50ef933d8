package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Placement;
import welumen.cut.Stock;

/** What is still to be laid out once cutting has begun: what was cut lies where it lay, and what was spoilt is wanted again. */
public final class Remaining {
    private Remaining() {}

    /**
     * @param pieces as the pattern has them now; one that was cut counts as it was cut
     * @param stock what can be cut from now
     */
    public static CutProblem problem(
            double gap, List<CutPiece> pieces, List<Stock> stock, CuttingTable table, CutLog log) {
        if (!(table instanceof Laid laid) || log.cut().isEmpty()) return new CutProblem(gap, pieces, stock, List.of());
        var done = laid.plan().placements().stream()
                .filter(placement -> log.isCut(placement.stock()))
                .toList();
        var open = laid.problem().stock().stream()
                .filter(one -> log.isCut(one.id()))
                .toList();
        return new CutProblem(
                laid.problem().gap(),
                wanted(pieces, laid.problem(), done, log),
                Stream.concat(open.stream(), stock.stream()).toList(),
                done);
    }

    private static List<CutPiece> wanted(List<CutPiece> pieces, CutProblem before, List<Placement> done, CutLog log) {
        var wanted = new ArrayList<CutPiece>();
        for (var piece : pieces) {
            var cut = done.stream().anyMatch(placement -> placement.piece().equals(piece.id()));
            var as = cut ? before.piece(piece.id()) : piece;
            var again = (int) log.spoilt().stream()
                    .filter(spoilt -> spoilt.piece().equals(piece.id()))
                    .count();
            wanted.add(as.times(piece.quantity() + again));
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

    /** Pieces that were cut and are drawn otherwise now, or not at all: what a change has wasted. */
    public static List<String> wasted(List<CutPiece> pieces, CuttingTable table, CutLog log) {
        if (!(table instanceof Laid laid)) return List.of();
        return laid.plan().placements().stream()
                .filter(placement -> log.isCut(placement.stock()) && !log.isSpoilt(placement))
                .map(Placement::piece)
                .distinct()
                .filter(id -> pieces.stream()
                        .noneMatch(piece -> piece.id().equals(id)
                                && piece.shape().equals(laid.problem().piece(id).shape())
                                && piece.material()
                                        .equals(laid.problem().piece(id).material())))
                .toList();
    }
}
