package welumen.cut;

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

    /** Whether a piece that stretches so, turned and flipped as it lies, agrees with its stock. */
    static boolean agree(Stretch piece, double turnDegrees, boolean flipped, Stretch stock) {
        if (!(piece instanceof Along along) || !(stock instanceof Along ground)) return true;
        var lies = (flipped ? -along.degrees() : along.degrees()) + turnDegrees;
        return Angles.apart(lies, ground.degrees(), 180) <= along.within() + Angles.SAME;
    }
}
