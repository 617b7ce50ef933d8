package welumen.cut;

import java.util.List;
import welumen.cut.stock.Angles;

/** How a piece may be turned on its stock. Angles in degrees, counter-clockwise. */
public sealed interface Turns {
    record Free() implements Turns {}

    /** Only as drawn, or the other way up. */
    record Half() implements Turns {}

    record AsDrawn() implements Turns {}

    record Listed(List<Double> degrees) implements Turns {
        /** @throws IllegalArgumentException if the list is empty or holds no plain numbers */
        public Listed {
            degrees = List.copyOf(degrees);
            if (degrees.isEmpty() || degrees.stream().anyMatch(angle -> !Double.isFinite(angle)))
                throw new IllegalArgumentException("The list of turns %s has no angle to use.".formatted(degrees));
        }
    }

    /** Whether a turn is allowed, to a thousandth of a degree. */
    default boolean allow(double degrees) {
        return switch (this) {
            case Free() -> true;
            case Half() -> Angles.apart(degrees, 0, 180) < Angles.SAME;
            case AsDrawn() -> Angles.apart(degrees, 0, 360) < Angles.SAME;
            case Listed(var angles) ->
                angles.stream().anyMatch(angle -> Angles.apart(degrees, angle, 360) < Angles.SAME);
        };
    }
}
