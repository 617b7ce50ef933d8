package welumen.cut.stock;

/** How far two directions lie apart. */
public final class Angles {
    /** Difference in degrees below which two angles are the same. */
    public static final double SAME = 1e-3;

    private Angles() {}

    /** The smallest angle between two directions that repeat after {@code period} degrees, 0 to period / 2. */
    public static double apart(double one, double other, double period) {
        var between = Math.abs(one - other) % period;
        return Math.min(between, period - between);
    }
}
