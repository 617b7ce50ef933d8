package welumen.diary.book;

import java.time.Instant;

/**
 * One go at a task that has only one chance.
 *
 * @param number from 1 within its task
 * @param cause why it has to be done again; blank where it came out well
 * @param cost what was lost with it, in words; may be empty
 */
public record Go(String task, int number, String by, Instant ended, String cause, String cost) {
    public Go {
        if (number < 1) throw new IllegalArgumentException("The go [%d] is none.".formatted(number));
    }

    public boolean isWell() {
        return cause.isBlank();
    }
}
