package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;

/**
 * Which edges are likely sewn to each other: finished alike, about as long, and named after each other.
 *
 * <p>All pairs of edges are looked at, O(n²), and the likeliest taken first; a guess that somebody confirms.
 */
public final class LikelySeams {
    private static final double EASE = 0.05;

    private LikelySeams() {}

    /** An edge of a piece. */
    public record Open(Piece piece, int edge, int copy) {
        public double lengthMm() {
            return piece.lengthMm(edge);
        }

        String edgeName() {
            return piece.edges().get(edge).name().toLowerCase(Locale.ROOT);
        }

        EdgeFinish finish() {
            return piece.edges().get(edge).finish();
        }

        public Side side() {
            return new Side(piece.id(), edge, copy);
        }
    }

    /** Of edges that are in no seam yet, the longest first; each is used once. */
    public static List<Seam> among(List<Piece> pieces, List<Seam> known) {
        var left = new ArrayList<Open>();
        for (var piece : pieces)
            for (var edge = 0; edge < piece.edges().size(); edge++)
                for (var copy = 0; copy < piece.pairing().count(); copy++) {
                    var side = new Side(piece.id(), edge, copy);
                    if (piece.edges().get(edge).finish().isShared()
                            && known.stream()
                                    .noneMatch(seam -> seam.one().equals(side)
                                            || seam.other().equals(side))) left.add(new Open(piece, edge, copy));
                }
        left.sort(Comparator.comparingDouble(Open::lengthMm).reversed());
        var seams = new ArrayList<Seam>();
        while (!left.isEmpty()) {
            var one = left.removeFirst();
            partner(one, left).ifPresent(other -> {
                left.remove(other);
                seams.add(new Seam(one.side(), other.side(), 0, one.finish() == EdgeFinish.FRENCH));
            });
        }
        return seams;
    }

    /** The likeliest of some edges for another; each edge is as likely as its piece is named after the other. */
    public static Optional<Open> partner(Open one, List<Open> left) {
        return left.stream()
                .filter(other -> isLikely(one, other))
                .max(Comparator.comparingInt((Open other) -> shared(one, other)).thenComparingDouble(Open::lengthMm));
    }

    /** Finished alike, about as long, and each naming the other: “to the bolster”, “to the centre”. */
    private static boolean isLikely(Open one, Open other) {
        return !other.piece().id().equals(one.piece().id())
                && other.finish() == one.finish()
                && Math.abs(one.lengthMm() - other.lengthMm()) <= EASE * Math.max(one.lengthMm(), other.lengthMm())
                && names(one, other)
                && names(other, one);
    }

    /** Whether a word of an edge's name is one of the other piece's, or of the part of it that the other edge is. */
    private static boolean names(Open one, Open other) {
        var words = words(one.piece().edges().get(one.edge()).name());
        words.retainAll(words(other.piece().name()));
        return !words.isEmpty();
    }

    private static int shared(Open one, Open other) {
        var words = words(one.piece().name());
        words.retainAll(words(other.piece().name()));
        return 4 * words.size() + onOneSide(one, other);
    }

    /** Of two that are cut, the left one goes to the left edge of what is cut once. */
    private static int onOneSide(Open one, Open other) {
        if (one.piece().pairing() == Pairing.LEFT_AND_RIGHT && other.piece().pairing() == Pairing.LEFT_AND_RIGHT)
            return one.copy() == other.copy() ? 2 : 0;
        return Stream.of(one, other)
                        .filter(open -> open.piece().pairing() == Pairing.LEFT_AND_RIGHT)
                        .map(open -> open.copy() == 0 ? "left" : "right")
                        .anyMatch(hand -> one.edgeName().contains(hand)
                                || other.edgeName().contains(hand))
                ? 1
                : 0;
    }

    private static Set<String> words(String text) {
        var words = new HashSet<>(List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")));
        words.removeAll(Set.of("to", "the", "of", "left", "right", "front", "back", "inner", "outer", ""));
        return words;
    }
}
