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
import welumen.journal.Note.Made;
import welumen.journal.Note.PutBack;
import welumen.journal.Note.TakenBack;

/**
 * One stream of entries and the state that they fold into. Each change is appended to the store before the state
 * moves, so what is shown is on disk. Taking back is an entry too, and works across a restart; putting back is
 * possible until the next change.
 *
 * <p>A log that is taken back in itself loses its newest change. What is one action with a change of another log goes
 * with that one, though it may not be the newest here: then all that came later is folded again without it, and where
 * something of that cannot stand by itself, nothing is taken back.
 *
 * <p>Not safe for use by several threads at once.
 *
 * @param <C> what can change
 * @param <S> the state, a value
 */
public final class Journal<C, S> {
    /** Newest states that are kept, for what is taken back is mostly new. */
    private static final int RECENT = 64;

    /** Entries between older states that are kept, so that a long log needs little memory and takes back quickly all the same. */
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

    private final Class<C> kind;
    private Optional<Damage> damage = Optional.empty();

    /** Opens a stream: reads its entries and folds them. */
    public static <C, S> Journal<C, S> open(
            EntryStore store, UUID stream, Class<C> kind, Clock clock, S start, BiFunction<S, C, S> after) {
        var journal = new Journal<C, S>(store, stream, kind, clock, start, after);
        journal.catchUp();
        return journal;
    }

    private Journal(EntryStore store, UUID stream, Class<C> kind, Clock clock, S start, BiFunction<S, C, S> after) {
        this.store = store;
        this.stream = stream;
        this.kind = kind;
        this.clock = clock;
        this.start = start;
        this.after = after;
        states.put(0, start);
    }

    public UUID stream() {
        return stream;
    }

    EntryStore store() {
        return store;
    }

    /** Folds what others have appended meanwhile; says whether there was any. */
    public boolean catchUp() {
        if (damage.isPresent()) return false;
        var before = entries.size();
        for (var entry : store.entriesAfter(stream, before, kind))
            try {
                fold(entry);
            } catch (RuntimeException fault) { // whatever an entry holds, what was before it can be read
                damage = Optional.of(new Damage(
                        entry.sequence(), "it does not follow from what was before it: " + fault.getMessage()));
                break;
            }
        if (damage.isEmpty()) damage = store.damage(stream);
        return entries.size() > before;
    }

    /** From where on the log cannot be trusted; it is shown as it stood before that, and takes no more entries. */
    public Optional<Damage> damage() {
        return damage;
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

    /** Where an entry stands, or below nought, as a search says it, where it would. */
    private int index(long sequence) {
        var low = 0;
        var high = standing.size() - 1;
        while (low <= high) {
            var middle = (low + high) >>> 1;
            var there = standing.get(middle).entry().sequence();
            if (there == sequence) return middle;
            if (there < sequence) low = middle + 1;
            else high = middle - 1;
        }
        return -low - 1;
    }

    private void stand(Entry<C> entry, C change) {
        var at = -index(entry.sequence()) - 1;
        if (at < standing.size()) {
            standing.add(at, new Standing<>(entry, change));
            states.tailMap(at, false).clear();
            return;
        }
        var state = after.apply(state(), change);
        standing.add(new Standing<>(entry, change));
        states.put(standing.size(), state);
        var old = standing.size() - RECENT;
        if (old % CHECKPOINT != 0) states.remove(old);
    }

    private Entry<C> unstand(int at) {
        states.tailMap(at, false).clear();
        return standing.remove(at).entry();
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

    /** The entry of the newest change that stands. */
    Optional<Entry<C>> standingEntry() {
        return standing.isEmpty()
                ? Optional.empty()
                : Optional.of(standing.getLast().entry());
    }

    /** The entry that {@link #putBack} would put back. */
    Optional<Entry<C>> lastTakenBack() {
        return Optional.ofNullable(takenBack.peekLast());
    }

    /** The state of an earlier day: folded to that moment, without what was taken back only later. */
    public S asItStood(Instant at) {
        var then = new Journal<C, S>(store, stream, kind, clock, start, after);
        entries.stream().takeWhile(entry -> !entry.at().isAfter(at)).forEach(then::fold);
        return then.state();
    }

    /**
     * Appends a change, then folds it.
     *
     * @throws RuntimeException what the fold throws for a change that cannot follow; nothing is written then
     */
    public Entry<C> make(C change, String author) {
        Action.by(author).make(this, change).done();
        return entries.getLast();
    }

    /**
     * Takes back the newest change that stands; empty where none does.
     *
     * @throws IllegalStateException if other logs hold of the same action: {@link Action#takeBack} takes that back too
     */
    public Optional<Entry<C>> takeBack(String author) {
        return Action.by(author).takeBack(this, this::onlyThis).done()
                ? Optional.of(entries.getLast())
                : Optional.empty();
    }

    /** Puts back what was taken back last; empty where nothing was since the newest change. */
    public Optional<Entry<C>> putBack(String author) {
        return Action.by(author).putBack(this, this::onlyThis).done()
                ? Optional.of(entries.getLast())
                : Optional.empty();
    }

    private Journal<?, ?> onlyThis(UUID other) {
        throw new IllegalStateException("This touched log [%s] too. Take it back in both.".formatted(other));
    }

    public boolean canPutBack() {
        return !takenBack.isEmpty();
    }

    long nextSequence() {
        return entries.size() + 1L;
    }

    /** The next entry of this log, tried on the state as it is. */
    Entry<C> next(Note<C> note, String author, List<Entry.Place> beside) {
        damage.ifPresent(there -> {
            throw new StoreException(
                    "Nothing is written here any more: entry %d cannot be used (%s). Restore a backup that has it whole."
                            .formatted(there.sequence(), there.why()));
        });
        switch (note) {
            case Made<C>(var change) -> after.apply(state(), change);
            case TakenBack<C>(var sequence) -> tryWithout(sequence);
            case PutBack<C>(var sequence) -> tryWith(sequence);
        }
        return new Entry<>(nextSequence(), clock.instant(), author, note, beside);
    }

    private void tryWithout(long sequence) {
        var at = index(sequence);
        if (at < 0) throw new IllegalStateException("That has been taken back already.");
        var state = stateAfter(at);
        for (var later : standing.subList(at + 1, standing.size())) state = after.apply(state, later.change());
    }

    private void tryWith(long sequence) {
        var at = -index(sequence) - 1;
        if (at < 0) throw new IllegalStateException("That stands already.");
        var state = after.apply(stateAfter(at), made(sequence));
        for (var later : standing.subList(at, standing.size())) state = after.apply(state, later.change());
    }

    /** What was once made at this place; read from disk, so nobody knows before. */
    private C made(long sequence) {
        if (sequence >= 1
                && sequence <= entries.size()
                && entries.get((int) sequence - 1).note() instanceof Made<C>(var change)) return change;
        throw new IllegalStateException("Entry %d of log %s is none that was made.".formatted(sequence, stream));
    }

    void accept(Entry<C> entry) {
        fold(entry);
    }

    private void fold(Entry<C> entry) {
        if (entry.sequence() != entries.size() + 1L)
            throw new StoreException(
                    "entry %d stands where entry %d should".formatted(entry.sequence(), entries.size() + 1L));
        switch (entry.note()) {
            case Made<C>(var change) -> {
                stand(entry, change);
                takenBack.clear();
            }
            case TakenBack<C>(var sequence) -> takenBack.addLast(takenBack(sequence, entry));
            case PutBack<C>(var sequence) -> putBack(sequence, entry);
        }
        entries.add(entry);
    }

    private Entry<C> takenBack(long sequence, Entry<C> entry) {
        var at = index(sequence);
        if (at < 0) throw crossed(entry, sequence);
        return unstand(at);
    }

    private void putBack(long sequence, Entry<C> entry) {
        if (index(sequence) >= 0 || sequence < 1 || sequence > entries.size()) throw crossed(entry, sequence);
        var again = entries.get((int) sequence - 1);
        if (!(again.note() instanceof Made<C>(var change))) throw crossed(entry, sequence);
        takenBack.remove(again);
        stand(again, change);
    }

    private StoreException crossed(Entry<C> entry, long sequence) {
        return new StoreException("entry %d takes back or puts back entry %d, which does not stand so"
                .formatted(entry.sequence(), sequence));
    }
}
