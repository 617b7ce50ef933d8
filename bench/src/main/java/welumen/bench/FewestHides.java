package welumen.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.CutProblem;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

/** With fewer hides no plan can do, by area and grades alone: of each grade and better there is to be as much as is asked for. */
final class FewestHides {
    private static final int WORST = 4;

    private FewestHides() {}

    static int of(CutProblem problem) {
        return IntStream.rangeClosed(1, WORST)
                .map(grade -> of(problem, grade))
                .max()
                .orElse(0);
    }

    private static int of(CutProblem problem, int grade) {
        var asked = problem.pieces().stream()
                .filter(piece -> piece.grade() <= grade)
                .mapToDouble(piece -> piece.shape().area() * piece.quantity())
                .sum();
        var areas = problem.stock().stream()
                .map(stock -> area(stock, grade))
                .sorted(Comparator.reverseOrder())
                .toList();
        var hides = 0;
        for (var sum = 0.0; hides < areas.size() && sum < asked; hides++) sum += areas.get(hides);
        return hides;
    }

    /** Of a stock that is so good or better, without its flaws. */
    private static double area(Stock stock, int grade) {
        var gone = new ArrayList<Geometry>(Grades.of(stock).worseThan(grade));
        for (var flaw : stock.shape().holes()) gone.add(Planar.polygon(flaw));
        return OverlayNGRobust.overlay(
                        Planar.polygon(stock.shape().outline()), OverlayNGRobust.union(gone), OverlayNG.DIFFERENCE)
                .getArea();
    }
}
