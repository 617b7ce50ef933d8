package welumen.cut.nest.separation;

/** Tells whether two bodies share more than a rim. Used by one thread: it keeps its scratch paper. */
public final class Collider {
    /** Distance, in fading lengths, beyond which two circles are not felt. */
    private static final double FAR = 12;

    private static final double SQRT_2 = Math.sqrt(2);

    private int[] near = new int[64];

    public boolean collide(PlacedForm one, PlacedForm other) {
        return one.boxMeets(other) && touch(one, other);
    }

    /** The same where their boxes are known to meet. */
    boolean touch(PlacedForm one, PlacedForm other) {
        return circlesMeet(one, other) || sidesMeet(one, other);
    }

    /** Whether their sides cross, or one lies wholly in the other. */
    private boolean sidesMeet(PlacedForm one, PlacedForm other) {
        var count = sidesIn(other, one.minX, one.minY, one.maxX, one.maxY);
        if (count > 0 && crosses(one, other, count)) return true;
        return other.boxHolds(one) && other.contains(one.ax[0], one.ay[0])
                || one.boxHolds(other) && one.contains(other.ax[0], other.ay[0]);
    }

    /**
     * How deep two bodies whose boxes meet lie in each other, nought where they do not: over all pairs of circles their
     * penetration, which fades but never ends where they part, weighed by the smaller radius; its root, scaled by how large
     * both are.
     */
    double depth(PlacedForm one, PlacedForm other) {
        return depth(one, other, Double.POSITIVE_INFINITY);
    }

    /** The same, or infinitely deep as soon as it is certain to be deeper than enough. */
    double depth(PlacedForm one, PlacedForm other, double enough) {
        var scale = one.form().reach * Math.min(other.form().reach, SQRT_2 * one.form().reach);
        var fade = 0.01 * Math.max(one.form().size, Math.min(other.form().size, 1.5 * one.form().size));
        var far = FAR * fade;
        var most = enough / scale * (enough / scale) - fade * fade;
        var sum = 0.0;
        var meet = false;
        var leftX = one.minX - far;
        var rightX = one.maxX + far;
        var lowY = one.minY - far;
        var highY = one.maxY + far;
        for (var j = 0; j < other.poles; j++) {
            var radius = other.pr[j];
            var atX = other.px[j];
            var atY = other.py[j];
            if (atX + radius < leftX || atX - radius > rightX || atY + radius < lowY || atY - radius > highY) continue;
            for (var i = 0; i < one.poles; i++) {
                var dx = atX - one.px[i];
                var dy = atY - one.py[i];
                var square = dx * dx + dy * dy;
                var reach = radius + one.pr[i];
                if (square > (reach + far) * (reach + far)) continue;
                var deep = reach - Math.sqrt(square);
                meet |= deep > 0;
                var felt = deep >= fade ? deep : fade * fade / (2 * fade - deep);
                sum += felt * Math.min(radius, one.pr[i]);
            }
            if (sum > most) return meet || sidesMeet(one, other) ? Double.POSITIVE_INFINITY : 0;
        }
        return meet || sidesMeet(one, other) ? Math.sqrt(sum + fade * fade) * scale : 0;
    }

    /** Circles within both say at once that they do. */
    private static boolean circlesMeet(PlacedForm one, PlacedForm other) {
        for (var j = 0; j < other.poles; j++) {
            var atX = other.px[j];
            var atY = other.py[j];
            var radius = other.pr[j];
            if (atX - radius > one.maxX
                    || atX + radius < one.minX
                    || atY - radius > one.maxY
                    || atY + radius < one.minY) continue;
            for (var i = 0; i < one.poles; i++) {
                var dx = one.px[i] - atX;
                var dy = one.py[i] - atY;
                var reach = one.pr[i] + radius;
                if (dx * dx + dy * dy < reach * reach) return true;
            }
        }
        return false;
    }

    /** Notes which sides reach into a box, and says how many. */
    private int sidesIn(PlacedForm body, double minX, double minY, double maxX, double maxY) {
        if (near.length < body.sides) near = new int[2 * body.sides];
        var count = 0;
        for (var j = 0; j < body.sides; j++) {
            var ax = body.ax[j];
            var bx = body.bx[j];
            if (ax < minX && bx < minX || ax > maxX && bx > maxX) continue;
            var ay = body.ay[j];
            var by = body.by[j];
            if (ay < minY && by < minY || ay > maxY && by > maxY) continue;
            near[count++] = j;
        }
        return count;
    }

    private boolean crosses(PlacedForm one, PlacedForm other, int count) {
        var lowX = Math.max(one.minX, other.minX);
        var highX = Math.min(one.maxX, other.maxX);
        var lowY = Math.max(one.minY, other.minY);
        var highY = Math.min(one.maxY, other.maxY);
        for (var i = 0; i < one.sides; i++) {
            var cx = one.ax[i];
            var dx = one.bx[i];
            if (cx < lowX && dx < lowX || cx > highX && dx > highX) continue;
            var cy = one.ay[i];
            var dy = one.by[i];
            if (cy < lowY && dy < lowY || cy > highY && dy > highY) continue;
            for (var k = 0; k < count; k++) if (cross(other, near[k], cx, cy, dx, dy)) return true;
        }
        return false;
    }

    private static boolean cross(PlacedForm other, int j, double cx, double cy, double dx, double dy) {
        var ex = other.ax[j];
        var ey = other.ay[j];
        var fx = other.bx[j];
        var fy = other.by[j];
        var e = (dx - cx) * (ey - cy) - (dy - cy) * (ex - cx);
        var f = (dx - cx) * (fy - cy) - (dy - cy) * (fx - cx);
        if (e > 0 && f > 0 || e < 0 && f < 0) return false;
        var c = (fx - ex) * (cy - ey) - (fy - ey) * (cx - ex);
        var d = (fx - ex) * (dy - ey) - (fy - ey) * (dx - ex);
        return !(c > 0 && d > 0 || c < 0 && d < 0);
    }
}
