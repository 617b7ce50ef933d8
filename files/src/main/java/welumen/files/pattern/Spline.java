package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.files.json.BadFile;
import welumen.shape.Point;

/** A B-spline of a drawing, by de Boor's recurrence (de Boor, A Practical Guide to Splines, 1978). */
final class Spline {
    private static final int HIGHEST = 8;
    private static final int MOST_HALVINGS = 12;

    private final int degree;
    private final double[] knots;
    private final List<Point> control;

    private Spline(int degree, double[] knots, List<Point> control) {
        this.degree = degree;
        this.knots = knots;
        this.control = control;
    }

    /**
     * Points along it from its beginning to its end, none of whose chords lies farther off than that, in mm.
     *
     * @param line where it stands in the file
     * @throws BadFile if its knots do not fit its points
     */
    static List<Point> points(int degree, List<Double> knots, List<Point> control, double sag, int line)
            throws BadFile {
        var isFit = degree >= 1
                && degree <= HIGHEST
                && control.size() > degree
                && knots.size() == control.size() + degree + 1;
        for (var i = 1; isFit && i < knots.size(); i++) isFit = knots.get(i) >= knots.get(i - 1);
        if (!isFit || !(knots.get(control.size()) > knots.get(degree)))
            throw new BadFile("line %d: the knots of a spline do not fit its points. Draw it again as lines and arcs."
                    .formatted(line));
        var spline = new Spline(
                degree, knots.stream().mapToDouble(Double::doubleValue).toArray(), control);
        var points = new ArrayList<Point>();
        var first = knots.get(degree);
        points.add(spline.at(first));
        for (var span = degree; span < control.size(); span++)
            if (knots.get(span + 1) > knots.get(span))
                spline.halve(knots.get(span), knots.get(span + 1), sag, 0, points);
        return points;
    }

    /** Adds what lies after the first of two places, up to the second. */
    private void halve(double from, double to, double sag, int depth, List<Point> points) {
        var a = at(from);
        var b = at(to);
        var isFlat = depth >= 2;
        for (var share : new double[] {0.25, 0.5, 0.75}) isFlat &= off(at(from + share * (to - from)), a, b) <= sag / 2;
        if (isFlat || depth == MOST_HALVINGS) {
            points.add(b);
            return;
        }
        var middle = (from + to) / 2;
        halve(from, middle, sag, depth + 1, points);
        halve(middle, to, sag, depth + 1, points);
    }

    private static double off(Point point, Point a, Point b) {
        var length = a.to(b);
        if (length == 0) return point.to(a);
        return Math.abs((b.x() - a.x()) * (point.y() - a.y()) - (b.y() - a.y()) * (point.x() - a.x())) / length;
    }

    private Point at(double t) {
        var span = degree;
        while (span + 1 < control.size() && t >= knots[span + 1]) span++;
        var d = new Point[degree + 1];
        for (var j = 0; j <= degree; j++) d[j] = control.get(span - degree + j);
        for (var r = 1; r <= degree; r++)
            for (var j = degree; j >= r; j--) {
                var left = knots[span - degree + j];
                var wide = knots[span + 1 + j - r] - left;
                var share = wide == 0 ? 0 : (t - left) / wide;
                d[j] = d[j - 1].times(1 - share).plus(d[j].times(share));
            }
        return d[degree];
    }
}
