package welumen.schedule;

import java.time.Duration;

/**
 * What must have ended, and how long before.
 *
 * @param before the id of the other activity
 * @param delay after its end; nought or more
 * @param by what clock the wait runs
 */
public record Link(String before, Duration delay, By by) {
    /** A clock. */
    public enum By {
        /** On the wall: glue cures at night. */
        WALL,
        /** Of the shop's open hours. */
        WORK
    }

    public Link {
        if (delay.isNegative()) throw new IllegalArgumentException("The wait [%s] is below nought.".formatted(delay));
    }

    /** At once. */
    public static Link after(String before) {
        return new Link(before, Duration.ZERO, By.WALL);
    }
}
