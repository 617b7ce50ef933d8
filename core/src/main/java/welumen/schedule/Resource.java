package welumen.schedule;

import java.util.List;
import java.util.Optional;

/**
 * People with a skill, machines or places that can be used by so many at a time.
 *
 * @param count at least one
 * @param hours when it is there; empty for whenever the shop is open
 * @param absences when there are fewer; never fewer than none in all
 */
public record Resource(String id, int count, Optional<OpenHours> hours, List<Absence> absences) {
    public Resource {
        absences = List.copyOf(absences);
        if (count < 1) throw new IllegalArgumentException("There is none of [%s].".formatted(id));
    }

    public Resource(String id, int count) {
        this(id, count, Optional.empty());
    }

    public Resource(String id, int count, Optional<OpenHours> hours) {
        this(id, count, hours, List.of());
    }
}
