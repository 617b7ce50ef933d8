package welumen.clock;

import java.time.Duration;
import java.time.Instant;

/**
 * A stretch of somebody's working time on one thing.
 *
 * @param on the name of what was worked on, within its job
 * @param idle time in it that was none
 */
public record Spell(String person, String on, WorkKind kind, Instant from, Instant to, Duration idle) {
    /** @throws IllegalArgumentException if it ends before it begins, or idles longer than it lasts */
    public Spell {
        if (to.isBefore(from)) throw new IllegalArgumentException("Work on [%s] ends before it begins.".formatted(on));
        if (idle.isNegative() || idle.compareTo(Duration.between(from, to)) > 0)
            throw new IllegalArgumentException("Work on [%s] idles longer than it lasts.".formatted(on));
    }

    public Duration worked() {
        return Duration.between(from, to).minus(idle);
    }
}
