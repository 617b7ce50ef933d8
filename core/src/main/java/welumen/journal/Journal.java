package welumen.journal;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import welumen.journal.EntryStore.Addition;
import welumen.journal.Note.Made;
import welumen.journal.Note.PutBack;
import welumen.journal.Note.TakenBack;

/**
 * One stream of entries and the state that they fold into. Each change is appended to the store before the state
 * moves, so what is shown is on disk. Taking back is an entry too, and works across a restart; putting back is
 * possible until the next change.
 *
 * <p>Not safe for use by several threads at once.
 *
 * @param <C> what can change
 * @param <S> the state, a value
 */
public final class Journal<C, S> {
    private final EntryStore store;
    private final UUID stream;
    private final Clock clock;
    private final BiFunction<S, C, S> after;
    private final S start;
    private final List<Entry<C>> entries = new ArrayList<>();
    private final Deque<Standing<C, S>> standing = new ArrayDeque<>();
    private final Deque<Entry<C>> takenBack = new ArrayDeque<>();

    private record Standing<C, S>(Entry<C> entry, C change, S state) {}

    /** Opens a stream: reads its entries and folds them. */
    public static <C, S> Journal<C, S> open(
            EntryStore store, UUID stream, Class<C> kind, Clock clock, S start, BiFunction<S, C, S> after) {
        var journal = new Journal<C, S>(store, stream, clock, start, after);
        store.entries(stream, kind).forEach(journal::fold);
        return journal;
    }

    private Journal(EntryStore store, UUID stream, Clock clock, S start, BiFunction<S, C, S> after) {
        this.store = store;
        this.stream = stream;
        this.clock = clock;
        this.start = start;
        this.after = after;
    }

    public S state() {
        return standing.isEmpty() ? start : standing.getLast().state();
    }

    /** Every entry, those of taking back included. */
    public List<Entry<C>> entries() {
        return Collections.unmodifiableList(entries);
    }

    /** The entries whose changes stand, oldest first. */
    public List<Entry<C>> standing() {
        return standing.stream().map(Standing::entry).toList();
    }

    /** The change that {@link #takeBack} would take back. */
    public Optional<C> newest() {
        return Optional.ofNullable(standing.peekLast()).map(Standing::change);
    }

    /** The state of an earlier day: folded to that moment, without what was taken back only later. */
    public S asItStood(Instant at) {
        var then = new Journal<C, S>(store, stream, clock, start, after);
        entries.stream().takeWhile(entry -> !entry.at().isAfter(at)).forEach(then::fold);
        return then.state();
    }

    /**
     * Appends a change, then folds it.
     *
     * @throws RuntimeException what the fold throws for a change that cannot follow; nothing is written then
     */
    public Entry<C> make(C change, String author) {
        after.apply(state(), change);
        return write(new Made<>(change), author);
    }

    /** Takes back the newest change that stands; empty where none does. */
    public Optional<Entry<C>> takeBack(String author) {
        if (standing.isEmpty()) return Optional.empty();
        return Optional.of(write(new TakenBack<>(standing.getLast().entry().sequence()), author));
    }

    /** Puts back what was taken back last; empty where nothing was since the newest change. */
    public Optional<Entry<C>> putBack(String author) {
        if (takenBack.isEmpty()) return Optional.empty();
        return Optional.of(write(new PutBack<>(takenBack.getLast().sequence()), author));
    }

    public boolean canPutBack() {
        return !takenBack.isEmpty();
    }

    private Entry<C> write(Note<C> note, String author) {
        var entry = new Entry<>(entries.size() + 1L, clock.instant(), author, note);
        store.append(List.of(new Addition<>(stream, entry)));
        fold(entry);
        return entry;
    }

    private void fold(Entry<C> entry) {
        if (entry.sequence() != entries.size() + 1L)
            throw new StoreException("Entry %d of log %s stands where entry %d should. Restore the last backup."
                    .formatted(entry.sequence(), stream, entries.size() + 1L));
        switch (entry.note()) {
            case Made<C>(var change) -> {
                standing.addLast(new Standing<>(entry, change, after.apply(state(), change)));
                takenBack.clear();
            }
            case TakenBack<C>(var sequence) -> takenBack.addLast(newest(standing.pollLast(), sequence, entry));
            case PutBack<C>(var sequence) -> putBack(takenBack.pollLast(), sequence, entry);
        }
        entries.add(entry);
    }

    private Entry<C> newest(@org.jspecify.annotations.Nullable Standing<C, S> last, long sequence, Entry<C> entry) {
        if (last == null || last.entry().sequence() != sequence) throw crossed(entry, sequence);
        return last.entry();
    }

    private void putBack(@org.jspecify.annotations.Nullable Entry<C> last, long sequence, Entry<C> entry) {
        if (last == null || last.sequence() != sequence || !(last.note() instanceof Made<C>(var change)))
            throw crossed(entry, sequence);
        standing.addLast(new Standing<>(last, change, after.apply(state(), change)));
    }

    private StoreException crossed(Entry<C> entry, long sequence) {
        return new StoreException(
                "Entry %d of log %s takes back or puts back entry %d, which is not the newest. Restore the last backup."
                        .formatted(entry.sequence(), stream, sequence));
    }
}
