package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/**
 * The rings of one connected shape as plain arrays, for the nester's inner loops: does another shape, shifted by (dx, dy),
 * come nearer than a gap, or lie in it? Inside is told by crossing counts over all rings, so holes are outside.
 *
 * <p>One test takes O(n · m) for n and m sides, mostly far less since only sides in the same bands of height are compared.
 */
final class Rings {
    private final double[] ax;
    private final double[] ay;
    private final double[] bx;
    private final double[] by;
    private final int[][] bands;
    private final double bandHeight;
    final double minX;
    final double minY;
    final double maxX;
    final double maxY;

    private Rings(List<Outline> rings) {
        var sides = rings.stream().mapToInt(ring -> ring.corners().size()).sum();
        ax = new double[sides];
        ay = new double[sides];
        bx = new double[sides];
        by = new double[sides];
        var side = 0;
        for (var ring : rings)
            for (var i = 0; i < ring.corners().size(); i++, side++) {
                var from = ring.corners().get(i);
                var to = ring.corners().get((i + 1) % ring.corners().size());
                ax[side] = from.x();
                ay[side] = from.y();
                bx[side] = to.x();
                by[side] = to.y();
            }
        var box = rings.getFirst().box();
        minX = box.minX();
        minY = box.minY();
        maxX = box.maxX();
        maxY = box.maxY();
        bandHeight = Math.max((maxY - minY) / bandCount(sides), Double.MIN_NORMAL);
        bands = bands(bandCount(sides));
    }

    static Rings of(Shape shape) {
        return new Rings(Stream.concat(Stream.of(shape.outline()), shape.holes().stream())
                .toList());
    }

    static Rings of(Outline outline) {
        return new Rings(List.of(outline));
    }

    static Rings of(Polygon polygon) {
        return of(Planar.shape(polygon));
    }

    /** Whether the other, shifted, comes nearer to a side of this than the gap, or crosses one. */
    boolean comesNear(Rings other, double dx, double dy, double gap) {
        if (other.minX + dx - gap > maxX
                || other.maxX + dx + gap < minX
                || other.minY + dy - gap > maxY
                || other.maxY + dy + gap < minY) return false;
        for (var j = 0; j < other.ax.length; j++) {
            var cx = other.ax[j] + dx;
            var cy = other.ay[j] + dy;
            var ex = other.bx[j] + dx;
            var ey = other.by[j] + dy;
            var left = Math.min(cx, ex) - gap;
            var right = Math.max(cx, ex) + gap;
            var low = Math.min(cy, ey) - gap;
            var high = Math.max(cy, ey) + gap;
            if (left > maxX || right < minX || low > maxY || high < minY) continue;
            for (var band = band(low); band <= band(high); band++)
                for (var i : bands[band]) {
                    if (ax[i] < left && bx[i] < left || ax[i] > right && bx[i] > right) continue;
                    if (ay[i] < low && by[i] < low || ay[i] > high && by[i] > high) continue;
                    if (cross(i, cx, cy, ex, ey) || gap > 0 && distanceBelow(i, cx, cy, ex, ey, gap)) return true;
                }
        }
        return false;
    }

    /** Whether a point lies inside. */
    boolean contains(double x, double y) {
        if (x < minX || x > maxX || y < minY || y > maxY) return false;
        var inside = false;
        for (var i : bands[band(y)])
            if (ay[i] > y != by[i] > y && x < ax[i] + (y - ay[i]) / (by[i] - ay[i]) * (bx[i] - ax[i])) inside = !inside;
        return inside;
    }

    /** Whether the first corner of the other, shifted, lies inside this. */
    boolean containsStartOf(Rings other, double dx, double dy) {
        return contains(other.ax[0] + dx, other.ay[0] + dy);
    }

    /** Whether the other, shifted, shares a place with this, or comes nearer than the gap. */
    boolean meets(Rings other, double dx, double dy, double gap) {
        return comesNear(other, dx, dy, gap) || containsStartOf(other, dx, dy) || other.containsStartOf(this, -dx, -dy);
    }

    /** Which sides reach into each band of height; a test looks only at the bands that it touches. */
    private int[][] bands(int count) {
        var lists = new ArrayList<List<Integer>>();
        for (var band = 0; band < count; band++) lists.add(new ArrayList<>());
        for (var i = 0; i < ax.length; i++)
            for (var band = band(Math.min(ay[i], by[i])); band <= band(Math.max(ay[i], by[i])); band++)
                lists.get(band).add(i);
        return lists.stream()
                .map(list -> list.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private static int bandCount(int sides) {
        return Math.clamp(sides / 4, 1, 64);
    }

    private int band(double y) {
        return Math.clamp((int) ((y - minY) / bandHeight), 0, bandCount(ax.length) - 1);
    }

    private boolean cross(int i, double cx, double cy, double ex, double ey) {
        var c = side(ax[i], ay[i], bx[i], by[i], cx, cy);
        var e = side(ax[i], ay[i], bx[i], by[i], ex, ey);
        if (c > 0 && e > 0 || c < 0 && e < 0) return false;
        var a = side(cx, cy, ex, ey, ax[i], ay[i]);
        var b = side(cx, cy, ex, ey, bx[i], by[i]);
        return !(a > 0 && b > 0 || a < 0 && b < 0);
    }

    private static double side(double ax, double ay, double bx, double by, double px, double py) {
        return (bx - ax) * (py - ay) - (by - ay) * (px - ax);
    }

    private boolean distanceBelow(int i, double cx, double cy, double ex, double ey, double gap) {
        var limit = gap * gap;
        return square(ax[i], ay[i], cx, cy, ex, ey) < limit
                || square(bx[i], by[i], cx, cy, ex, ey) < limit
                || square(cx, cy, ax[i], ay[i], bx[i], by[i]) < limit
                || square(ex, ey, ax[i], ay[i], bx[i], by[i]) < limit;
    }

    /** The squared distance from a point to a side. */
    private static double square(double px, double py, double ax, double ay, double bx, double by) {
        var ux = bx - ax;
        var uy = by - ay;
        var length = ux * ux + uy * uy;
        var t = length == 0 ? 0 : Math.clamp(((px - ax) * ux + (py - ay) * uy) / length, 0, 1);
        var x = ax + t * ux - px;
        var y = ay + t * uy - py;
        return x * x + y * y;
    }
}
