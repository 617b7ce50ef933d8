package welumen.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import welumen.journal.Entry.Place;
import welumen.journal.EntryStore.Addition;
import welumen.journal.Note.Made;
import welumen.journal.Note.PutBack;
import welumen.journal.Note.TakenBack;
import welumen.measure.Because;

/**
 * One action of somebody, over one log or several: it is written in one transaction or not at all, and taken back and put
 * back as one. Where another bench came first in a log, what it wrote is folded and the action tried again on that.
 */
public final class Action {
    /** Appends that are tried; beyond this two benches would be writing as fast as they can, and something is wrong. */
    private static final int TRIES = 50;

    private final String author;
    private final List<Part<?, ?>> parts = new ArrayList<>();

    private record Part<C, S>(Journal<C, S> log, Note<C> note) {
        Entry<C> entry(String author, List<Place> beside) {
            return log.next(note, author, beside);
        }

        Place place() {
            return new Place(log.stream(), log.nextSequence());
        }
    }

    private record Written<C, S>(Journal<C, S> log, Entry<C> entry) {
        Addition<C> addition() {
            return new Addition<>(log.stream(), entry);
        }

        void fold() {
            log.accept(entry);
        }
    }

    private Action(String author) {
        this.author = author;
    }

    /** An action of nothing yet. */
    public static Action by(String author) {
        return new Action(author);
    }

    /** Something changes in a log; a log takes part once. */
    public <C, S> Action make(Journal<C, S> log, C change) {
        return part(log, new Made<>(change));
    }

    /**
     * The newest change of a log that stands is taken back, and what other logs hold of the same action with it.
     *
     * @param logs finds a log by its stream
     * @return nothing to do where none stands
     */
    public <C, S> Action takeBack(Journal<C, S> log, Function<UUID, Journal<?, ?>> logs) {
        log.standingEntry().ifPresent(entry -> {
            part(log, new TakenBack<>(entry.sequence()));
            for (var other : entry.beside()) part(logs.apply(other.stream()), new TakenBack<>(other.sequence()));
        });
        return this;
    }

    /** What was taken back last in a log is put back, in other logs too. */
    public <C, S> Action putBack(Journal<C, S> log, Function<UUID, Journal<?, ?>> logs) {
        log.lastTakenBack().ifPresent(entry -> {
            part(log, new PutBack<>(entry.sequence()));
            for (var other : entry.beside()) part(logs.apply(other.stream()), new PutBack<>(other.sequence()));
        });
        return this;
    }

    private <C, S> Action part(Journal<C, S> log, Note<C> note) {
        if (parts.stream().anyMatch(part -> part.log().stream().equals(log.stream())))
            throw new IllegalArgumentException("Log [%s] takes part in this action already.".formatted(log.stream()));
        parts.add(new Part<>(log, note));
        return this;
    }

    /**
     * Writes it, then folds it.
     *
     * @return whether there was anything to do
     * @throws RuntimeException what a fold throws for a change that cannot follow, or that something since stands on;
     *     nothing is written then
     * @throws StoreException if nothing could be written
     */
    public boolean done() {
        if (parts.isEmpty()) return false;
        for (var tries = 1; ; tries++) {
            var written = write();
            try {
                parts.getFirst()
                        .log()
                        .store()
                        .append(written.stream()
                                .<Addition<?>>map(Written::addition)
                                .toList());
                written.forEach(Written::fold);
                return true;
            } catch (AnotherCameFirst first) {
                if (tries == TRIES) throw new StoreException(Because.of(first), first);
                parts.forEach(part -> part.log().catchUp());
            }
        }
    }

    private List<Written<?, ?>> write() {
        var places = parts.stream().map(Part::place).toList();
        return IntStream.range(0, parts.size())
                .<Written<?, ?>>mapToObj(i -> written(
                        parts.get(i),
                        places.stream()
                                .filter(place -> !place.equals(places.get(i)))
                                .toList()))
                .toList();
    }

    private <C, S> Written<C, S> written(Part<C, S> part, List<Place> beside) {
        return new Written<>(part.log(), part.entry(author, beside));
    }
}
