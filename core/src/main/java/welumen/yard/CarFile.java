package welumen.yard;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A car that came to the yard: under which log its work is kept, what it is called, and whether it is worked on.
 *
 * @param job the stream of its log
 * @param note what to know of it; empty for a whole job
 */
public record CarFile(UUID job, String title, String note, Standing standing) {
    /** Whether a car is worked on. */
    public sealed interface Standing {
        record InWork() implements Standing {}

        /** It waits, for a reason that may be empty, and is taken up again. */
        record SetAside(String why) implements Standing {}

        /** It has gone home; its log is kept, and taught from. */
        record Closed(LocalDate day) implements Standing {}
    }

    public CarFile {
        if (title.isBlank()) throw new IllegalArgumentException("This car has no name. Give it one.");
    }

    CarFile titled(String other) {
        return new CarFile(job, other, note, standing);
    }

    CarFile standing(Standing other) {
        return new CarFile(job, title, note, other);
    }

    public boolean isClosed() {
        return standing instanceof Standing.Closed;
    }

    public boolean isInWork() {
        return standing instanceof Standing.InWork;
    }
}
