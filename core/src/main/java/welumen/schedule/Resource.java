package welumen.schedule;

import java.util.Optional;

/**
 * People with a skill, machines or places that can be used by so many at a time.
 *
 * @param count at least one
 * @param hours when it is there; empty for whenever the shop is open
 */
public record Resource(String id, int count, Optional<OpenHours> hours) {
    public Resource {
        if (count < 1) throw new IllegalArgumentException("There is none of [%s].".formatted(id));
    }

    public Resource(String id, int count) {
        this(id, count, Optional.empty());
    }
}
