package welumen.journal;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
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
    /** So many of the newest states are kept, for what is taken back is mostly new. */
    private static final int RECENT = 64;

    /** Of the older ones every so many, so that a long log needs little memory and takes back quickly all the same. */
    private static final int CHECKPOINT = 256;

    private final EntryStore store;
    private final UUID stream;
    private final Clock clock;
    private final BiFunction<S, C, S> after;
    private final S start;
    private final List<Entry<C>> entries = new ArrayList<>();
    private final List<Standing<C>> standing = new ArrayList<>();
    private final NavigableMap<Integer, S> states = new TreeMap<>();
    private final Deque<Entry<C>> takenBack = new ArrayDeque<>();

    private record Standing<C>(Entry<C> entry, C change) {}

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
        states.put(0, start);
    }

    public S state() {
        return stateAfter(standing.size());
    }

    /** The state after the first so many changes that stand: kept, or folded again from the nearest that is. */
    private S stateAfter(int count) {
        var nearest = states.floorEntry(count);
        var state = nearest.getValue();
        for (var change : standing.subList(nearest.getKey(), count)) state = after.apply(state, change.change());
        if (nearest.getKey() < count) states.put(count, state);
        return state;
    }

    private void stand(Entry<C> entry, C change) {
        var state = after.apply(state(), change);
        standing.add(new Standing<>(entry, change));
        states.put(standing.size(), state);
        var old = standing.size() - RECENT;
        if (old % CHECKPOINT != 0) states.remove(old);
    }

    private Standing<C> unstand() {
        states.tailMap(standing.size()).clear();
        return standing.removeLast();
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
        return standing.isEmpty()
                ? Optional.empty()
                : Optional.of(standing.getLast().change());
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
                stand(entry, change);
                takenBack.clear();
            }
            case TakenBack<C>(var sequence) -> takenBack.addLast(takenBack(sequence, entry));
            case PutBack<C>(var sequence) -> putBack(takenBack.pollLast(), sequence, entry);
        }
        entries.add(entry);
    }

    private Entry<C> takenBack(long sequence, Entry<C> entry) {
        if (standing.isEmpty() || standing.getLast().entry().sequence() != sequence) throw crossed(entry, sequence);
        return unstand().entry();
    }

    private void putBack(@org.jspecify.annotations.Nullable Entry<C> last, long sequence, Entry<C> entry) {
        if (last == null || last.sequence() != sequence || !(last.note() instanceof Made<C>(var change)))
            throw crossed(entry, sequence);
        stand(last, change);
    }

    private StoreException crossed(Entry<C> entry, long sequence) {
        return new StoreException(
                "Entry %d of log %s takes back or puts back entry %d, which is not the newest. Restore the last backup."
                        .formatted(entry.sequence(), stream, sequence));
    }
}
