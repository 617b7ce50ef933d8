package welumen.cut.table;

import java.util.List;
import welumen.cut.CutLog;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Lies;
import welumen.cut.Placement;
import welumen.cut.Stock;

/**
 * A piece that was cut and is drawn otherwise now, or not at all: what a change has wasted.
 *
 * @param mm2 of all its copies
 * @param cost their share of what their hides cost, and of the length of their rolls, by area among the pieces that lie there
 */
public record Wasted(String piece, double mm2, double cost) {
    private static final double MM_PER_M = 1000;

    public static List<Wasted> of(List<CutPiece> pieces, CuttingTable table, CutLog log) {
        if (!(table instanceof Laid laid)) return List.of();
        var cut = laid.plan().placements().stream()
                .filter(placement -> log.isCut(placement.stock()) && !log.isSpoilt(placement))
                .toList();
        return cut.stream()
                .map(Placement::piece)
                .distinct()
                .filter(id -> pieces.stream()
                        .noneMatch(piece -> isAsCut(piece, laid.problem().piece(id))))
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

    private static boolean isAsCut(CutPiece piece, CutPiece cut) {
        return piece.id().equals(cut.id())
                && piece.shape().equals(cut.shape())
                && piece.material().equals(cut.material());
    }

    private static Wasted of(Laid laid, List<Placement> copies) {
        var area = 0.0;
        var cost = 0.0;
        for (var copy : copies) {
            var own = Lies.of(laid.problem(), copy).shape().area();
            area += own;
            cost += own / areaOn(laid, copy.stock()) * costOf(laid, copy.stock());
        }
        return new Wasted(copies.getFirst().piece(), area, cost);
    }

    private static double areaOn(Laid laid, String stock) {
        return laid.plan().on(stock).stream()
                .mapToDouble(
                        placement -> Lies.of(laid.problem(), placement).shape().area())
                .sum();
    }

    private static double costOf(Laid laid, String stock) {
        return switch (laid.problem().stock(stock)) {
            case Stock.Hide hide -> hide.cost();
            case Stock.Roll roll ->
                roll.costPerMetre()
                        * laid.plan().sheets().stream()
                                .filter(use -> use.stock().equals(stock))
                                .mapToDouble(use -> use.usedLength())
                                .sum()
                        / MM_PER_M;
        };
    }
}
