package welumen.yard;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalTime;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** When somebody works in an ordinary week: on these days, from and until. */
public record WorkingHours(Set<DayOfWeek> days, LocalTime from, LocalTime until) {
    public static final WorkingHours USUAL = new WorkingHours(
            EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), LocalTime.of(8, 0), LocalTime.of(16, 30));

    /** @throws IllegalArgumentException if there is no day, or the end is not after the beginning */
    public WorkingHours {
        if (days.isEmpty()) throw new IllegalArgumentException("Say at least one day of the week.");
        if (!until.isAfter(from))
            throw new IllegalArgumentException(
                    "From %s until %s is no working day. Put the later time second.".formatted(from, until));
        days = Collections.unmodifiableSet(EnumSet.copyOf(days));
    }

    /** How long they are there in such a week, breaks included. */
    public Duration week() {
        return Duration.between(from, until).multipliedBy(days.size());
    }
}
