package welumen.pattern.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Piece;
import welumen.pattern.Seam;

/**
 * The runs of strip along the edges of pieces. A bound edge is a run of its own; piping lies between two pieces, so that two
 * piped edges of about one length share one, those first that name each other.
 */
public final class PipedSeams {
    /** Edges of one seam differ by no more than ease. */
    private static final double EASE = 0.08;

    private PipedSeams() {}

    /** @param where its piece and edge, and those of the other where it lies between two */
    public record Run(String where, double lengthMm) {}

    private record Side(Piece piece, int edge, int copy) {
        double lengthMm() {
            return piece.lengthMm(edge);
        }

        Seam.Side seamSide() {
            return new Seam.Side(piece.id(), edge);
        }

        String where() {
            var name = piece.edges().get(edge).name();
            return "%s, %s".formatted(piece.name(), name.isEmpty() ? "edge " + (edge + 1) : name);
        }
    }

    public static List<Run> bound(List<Piece> pieces) {
        return sides(pieces, EdgeFinish.BOUND).stream()
                .map(side -> new Run(side.where(), side.lengthMm()))
                .toList();
    }

    /** The longest first; what is known to be sewn together is one, and an edge without a partner a run of its own. */
    public static List<Run> piped(List<Piece> pieces, List<Seam> seams) {
        var left = new ArrayList<>(sides(pieces, EdgeFinish.PIPED));
        left.sort(Comparator.comparingDouble(Side::lengthMm).reversed());
        var runs = new ArrayList<Run>();
        while (!left.isEmpty()) {
            var one = left.removeFirst();
            var other = sewnTo(one, left, seams).or(() -> partner(one, left));
            other.ifPresent(left::remove);
            runs.add(new Run(
                    one.where() + other.map(side -> " / " + side.where()).orElse(""), one.lengthMm()));
        }
        return runs;
    }

    /** What it is known to be sewn to. */
    private static Optional<Side> sewnTo(Side one, List<Side> left, List<Seam> seams) {
        return seams.stream()
                .flatMap(seam -> seam.one().equals(one.seamSide())
                        ? Stream.of(seam.other())
                        : seam.other().equals(one.seamSide()) ? Stream.of(seam.one()) : Stream.of())
                .flatMap(other -> left.stream().filter(side -> side.seamSide().equals(other)))
                .findFirst();
    }

    private static Optional<Side> partner(Side one, List<Side> left) {
        return left.stream()
                .filter(side -> !side.piece().id().equals(one.piece().id()))
                .filter(side -> one.lengthMm() - side.lengthMm() <= EASE * one.lengthMm())
                .max(Comparator.comparingInt((Side side) -> shared(one, side)).thenComparingDouble(Side::lengthMm));
    }

    /** “Cushion centre, to the bolster” and “cushion bolster, to the centre” name each other. */
    private static int shared(Side one, Side other) {
        var words = new HashSet<>(words(one));
        words.retainAll(words(other));
        return words.size();
    }

    private static Set<String> words(Side side) {
        return Set.copyOf(List.of(side.where().toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).stream()
                .distinct()
                .toList());
    }

    private static List<Side> sides(List<Piece> pieces, EdgeFinish finish) {
        var sides = new ArrayList<Side>();
        for (var piece : pieces)
            for (var edge = 0; edge < piece.edges().size(); edge++)
                if (piece.edges().get(edge).finish() == finish)
                    for (var copy = 0; copy < piece.pairing().count(); copy++) sides.add(new Side(piece, edge, copy));
        return sides;
    }
}
