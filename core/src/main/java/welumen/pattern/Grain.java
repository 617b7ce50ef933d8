package welumen.pattern;

/** Which way a piece must lie on its material. */
public sealed interface Grain {
    record AnyWay() implements Grain {}

    /**
     * The way in which it stretches.
     *
     * @param degrees counter-clockwise from the piece's x
     */
    record StretchAlong(double degrees) implements Grain {}
}
