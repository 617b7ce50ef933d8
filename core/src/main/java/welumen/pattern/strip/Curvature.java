package welumen.pattern.strip;

import java.util.List;
import welumen.shape.Point;
import welumen.shape.Run;

/** How tightly a line bends. */
final class Curvature {
    /** Chord in mm over which the height of a bend is measured: what is shorter is a corner, and is nicked or mitred. */
    private static final double OVER_MM = 40;

    private static final double STEP_MM = 5;

    private Curvature() {}

    /** The smallest radius of a line in mm; infinite where it is straight or shorter than it can be measured by. */
    static double tightestMm(List<Point> line) {
        var run = new Run(line);
        var length = run.lengthMm();
        var tightest = Double.POSITIVE_INFINITY;
        for (var from = 0.0; from + OVER_MM <= length; from += STEP_MM)
            tightest = Math.min(tightest, radius(run.at(from), run.at(from + OVER_MM / 2), run.at(from + OVER_MM)));
        return tightest;
    }

    /** Of the circle through three points. */
    private static double radius(Point a, Point b, Point c) {
        var twice = Math.abs((b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x()));
        var sides = a.to(b) * b.to(c) * c.to(a);
        return twice < 1e-9 * sides / OVER_MM ? Double.POSITIVE_INFINITY : sides / (2 * twice);
    }
}
