package welumen.cut.stock;

import java.util.OptionalDouble;
import welumen.cut.cloth.StretchCourse;

/** The way in which a piece or a stock stretches. */
public sealed interface Stretch {
    /** Nobody minds. */
    record Any() implements Stretch {}

    /**
     * @param degrees counter-clockwise from x; the way back is the same way
     * @param within how far from it the other may be, in degrees; only a piece's counts
     */
    record Along(double degrees, double within) implements Stretch {
        public Along {
            if (!Double.isFinite(degrees) || !(within >= 0))
                throw new IllegalArgumentException(
                        "The stretch along [%s°] within [%s°] is no direction.".formatted(degrees, within));
        }
    }

    /**
     * A whole hide with its backbone upright in x = 0: most across its lines of tightness, which run along the backbone and follow
     * the rim down the flanks and legs. {@link StretchCourse} says how they run.
     */
    record AsGrown() implements Stretch {}

    /** Which way a stock stretches on the whole, in degrees; empty where nobody minds. */
    static OptionalDouble onTheWhole(Stretch stock) {
        return switch (stock) {
            case Any() -> OptionalDouble.empty();
            case Along(var degrees, var _) -> OptionalDouble.of(degrees);
            case AsGrown() -> OptionalDouble.of(0);
        };
    }

    /** Whether a piece that stretches so, turned and flipped, agrees with a stock at a place where that stretches most along a direction. */
    static boolean agree(Stretch piece, double turnDegrees, boolean flipped, double ground) {
        if (!(piece instanceof Along along)) return true;
        var lies = (flipped ? -along.degrees() : along.degrees()) + turnDegrees;
        return Angles.apart(lies, ground, 180) <= along.within() + Angles.SAME;
    }

    /** Whether a piece that stretches so, turned and flipped as it lies, agrees with its stock, wherever that stretches one way. */
    static boolean agree(Stretch piece, double turnDegrees, boolean flipped, Stretch stock) {
        return !(stock instanceof Along ground) || agree(piece, turnDegrees, flipped, ground.degrees());
    }
}
