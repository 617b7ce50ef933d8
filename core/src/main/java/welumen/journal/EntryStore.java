package welumen.journal;

import java.util.List;
import java.util.UUID;

/** Where entries are kept. What {@link #append} has returned from is on disk, whatever happens next. */
public interface EntryStore {
    /**
     * One entry on its way into one stream.
     *
     * @param <C> what can change in that stream
     */
    record Addition<C>(UUID stream, Entry<C> entry) {}

    /**
     * All entries of a stream in their order; none for a stream that was never written.
     *
     * @throws StoreException if the store cannot be read; the message names the place
     */
    <C> List<Entry<C>> entries(UUID stream, Class<C> kind);

    /**
     * Writes all of these or none.
     *
     * @throws StoreException if nothing was written: the store is read-only, full, or another program wrote first
     */
    void append(List<Addition<?>> additions);
}
