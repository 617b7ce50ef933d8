package welumen.cut.nest.separation;

/** A form as it lies: turned by an angle about its middle, and that middle somewhere. Its arrays are used again and again. */
public final class PlacedForm {
    private static final double[] NONE = {};

    private Form form;
    private boolean isLaid;
    public double x;
    public double y;
    /** In radians, counter-clockwise. */
    public double turn;

    double[] ax = NONE;
    double[] ay = NONE;
    double[] bx = NONE;
    double[] by = NONE;
    double[] px = NONE;
    double[] py = NONE;
    double[] pr = NONE;
    int sides;
    int poles;
    public double minX;
    public double minY;
    public double maxX;
    public double maxY;

    public PlacedForm(Form form) {
        this.form = form;
        room(form);
    }

    private void room(Form wanted) {
        if (ax.length < wanted.ax.length) {
            ax = new double[wanted.ax.length];
            ay = new double[wanted.ax.length];
            bx = new double[wanted.ax.length];
            by = new double[wanted.ax.length];
        }
        if (px.length < wanted.px.length) {
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
    public void lay(Form as, double atX, double atY, double turned) {
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
    public void shift(double dx, double dy) {
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

    boolean boxMeets(PlacedForm other) {
        return minX < other.maxX && maxX > other.minX && minY < other.maxY && maxY > other.minY;
    }

    /** Whether all of another's box lies in its own. */
    boolean boxHolds(PlacedForm other) {
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
}
