package welumen.custody;

import java.time.LocalDate;
import welumen.cabin.PartId;

/**
 * A part that is not in the workshop's own hands.
 *
 * @param where who has it, “at the platers”
 * @param due the day on which it is to be back
 */
public record Away(PartId part, String where, LocalDate due) {
    public Away {
        if (where.isBlank()) throw new IllegalArgumentException("Say who has the part [%s].".formatted(part));
    }
}
