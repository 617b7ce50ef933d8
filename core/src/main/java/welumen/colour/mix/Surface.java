package welumen.colour.mix;

/**
 * What the surface of a film adds to the colour of what is in it (Saunderson, 1942).
 *
 * @param outer the share that is sent back before it enters, 0 up to under 1; 0.04 for most binders
 * @param inner the share of what comes from within that is sent back in, 0 up to under 1; 0.6 for most
 */
public record Surface(double outer, double inner) {
    public static final Surface NONE = new Surface(0, 0);

    /** Below it a film is as black as can be told. */
    private static final double LEAST = 1e-4;

    private static final double MOST = 1 - 1e-6;

    public Surface {
        if (!(outer >= 0 && outer < 1 && inner >= 0 && inner < 1))
            throw new IllegalArgumentException(
                    "The surface [%s, %s] is none: both are from 0 to under 1.".formatted(outer, inner));
    }

    /** The share that comes back within the film, of what is measured outside. */
    double within(double measured) {
        var entered = measured - outer;
        return Math.clamp(entered / ((1 - outer) * (1 - inner) + inner * entered), LEAST, MOST);
    }

    /** What is measured outside, of what comes back within. */
    double outside(double within) {
        return outer + (1 - outer) * (1 - inner) * within / (1 - inner * within);
    }

    /** K/S of a film that hides what is under it (Kubelka and Munk, 1931). */
    static double ks(double within) {
        return (1 - within) * (1 - within) / (2 * within);
    }

    /** The share that comes back within such a film. */
    static double share(double ks) {
        return 1 + ks - Math.sqrt(ks * (ks + 2));
    }
}
