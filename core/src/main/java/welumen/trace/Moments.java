package welumen.trace;

import java.util.List;
import welumen.shape.Point;

/** Sums over any stretch of a ring in no time, and with them how far it is from a line and from a circle. */
final class Moments {
    private static final int TERMS = 9;

    private final double[][] sums;
    private final int count;

    Moments(List<Point> ring) {
        count = ring.size();
        sums = new double[count + 1][TERMS];
        var middle = ring.stream().reduce(new Point(0, 0), Point::plus).times(1.0 / count);
        for (var i = 0; i < count; i++) {
            var x = ring.get(i).x() - middle.x();
            var y = ring.get(i).y() - middle.y();
            var z = x * x + y * y;
            double[] here = {1, x, y, x * x, x * y, y * y, x * z, y * z, z * z};
            for (var term = 0; term < TERMS; term++) sums[i + 1][term] = sums[i][term] + here[term];
        }
    }

    /** From a point to another, both with it; the last may be the first again. */
    private double[] over(int from, int to) {
        var over = new double[TERMS];
        var last = Math.min(to + 1, count);
        for (var term = 0; term < TERMS; term++) over[term] = sums[last][term] - sums[from][term];
        return over;
    }

    /** The least sum of squared distances from a line. */
    double line(int from, int to) {
        var s = over(from, to);
        var n = s[0];
        var xx = s[3] - s[1] * s[1] / n;
        var xy = s[4] - s[1] * s[2] / n;
        var yy = s[5] - s[2] * s[2] / n;
        return Math.max(0, (xx + yy) / 2 - Math.hypot((xx - yy) / 2, xy));
    }

    /** About the least sum of squared distances from a circle, by the algebraic fit. */
    double circle(int from, int to) {
        var s = over(from, to);
        var n = s[0];
        var xx = s[3] - s[1] * s[1] / n;
        var xy = s[4] - s[1] * s[2] / n;
        var yy = s[5] - s[2] * s[2] / n;
        var zz = s[3] + s[5];
        var xz = s[6] - s[1] * zz / n;
        var yz = s[7] - s[2] * zz / n;
        var cross = xx * yy - xy * xy;
        if (!(Math.abs(cross) > 1e-9 * (xx + yy) * (xx + yy))) return Double.MAX_VALUE;
        var a = (xz * yy - yz * xy) / cross;
        var b = (yz * xx - xz * xy) / cross;
        var left = Math.max(0, s[8] - zz * zz / n - a * xz - b * yz);
        var centreX = a / 2;
        var centreY = b / 2;
        var squared = (zz - a * s[1] - b * s[2]) / n + centreX * centreX + centreY * centreY;
        return squared > 0 ? left / (4 * squared) : Double.MAX_VALUE;
    }
}
