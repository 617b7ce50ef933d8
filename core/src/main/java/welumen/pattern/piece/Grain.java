package welumen.pattern.piece;

import java.util.OptionalDouble;

/** Which way a piece must lie on its material. */
public sealed interface Grain {
    record AnyWay() implements Grain {}

    /**
     * The way in which it stretches.
     *
     * @param degrees counter-clockwise from the piece's x
     */
    record StretchAlong(double degrees) implements Grain {}

    /**
     * The way in which its pile lies; turned round it looks like another colour.
     *
     * @param degrees counter-clockwise from the piece's x
     */
    record NapToward(double degrees) implements Grain {}

    /** Counter-clockwise from the piece's x; empty where any way will do. */
    default OptionalDouble way() {
        return switch (this) {
            case AnyWay() -> OptionalDouble.empty();
            case StretchAlong(var degrees) -> OptionalDouble.of(degrees);
            case NapToward(var degrees) -> OptionalDouble.of(degrees);
        };
    }

    /** On a piece turned by so many degrees, counter-clockwise. */
    default Grain turned(double by) {
        return switch (this) {
            case AnyWay any -> any;
            case StretchAlong(var degrees) -> new StretchAlong(degrees + by);
            case NapToward(var degrees) -> new NapToward(degrees + by);
        };
    }
}
