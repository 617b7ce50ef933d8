package welumen.cut.nest;

/** A form as it lies: turned by an angle about its middle, and that middle somewhere. Its arrays are used again and again. */
final class Body {
    /** Circles that are farther off than so many fading lengths are not felt. */
    private static final double FAR = 12;

    private static final double SQRT_2 = Math.sqrt(2);

    private Form form;
    private boolean isLaid;
    double x;
    double y;
    /** In radians, counter-clockwise. */
    double turn;

    double[] ax;
    double[] ay;
    double[] bx;
    double[] by;
    double[] px;
    double[] py;
    double[] pr;
    int sides;
    int poles;
    double minX;
    double minY;
    double maxX;
    double maxY;

    Body(Form form) {
        this.form = form;
        room(form);
    }

    private void room(Form wanted) {
        if (ax == null || ax.length < wanted.ax.length) {
            ax = new double[wanted.ax.length];
            ay = new double[wanted.ax.length];
            bx = new double[wanted.ax.length];
            by = new double[wanted.ax.length];
        }
        if (px == null || px.length < wanted.px.length) {
            px = new double[wanted.px.length];
            py = new double[wanted.px.length];
        }
        sides = wanted.ax.length;
        poles = wanted.px.length;
        pr = wanted.pr;
        form = wanted;
    }

    Form form() {
        return form;
    }

    /** Lays it there; where it is turned so already, it is shifted, which is quicker and ends within rounding. */
    void put(Form as, double atX, double atY, double turned) {
        if (as == form && turned == turn && isLaid) shift(atX - x, atY - y);
        else lay(as, atX, atY, turned);
    }

    /** Lays it there. */
    void lay(Form as, double atX, double atY, double turned) {
        isLaid = true;
        room(as);
        x = atX;
        y = atY;
        turn = turned;
        var cos = Math.cos(turned);
        var sin = Math.sin(turned);
        turn(as.ax, as.ay, cos, sin, ax, ay, sides);
        turn(as.bx, as.by, cos, sin, bx, by, sides);
        turn(as.px, as.py, cos, sin, px, py, poles);
        measureBox();
    }

    /** One array after the other, so that the compiler takes several numbers at a time. */
    private void turn(double[] fromX, double[] fromY, double cos, double sin, double[] toX, double[] toY, int count) {
        var atX = x;
        var atY = y;
        for (var i = 0; i < count; i++) toX[i] = fromX[i] * cos - fromY[i] * sin + atX;
        for (var i = 0; i < count; i++) toY[i] = fromX[i] * sin + fromY[i] * cos + atY;
    }

    private void measureBox() {
        var lowX = Double.POSITIVE_INFINITY;
        var lowY = Double.POSITIVE_INFINITY;
        var highX = Double.NEGATIVE_INFINITY;
        var highY = Double.NEGATIVE_INFINITY;
        for (var i = 0; i < sides; i++) {
            lowX = Math.min(lowX, ax[i]);
            highX = Math.max(highX, ax[i]);
        }
        for (var i = 0; i < sides; i++) {
            lowY = Math.min(lowY, ay[i]);
            highY = Math.max(highY, ay[i]);
        }
        minX = lowX;
        minY = lowY;
        maxX = highX;
        maxY = highY;
    }

    /** Shifts it, turned as it is. */
    void shift(double dx, double dy) {
        x += dx;
        y += dy;
        for (var i = 0; i < sides; i++) {
            ax[i] += dx;
            ay[i] += dy;
            bx[i] += dx;
            by[i] += dy;
        }
        for (var i = 0; i < poles; i++) {
            px[i] += dx;
            py[i] += dy;
        }
        minX += dx;
        minY += dy;
        maxX += dx;
        maxY += dy;
    }

    boolean boxMeets(Body other) {
        return minX < other.maxX && maxX > other.minX && minY < other.maxY && maxY > other.minY;
    }

    /** Whether all of another's box lies in its own. */
    boolean boxHolds(Body other) {
        return minX <= other.minX && maxX >= other.maxX && minY <= other.minY && maxY >= other.maxY;
    }

    /** Whether a point lies within, by crossings. */
    boolean contains(double atX, double atY) {
        if (atX < minX || atX > maxX || atY < minY || atY > maxY) return false;
        var inside = false;
        for (var i = 0; i < sides; i++)
            if (ay[i] > atY != by[i] > atY && atX < ax[i] + (atY - ay[i]) / (by[i] - ay[i]) * (bx[i] - ax[i]))
                inside = !inside;
        return inside;
    }

    /**
     * How deep two bodies that collide lie in each other: over all pairs of circles their penetration, which fades but never
     * ends where they part, weighed by the smaller radius; its root, scaled by how large both are.
     */
    static double depth(Body one, Body other) {
        return depth(one, other, Double.POSITIVE_INFINITY);
    }

    /** The same, or infinitely deep as soon as it is certain to be deeper than enough. */
    static double depth(Body one, Body other, double enough) {
        var scale = one.form.reach * Math.min(other.form.reach, SQRT_2 * one.form.reach);
        var fade = 0.01 * Math.max(one.form.size, Math.min(other.form.size, 1.5 * one.form.size));
        var far = FAR * fade;
        var most = enough / scale * (enough / scale) - fade * fade;
        var sum = 0.0;
        for (var j = 0; j < other.poles; j++) {
            var radius = other.pr[j];
            var atX = other.px[j];
            var atY = other.py[j];
            if (atX + radius + far < one.minX
                    || atX - radius - far > one.maxX
                    || atY + radius + far < one.minY
                    || atY - radius - far > one.maxY) continue;
            for (var i = 0; i < one.poles; i++) {
                var dx = atX - one.px[i];
                var dy = atY - one.py[i];
                var square = dx * dx + dy * dy;
                var reach = radius + one.pr[i];
                if (square > (reach + far) * (reach + far)) continue;
                var deep = reach - Math.sqrt(square);
                var felt = deep >= fade ? deep : fade * fade / (2 * fade - deep);
                sum += felt * Math.min(radius, one.pr[i]);
            }
            if (sum > most) return Double.POSITIVE_INFINITY;
        }
        return Math.sqrt(sum + fade * fade) * scale;
    }
}
