package welumen.finish.coat;

import java.time.Duration;

/**
 * A step of a system.
 *
 * @param what is done, in words
 * @param grit of the paper; nought where none is used
 * @param waits before the next step
 * @param isStop whether one looks, under raking light, and mends before one goes on
 */
public record CoatStep(Kind kind, String what, int grit, Duration waits, boolean isStop) {
    /** What a step is. */
    public enum Kind {
        WASH,
        DEGREASE,
        KEY,
        FILL,
        PRIME,
        LOOK,
        COLOUR,
        CLEAR,
        CURE,
        TRY,
        MASK
    }

    static CoatStep of(Kind kind, String what, Duration wait) {
        return new CoatStep(kind, what, 0, wait, false);
    }

    static CoatStep look(String what) {
        return new CoatStep(Kind.LOOK, what, 0, Duration.ZERO, true);
    }
}
