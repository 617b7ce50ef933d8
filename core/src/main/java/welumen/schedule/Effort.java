package welumen.schedule;

import java.time.Duration;

/** How much work something is: at the least, as a rule, and at the most. */
public record Effort(Duration low, Duration likely, Duration high) {
    public Effort {
        if (low.isNegative() || likely.compareTo(low) < 0 || high.compareTo(likely) < 0)
            throw new IllegalArgumentException(
                    "The work [%s, %s, %s] does not rise from nought.".formatted(low, likely, high));
    }

    public static Effort of(Duration always) {
        return new Effort(always, always, always);
    }

    /** @param hours of work, low, likely and high */
    public static Effort ofHours(double low, double likely, double high) {
        return new Effort(hours(low), hours(likely), hours(high));
    }

    /** To the second, upward. */
    private static Duration hours(double hours) {
        return Duration.ofSeconds((long) Math.ceil(hours * 3600 - 1e-6));
    }
}
