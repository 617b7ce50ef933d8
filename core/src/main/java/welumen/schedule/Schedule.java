package welumen.schedule;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;

/**
 * A plan.
 *
 * @param bookings one of every activity, in the problem's order
 * @param end of the last one
 * @param bound before which no plan can end that misses no more; never after the end
 * @param missed by how many hours of work the goals are late and the wishes not kept, by their weights
 * @param leastMissed what any plan misses at the least; never more than that
 */
public record Schedule(
        List<Booking> bookings, LocalDateTime end, LocalDateTime bound, Duration missed, Duration leastMissed) {
    public Schedule {
        bookings = List.copyOf(bookings);
        if (bound.isAfter(end))
            throw new IllegalArgumentException("The bound [%s] lies after the end [%s].".formatted(bound, end));
        if (leastMissed.compareTo(missed) > 0)
            throw new IllegalArgumentException(
                    "At the least [%s] is missed, but it is [%s].".formatted(leastMissed, missed));
    }

    /** Whether no plan misses less, and none that misses as little ends earlier. */
    public boolean isOptimal() {
        return !end.isAfter(bound) && missed.equals(leastMissed);
    }
}
