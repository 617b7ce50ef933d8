package welumen.cut.nest;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.shape.Planar;

/**
 * In which order stocks of one material are opened: those that have pinned pieces on them first, for they are open anyway, then
 * those that have most of what is asked for. The fewest hides that do are as a rule the largest, and those with most of the grades
 * that are wanted.
 */
final class OpeningOrder {
    private static final int LOOKS = 600;
    private static final int WORST = 4;

    /** By grade from 1: what share of all that is to be cut may lie on leather of it. */
    private final double[] taken = new double[WORST + 1];

    OpeningOrder(List<CutPiece> pieces) {
        var all = CutPiece.area(pieces);
        for (var grade = 1; grade <= WORST; grade++) {
            var worst = grade;
            taken[grade] = CutPiece.area(pieces.stream()
                            .filter(piece -> piece.grade() >= worst)
                            .toList())
                    / all;
        }
    }

    /** The stock of a problem of one material. */
    static List<Stock> of(CutProblem problem) {
        if (problem.stock().size() < 2 || problem.pieces().isEmpty()) return problem.stock();
        var order = new OpeningOrder(problem.pieces());
        Map<Stock, Double> worth = new HashMap<>();
        for (var stock : problem.stock()) worth.put(stock, order.worth(stock));
        return problem.stock().stream()
                .sorted(Comparator.comparing((Stock stock) -> problem.pinned().stream()
                                .noneMatch(pinned -> pinned.stock().equals(stock.id())))
                        .thenComparing(stock -> -worth.get(stock)))
                .toList();
    }

    /** Its area in mm², each place counting as far as what is asked for may lie there. */
    double worth(Stock stock) {
        var within = new IndexedPointInAreaLocator(Planar.polygon(stock.shape()));
        var zones = stock.zones().reversed().stream()
                .map(zone -> new Graded(zone.grade(), new IndexedPointInAreaLocator(Planar.polygon(zone.outline()))))
                .toList();
        var box = stock.shape().outline().box();
        var sum = 0.0;
        for (var i = 1; i <= LOOKS; i++) {
            var at = new Coordinate(
                    box.minX() + Evenly.across(i) * box.width(), box.minY() + Evenly.up(i) * box.height());
            if (!isIn(within, at)) continue;
            var grade = zones.stream()
                    .filter(zone -> isIn(zone.within(), at))
                    .mapToInt(Graded::grade)
                    .findFirst()
                    .orElse(stock.grade());
            sum += taken[grade];
        }
        return sum / LOOKS * box.area();
    }

    private record Graded(int grade, PointOnGeometryLocator within) {}

    private static boolean isIn(PointOnGeometryLocator within, Coordinate at) {
        return within.locate(at) != Location.EXTERIOR;
    }
}
