package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Patterns;
import welumen.pattern.Piece;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;

/** Which edges are likely sewn to each other: finished alike, about as long, and named after each other. */
public final class LikelySeams {
    private static final double EASE = 0.05;

    private LikelySeams() {}

    private record Open(Piece piece, int edge) {
        double lengthMm() {
            return piece.lengthMm(edge);
        }

        EdgeFinish finish() {
            return piece.edges().get(edge).finish();
        }

        Side side() {
            return new Side(piece.id(), edge);
        }
    }

    /** Of edges that are in no seam yet, the longest first; each is used once. */
    public static List<Seam> among(List<Piece> pieces, List<Seam> known) {
        var left = new ArrayList<Open>();
        for (var piece : pieces)
            for (var edge = 0; edge < piece.edges().size(); edge++) {
                var side = new Side(piece.id(), edge);
                if (piece.edges().get(edge).finish().isShared()
                        && known.stream()
                                .noneMatch(seam ->
                                        seam.one().equals(side) || seam.other().equals(side)))
                    left.add(new Open(piece, edge));
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

    /** Only one that it names, “to the bolster”, and that names it. */
    private static Optional<Open> partner(Open one, List<Open> left) {
        return left.stream()
                .filter(other -> !other.piece().id().equals(one.piece().id()))
                .filter(other -> other.finish() == one.finish())
                .filter(other -> one.lengthMm() - other.lengthMm() <= EASE * one.lengthMm())
                .filter(other -> names(one, other) && names(other, one))
                .max(Comparator.comparingInt((Open other) -> shared(one, other)).thenComparingDouble(Open::lengthMm));
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
        return words.size();
    }

    private static Set<String> words(String text) {
        var words = new HashSet<>(List.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}]+")));
        words.removeAll(Set.of("to", "the", "of", "left", "right", "front", "back", "inner", "outer", ""));
        return words;
    }

    /** The sides of a seam as pieces; empty where one is gone. */
    public static Optional<List<Piece>> pieces(Patterns patterns, Seam seam) {
        var one = patterns.findOne(seam.one().piece());
        var other = patterns.findOne(seam.other().piece());
        return one.isPresent() && other.isPresent() ? Optional.of(List.of(one.get(), other.get())) : Optional.empty();
    }
}
