package welumen.yard;

import java.time.LocalDate;

/** Days on which somebody is not there, both ends included. */
public record DaysOff(LocalDate first, LocalDate last, String why) {
    /** @throws IllegalArgumentException if the last day lies before the first */
    public DaysOff {
        if (last.isBefore(first))
            throw new IllegalArgumentException(
                    "From %s to %s are no days. Put the later day second.".formatted(first, last));
    }

    public boolean has(LocalDate day) {
        return !day.isBefore(first) && !day.isAfter(last);
    }
}
