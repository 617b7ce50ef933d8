package welumen.finish.coat;

import java.time.Duration;

/**
 * A step of a system.
 *
 * @param what is done, in words
 * @param grit of the paper; nought where none is used
 * @param waits before the next step
 * @param until how long after it the next coat holds without being flatted first; nought where that is never too late
 * @param grams that are laid on a square metre; nought where nothing is
 * @param isStop whether one looks, under raking light, and mends before one goes on
 */
public record CoatStep(Kind kind, String what, int grit, Duration waits, Duration until, double grams, boolean isStop) {
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
        MASK;

        /** Whether something is sprayed or wiped on that the next coat has to hold on. */
        public boolean isCoat() {
            return this == PRIME || this == COLOUR || this == CLEAR;
        }
    }

    static CoatStep of(Kind kind, String what, Duration wait) {
        return new CoatStep(kind, what, 0, wait, Duration.ZERO, 0, false);
    }

    static CoatStep look(String what) {
        return new CoatStep(Kind.LOOK, what, 0, Duration.ZERO, Duration.ZERO, 0, true);
    }

    /** Paper over it. */
    public static CoatStep key(String what, int grit) {
        return new CoatStep(Kind.KEY, what, grit, Duration.ZERO, Duration.ZERO, 0, false);
    }

    /** What all that went before is tried by. */
    static CoatStep trial(String what) {
        return new CoatStep(Kind.TRY, what, 0, Duration.ZERO, Duration.ZERO, 0, true);
    }

    /** The next coat goes on after it has flashed off, and holds as long as its sheet says. */
    CoatStep within(Duration recoat) {
        return new CoatStep(kind, what, grit, waits, recoat, grams, isStop);
    }

    /** So many grams of it on a square metre. */
    CoatStep laid(double onASquareMetre) {
        return new CoatStep(kind, what, grit, waits, until, onASquareMetre, isStop);
    }
}
