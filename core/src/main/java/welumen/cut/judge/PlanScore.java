package welumen.cut.judge;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.shape.Box;
import welumen.shape.Planar;

/**
 * How good a plan is, in the order in which it counts: pieces left over, sheets opened, cost, and the least of the
 * emptiest sheet, which is a roll's used length or the share of a hide that the box round its pieces covers.
 */
public record PlanScore(int leftOver, int sheets, double cost, double leastOfSheet) implements Comparable<PlanScore> {
    private static final Comparator<PlanScore> ORDER = Comparator.comparingInt(PlanScore::leftOver)
            .thenComparingInt(PlanScore::sheets)
            .thenComparingDouble(PlanScore::cost)
            .thenComparingDouble(PlanScore::leastOfSheet);

    public static PlanScore of(CutProblem problem, List<Placement> placements) {
        var all = CutPiece.count(problem.pieces());
        return of(
                all,
                placements.stream()
                        .map(placement -> Lies.of(problem, placement))
                        .toList());
    }

    /** The score of these placements; {@code all} is how many there should be. */
    static PlanScore of(int all, List<Lies> lying) {
        var bySheet = lying.stream().collect(Collectors.groupingBy(Lies::stock));
        var cost = bySheet.entrySet().stream()
                .mapToDouble(use -> use.getKey().costOf(box(use.getValue()).maxX()))
                .sum();
        var least = bySheet.entrySet().stream()
                .mapToDouble(use -> used(use.getKey(), use.getValue()))
                .min()
                .orElse(0);
        return new PlanScore(all - lying.size(), bySheet.size(), Math.round(cost * 1e6) / 1e6, least);
    }

    private static double used(Stock stock, List<Lies> lying) {
        return switch (stock) {
            case Stock.Hide hide -> covered(hide, box(lying));
            case Stock.Roll roll -> box(lying).maxX() / roll.length();
        };
    }

    /** The share of a hide, its flaws counted as leather, that lies within a box. */
    public static double covered(Stock stock, Box box) {
        var outline = stock.shape().outline();
        return Planar.areaWithin(outline, box) / outline.area();
    }

    static Box box(List<Lies> lying) {
        return lying.stream()
                .map(lies -> lies.shape().outline().box())
                .reduce(Box::with)
                .orElseThrow();
    }

    @Override
    public int compareTo(PlanScore other) {
        return ORDER.compare(this, other);
    }
}
