package welumen.clock;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * A clock that runs on the bench: what it is on, what comes next, and when.
 *
 * @param id its name within the job
 * @param on what waits, as “Sill carpet, adhesive”
 * @param next what comes when it has run out, as “lay”
 * @param latest how long after its start it is too late for that; nought where it never is
 * @param moved how long after its start what was laid can still be moved; nought where it grabs at once
 */
public record BenchClock(
        String id, String on, String next, Instant started, Duration lasts, Duration latest, Duration moved) {
    /** Of which nothing is too late. */
    public BenchClock(String id, String on, String next, Instant started, Duration lasts) {
        this(id, on, next, started, lasts, Duration.ZERO, Duration.ZERO);
    }

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

    /** Until when it can be done; empty where it is never too late. */
    public Optional<Instant> by() {
        return latest.isZero() ? Optional.empty() : Optional.of(started.plus(latest));
    }

    /** Whether it is too late to go on as it was meant. */
    public boolean isTooLate(Instant now) {
        return by().filter(until -> !now.isBefore(until)).isPresent();
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
