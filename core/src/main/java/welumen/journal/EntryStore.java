package welumen.journal;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;

/**
 * Where entries are kept, by one bench or by several at once. What {@link #append} has returned from is on disk, whatever
 * happens next. Safe for use by several threads.
 */
public interface EntryStore {
    /**
     * One entry on its way into one stream. Its sequence says what is expected: that the stream ends just before it.
     *
     * @param <C> what can change in that stream
     */
    record Addition<C>(UUID stream, Entry<C> entry) {}

    /**
     * The entries of a stream after a sequence, in their order; none for a stream that was never written. They end before the
     * first that is damaged, of which {@link #damage} tells then.
     *
     * @param after 0 for all of them
     * @throws StoreException if the store cannot be read; the message names the place
     */
    <C> List<Entry<C>> entriesAfter(UUID stream, long after, Class<C> kind);

    /** Where a stream was found to be damaged when it was read last; empty where it is whole. */
    default Optional<Damage> damage(UUID stream) {
        return Optional.empty();
    }

    /** All entries of a stream. */
    default <C> List<Entry<C>> entries(UUID stream, Class<C> kind) {
        return entriesAfter(stream, 0, kind);
    }

    /**
     * Writes all of these or none.
     *
     * @throws AnotherCameFirst if a stream goes on beyond what was expected; nothing was written
     * @throws StoreException if nothing was written for another reason: the store is read-only, or full
     */
    void append(List<Addition<?>> additions);

    /**
     * Asks to be told, on any thread, of each stream that somebody has appended to, at this bench or at another one.
     *
     * @return ends the telling
     */
    Runnable hear(Consumer<UUID> listener);
}
