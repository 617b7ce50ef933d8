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
 */
public record Batch(Optional<How> said, List<HardPiece> pieces, Map<String, Step> at) {
    public static final Batch NONE = new Batch(Optional.empty(), List.of(), Map.of());

    /** How far a piece is on its way from hook to screw. */
    public enum Step {
        LISTED("to prepare"),
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
     * @param needs how long a load takes
     * @param handled how long afterwards a piece can be handled
     * @param due when whoever waits comes
     */
    public record How(int coats, double canSquareMetres, Duration needs, Duration handled, LocalDateTime due) {
        public How {
            if (coats < 1 || !(canSquareMetres > 0) || needs.isNegative() || handled.isNegative())
                throw new IllegalArgumentException(
                        "[%d] coats of [%s m²] a can cannot be sprayed.".formatted(coats, canSquareMetres));
        }
    }

    public Batch {
        pieces = List.copyOf(pieces);
        at = Collections.unmodifiableMap(new TreeMap<>(at));
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

    Batch said(How how) {
        return new Batch(Optional.of(how), pieces, at);
    }

    Batch with(HardPiece piece) {
        var more = new ArrayList<>(pieces);
        var was = pieces.stream().map(HardPiece::id).toList().indexOf(piece.id());
        if (was < 0) more.add(piece);
        else more.set(was, piece);
        return new Batch(said, more, at);
    }

    Batch without(String id) {
        return new Batch(
                said, pieces.stream().filter(piece -> !piece.id().equals(id)).toList(), without(at, id));
    }

    Batch moved(List<String> ids, Step step) {
        var now = new TreeMap<>(at);
        ids.forEach(id -> now.put(id, step));
        return new Batch(said, pieces, now);
    }

    private static Map<String, Step> without(Map<String, Step> map, String id) {
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
