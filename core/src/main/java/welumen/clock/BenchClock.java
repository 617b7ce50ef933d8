package welumen.clock;

import java.time.Duration;
import java.time.Instant;

/**
 * A clock that runs on the bench: what it is on, what comes next, and when.
 *
 * @param id its name within the job
 * @param on what waits, as “Sill carpet, adhesive”
 * @param next what comes when it has run out, as “lay”
 */
public record BenchClock(String id, String on, String next, Instant started, Duration lasts) {
    /** @throws IllegalArgumentException if it would not last at all */
    public BenchClock {
        if (!lasts.isPositive())
            throw new IllegalArgumentException("The clock [%s] lasts %s. Give it some time.".formatted(on, lasts));
    }

    public Instant ends() {
        return started.plus(lasts);
    }

    /** How long is left; nought once it has run out. */
    public Duration left(Instant now) {
        var left = Duration.between(now, ends());
        return left.isNegative() ? Duration.ZERO : left;
    }

    /** How long ago it ran out; nought while it runs. */
    public Duration over(Instant now) {
        var over = Duration.between(ends(), now);
        return over.isNegative() ? Duration.ZERO : over;
    }

    /** The share of its time that has gone by, 0 to 1. */
    public double gone(Instant now) {
        var gone = (double) Duration.between(started, now).toMillis() / lasts.toMillis();
        return Math.clamp(gone, 0, 1);
    }
}
