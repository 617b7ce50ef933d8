package welumen.shape;

/** A point or a shift in millimetres, y up; never NaN or infinite. */
public record Point(double x, double y) {
    public Point {
        if (!Double.isFinite(x) || !Double.isFinite(y))
            throw new IllegalArgumentException(
                    "The point (%s, %s) is not finite. Check where it came from.".formatted(x, y));
    }

    public Point plus(Point other) {
        return new Point(x + other.x, y + other.y);
    }

    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** By how much a way turns here that comes from one point and goes to another; in radians, to the left above nought. */
    public double turn(Point from, Point to) {
        var in = minus(from);
        var out = to.minus(this);
        return Math.atan2(in.x * out.y - in.y * out.x, in.x * out.x + in.y * out.y);
    }

    /** The distance to another point in mm. */
    public double to(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
