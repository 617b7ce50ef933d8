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

    /** The distance to another point in mm. */
    public double to(Point other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
