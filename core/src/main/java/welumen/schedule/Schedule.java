package welumen.schedule;

import java.time.LocalDateTime;
import java.util.List;

/**
 * A plan.
 *
 * @param bookings one of every activity, in the problem's order
 * @param end of the last one
 * @param bound before which no plan can end; never after the end
 */
public record Schedule(List<Booking> bookings, LocalDateTime end, LocalDateTime bound) {
    public Schedule {
        bookings = List.copyOf(bookings);
        if (bound.isAfter(end))
            throw new IllegalArgumentException("The bound [%s] lies after the end [%s].".formatted(bound, end));
    }

    /** Whether no plan can end earlier. */
    public boolean isOptimal() {
        return !end.isAfter(bound);
    }
}
