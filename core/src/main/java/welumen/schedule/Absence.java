package welumen.schedule;

import java.time.LocalDateTime;

/**
 * A time in which fewer of a resource are there than usually: somebody's days off, a machine away for repair.
 *
 * @param until after {@code from}
 * @param fewer by how many; at least one
 */
public record Absence(LocalDateTime from, LocalDateTime until, int fewer) {
    public Absence {
        if (!until.isAfter(from) || fewer < 1)
            throw new IllegalArgumentException("From [%s] until [%s] [%d] are fewer.".formatted(from, until, fewer));
    }
}
