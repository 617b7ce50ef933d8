package welumen.cut.nest.quick;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

/**
 * In which order stocks of one material are opened: those that have pinned pieces on them first, for they are open anyway, then
 * those that have most of what is asked for. The fewest hides that do are as a rule the largest, and those with most of the grades
 * that are wanted.
 */
public final class OpeningOrder {
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
    public static List<Stock> of(CutProblem problem) {
        if (problem.stock().size() < 2 || problem.pieces().isEmpty()) return problem.stock();
        var order = new OpeningOrder(problem.pieces());
        var worth = problem.stock().parallelStream().collect(Collectors.toMap(Stock::id, order::worth));
        return problem.stock().stream()
                .sorted(Comparator.comparing((Stock stock) -> problem.pinned().stream()
                                .noneMatch(pinned -> pinned.stock().equals(stock.id())))
                        .thenComparing(stock -> -Objects.requireNonNull(worth.get(stock.id()))))
                .toList();
    }

    /** What can be cut of it, in mm², each place counting as far as what is asked for may lie there; flaws lie anywhere. */
    double worth(Stock stock) {
        var grades = Grades.of(stock);
        var sum = 0.0;
        for (var grade = 1; grade <= WORST; grade++) sum += taken[grade] * grades.areaOf(grade);
        return sum * Planar.areaLeft(stock.shape()) / stock.shape().outline().area();
    }
}
