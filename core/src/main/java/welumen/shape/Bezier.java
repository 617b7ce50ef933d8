package welumen.shape;

import java.util.ArrayList;
import java.util.List;
import org.ddogleg.optimization.FactoryOptimization;
import org.ddogleg.optimization.UtilOptimize;
import org.ddogleg.optimization.functions.FunctionNtoM;

/** A cubic Bézier curve from a to d; it leaves a toward b, and comes to d from c. */
public record Bezier(Point a, Point b, Point c, Point d) {
    private static final int FIT_ROUNDS = 40;
    private static final int FITTED = 60;
    private static final int LM_ROUNDS = 60;
    private static final int MOST_HALVINGS = 14;

    /** Places of Gauss and Legendre's rule of five on a stretch from −1 to 1, and their weights. */
    private static final double[] PLACES = {
        -0.9061798459386640, -0.5384693101056831, 0, 0.5384693101056831, 0.9061798459386640
    };

    private static final double[] WEIGHTS = {
        0.2369268850561891, 0.4786286704993665, 0.5688888888888889, 0.4786286704993665, 0.2369268850561891
    };

    /** @param t from 0 to 1 */
    public Point at(double t) {
        var s = 1 - t;
        return a.times(s * s * s)
                .plus(b.times(3 * s * s * t))
                .plus(c.times(3 * s * t * t))
                .plus(d.times(t * t * t));
    }

    private Point speed(double t) {
        var s = 1 - t;
        return b.minus(a)
                .times(3 * s * s)
                .plus(c.minus(b).times(6 * s * t))
                .plus(d.minus(c).times(3 * t * t));
    }

    /** Its true length in mm, to 0.001: Gauss and Legendre's quadrature on ever smaller stretches until it stands. */
    public double lengthMm() {
        return length(0, 1, quadrature(0, 1), 0);
    }

    private double length(double from, double to, double whole, int depth) {
        var middle = (from + to) / 2;
        var left = quadrature(from, middle);
        var right = quadrature(middle, to);
        if (Math.abs(left + right - whole) < 1e-7 || depth == MOST_HALVINGS) return left + right;
        return length(from, middle, left, depth + 1) + length(middle, to, right, depth + 1);
    }

    private double quadrature(double from, double to) {
        var sum = 0.0;
        for (var i = 0; i < PLACES.length; i++) {
            var speed = speed((from + to) / 2 + PLACES[i] * (to - from) / 2);
            sum += WEIGHTS[i] * Math.hypot(speed.x(), speed.y());
        }
        return sum * (to - from) / 2;
    }

    /** Points along it without its end, whose chords leave it by no more than so many mm. */
    public List<Point> points(double sagMm) {
        var points = new ArrayList<Point>();
        halve(0, 1, sagMm, 0, points);
        return points;
    }

    private void halve(double from, double to, double sag, int depth, List<Point> points) {
        var middle = (from + to) / 2;
        var chord = new Run(List.of(at(from), at(to)));
        var off = Math.max(
                chord.off(at(middle)), Math.max(chord.off(at((from + middle) / 2)), chord.off(at((middle + to) / 2))));
        if ((depth > 0 && off <= sag) || depth == MOST_HALVINGS) {
            points.add(at(from));
            return;
        }
        halve(from, middle, sag, depth + 1, points);
        halve(middle, to, sag, depth + 1, points);
    }

    /**
     * The curve with a run's ends that lies nearest to its points, its handles free: least squares, each point's place on
     * the curve put right in turn (Schneider, 1990), and at the end handles and places together.
     */
    public static Bezier through(Run run) {
        var points = run.evenly(FITTED);
        var t = new double[points.size()];
        for (var i = 0; i < t.length; i++) t[i] = (double) i / (t.length - 1);
        var curve = fitted(points, t);
        for (var round = 0; round < FIT_ROUNDS; round++) {
            for (var i = 1; i + 1 < t.length; i++) t[i] = nearer(curve, points.get(i), t[i]);
            curve = fitted(points, t);
        }
        return refined(curve, points, t);
    }

    /** Handles and places together, by Levenberg and Marquardt's least squares. */
    private static Bezier refined(Bezier first, List<Point> points, double[] t) {
        var from = new double[4 + t.length];
        from[0] = first.b.x();
        from[1] = first.b.y();
        from[2] = first.c.x();
        from[3] = first.c.y();
        System.arraycopy(t, 0, from, 4, t.length);
        var optimizer = FactoryOptimization.levenbergMarquardt(null, false);
        optimizer.setFunction(
                new FunctionNtoM() {
                    @Override
                    public void process(double[] input, double[] output) {
                        var curve = first.handled(input);
                        for (var i = 0; i < points.size(); i++) {
                            var off = curve.at(input[4 + i]).minus(points.get(i));
                            output[2 * i] = off.x();
                            output[2 * i + 1] = off.y();
                        }
                    }

                    @Override
                    public int getNumOfInputsN() {
                        return from.length;
                    }

                    @Override
                    public int getNumOfOutputsM() {
                        return 2 * points.size();
                    }
                },
                null);
        optimizer.initialize(from, 1e-12, 1e-12);
        UtilOptimize.process(optimizer, LM_ROUNDS);
        return first.handled(optimizer.getParameters());
    }

    private Bezier handled(double[] handles) {
        return new Bezier(a, new Point(handles[0], handles[1]), new Point(handles[2], handles[3]), d);
    }

    private static Bezier fitted(List<Point> points, double[] t) {
        var a = points.getFirst();
        var d = points.getLast();
        double bb = 0, bc = 0, cc = 0, bx = 0, by = 0, cx = 0, cy = 0;
        for (var i = 0; i < t.length; i++) {
            var s = 1 - t[i];
            var weightB = 3 * s * s * t[i];
            var weightC = 3 * s * t[i] * t[i];
            var left = points.get(i).minus(a.times(s * s * s)).minus(d.times(t[i] * t[i] * t[i]));
            bb += weightB * weightB;
            bc += weightB * weightC;
            cc += weightC * weightC;
            bx += weightB * left.x();
            by += weightB * left.y();
            cx += weightC * left.x();
            cy += weightC * left.y();
        }
        var determinant = bb * cc - bc * bc;
        return new Bezier(
                a,
                new Point((bx * cc - cx * bc) / determinant, (by * cc - cy * bc) / determinant),
                new Point((cx * bb - bx * bc) / determinant, (cy * bb - by * bc) / determinant),
                d);
    }

    /** One step of Newton's toward the place on a curve that is nearest to a point. */
    private static double nearer(Bezier curve, Point to, double t) {
        var off = curve.at(t).minus(to);
        var first = curve.speed(t);
        var second = curve.c
                .minus(curve.b.times(2))
                .plus(curve.a)
                .times(6 * (1 - t))
                .plus(curve.d.minus(curve.c.times(2)).plus(curve.b).times(6 * t));
        var slope = first.x() * first.x() + first.y() * first.y() + off.x() * second.x() + off.y() * second.y();
        if (Math.abs(slope) < 1e-12) return t;
        return Math.clamp(t - (off.x() * first.x() + off.y() * first.y()) / slope, 0, 1);
    }
}
