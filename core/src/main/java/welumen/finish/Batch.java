package welumen.finish;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import welumen.finish.load.HardPiece;

/**
 * The small pieces of a car that are sprayed, and how far each is.
 *
 * @param said how they are sprayed; empty where nobody has said
 * @param at how far each piece is, by its id; what is not in it is listed and no more
 * @param loads in which load it hangs or has hung, by its id; from 1
 */
public record Batch(Optional<How> said, List<HardPiece> pieces, Map<String, Step> at, Map<String, Integer> loads) {
    public static final Batch NONE = new Batch(Optional.empty(), List.of(), Map.of(), Map.of());

    /** How far a piece is on its way from hook to screw. */
    public enum Step {
        LISTED("to prepare"),
        PREPARED("prepared"),
        HUNG("on its hook"),
        SPRAYED("sprayed"),
        HANDLED("can be handled"),
        FITTED("fitted");

        private final String word;

        Step(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * How all of them are sprayed.
     *
     * @param coats at least one
     * @param canSquareMetres that a can does once over, over 0
     * @param needs how long a load takes that hangs
     * @param turns how much longer where something in it is turned
     * @param handled how long afterwards a piece can be handled
     * @param due when whoever waits comes
     */
    public record How(
            int coats, double canSquareMetres, Duration needs, Duration turns, Duration handled, LocalDateTime due) {
        public How {
            if (coats < 1 || !(canSquareMetres > 0) || needs.isNegative() || turns.isNegative() || handled.isNegative())
                throw new IllegalArgumentException(
                        "[%d] coats of [%s m²] a can cannot be sprayed.".formatted(coats, canSquareMetres));
        }
    }

    public Batch {
        pieces = List.copyOf(pieces);
        at = Collections.unmodifiableMap(new TreeMap<>(at));
        loads = Collections.unmodifiableMap(new TreeMap<>(loads));
    }

    public Step step(HardPiece piece) {
        return at.getOrDefault(piece.id(), Step.LISTED);
    }

    /** Those that are still to be sprayed. */
    public List<HardPiece> open() {
        return pieces.stream()
                .filter(piece -> step(piece).compareTo(Step.SPRAYED) < 0)
                .toList();
    }

    /** How long a load takes: where anything that is still to be sprayed is turned, each has to leave time for it. */
    public Duration needs() {
        return said.map(how -> open().stream().anyMatch(HardPiece::isTurned)
                        ? how.needs().plus(how.turns())
                        : how.needs())
                .orElse(Duration.ZERO);
    }

    /** The number of the load that is hung next. */
    public int nextLoad() {
        return loads.values().stream().mapToInt(Integer::intValue).max().orElse(0) + 1;
    }

    Batch said(How how) {
        return new Batch(Optional.of(how), pieces, at, loads);
    }

    Batch with(HardPiece piece) {
        var more = new ArrayList<>(pieces);
        var was = pieces.stream().map(HardPiece::id).toList().indexOf(piece.id());
        if (was < 0) more.add(piece);
        else more.set(was, piece);
        return new Batch(said, more, at, loads);
    }

    Batch without(String id) {
        return new Batch(
                said,
                pieces.stream().filter(piece -> !piece.id().equals(id)).toList(),
                without(at, id),
                without(loads, id));
    }

    Batch moved(List<String> ids, Step step) {
        var now = new TreeMap<>(at);
        ids.forEach(id -> now.put(id, step));
        var hung = new TreeMap<>(loads);
        if (step == Step.HUNG) ids.forEach(id -> hung.put(id, nextLoad()));
        return new Batch(said, pieces, now, hung);
    }

    private static <T> Map<String, T> without(Map<String, T> map, String id) {
        var fewer = new TreeMap<>(map);
        fewer.remove(id);
        return fewer;
    }

    /** How many are so far, by step. */
    public long count(Step step) {
        return pieces.stream().filter(piece -> step(piece) == step).count();
    }

    /** The number of the next piece: none that is struck out gives its own to another while a later one stands. */
    public int nextNumber() {
        return 1
                + pieces.stream()
                        .mapToInt(piece -> Integer.parseInt(piece.id().substring(1)))
                        .max()
                        .orElse(0);
    }

    public String nextId() {
        return "p" + nextNumber();
    }
}
