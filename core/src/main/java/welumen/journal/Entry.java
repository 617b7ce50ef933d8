package welumen.journal;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * One line of a log, never changed once written.
 *
 * @param sequence its place in its stream, from 1 without a gap
 * @param at when it was written
 * @param author who wrote it
 * @param note what it says
 * @param beside the entries of other logs that are one action with it, written in the same transaction
 * @param <C> what can change in this stream
 */
public record Entry<C>(long sequence, Instant at, String author, Note<C> note, List<Place> beside) {
    /** Where an entry stands: in which stream, and at which place. */
    public record Place(UUID stream, long sequence) {}

    public Entry {
        if (sequence < 1) throw new IllegalArgumentException("The sequence [%d] is below 1.".formatted(sequence));
        beside = List.copyOf(beside);
    }

    /** One that is an action by itself. */
    public Entry(long sequence, Instant at, String author, Note<C> note) {
        this(sequence, at, author, note, List.of());
    }
}
