package welumen.cut.table;

import java.util.List;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Placement;
import welumen.cut.judge.Lies;

/**
 * A piece that was cut and is drawn otherwise now, or not at all: what a change has wasted.
 *
 * @param mm2 of all its copies
 * @param cost their share of what their hides cost, and of the length of their rolls, by area among the pieces that lie there
 */
public record Wasted(String piece, double mm2, double cost) {
    public static List<Wasted> of(List<CutPiece> pieces, CuttingTable table, CutLog log) {
        if (!(table instanceof Laid laid)) return List.of();
        var cut = laid.plan().placements().stream()
                .filter(placement -> log.isCut(placement.stock()) && !log.isSpoilt(placement))
                .toList();
        return cut.stream()
                .map(Placement::piece)
                .distinct()
                .filter(id -> pieces.stream()
                        .noneMatch(piece -> piece.isDrawnAs(laid.problem().piece(id))))
                .map(id -> of(
                        laid, cut.stream().filter(one -> one.piece().equals(id)).toList()))
                .toList();
    }

    /** Of all together, in mm². */
    public static double area(List<Wasted> all) {
        return all.stream().mapToDouble(Wasted::mm2).sum();
    }

    public static double cost(List<Wasted> all) {
        return all.stream().mapToDouble(Wasted::cost).sum();
    }

    private static Wasted of(Laid laid, List<Placement> copies) {
        var area = 0.0;
        var cost = 0.0;
        for (var copy : copies) {
            var own = Lies.of(laid.problem(), copy).shape().area();
            var use = laid.plan().use(copy.stock()).orElseThrow();
            area += own;
            cost += own / use.pieceArea() * laid.problem().stock(copy.stock()).costOf(use.usedLength());
        }
        return new Wasted(copies.getFirst().piece(), area, cost);
    }
}
