package welumen.journal;

import java.time.Instant;

/**
 * One line of a log, never changed once written.
 *
 * @param sequence its place in its stream, from 1 without a gap
 * @param at when it was written
 * @param author who wrote it
 * @param note what it says
 * @param <C> what can change in this stream
 */
public record Entry<C>(long sequence, Instant at, String author, Note<C> note) {
    public Entry {
        if (sequence < 1) throw new IllegalArgumentException("The sequence [%d] is below 1.".formatted(sequence));
    }
}
