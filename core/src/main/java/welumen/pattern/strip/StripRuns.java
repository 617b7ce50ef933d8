package welumen.pattern.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.pattern.Seam;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.pattern.seam.LikelySeams;
import welumen.pattern.seam.LikelySeams.Open;

/**
 * The runs of strip along the edges of pieces, each as often as its piece is cut. A bound edge is a run of its own; piping lies
 * between two pieces, so that two piped edges share one: those that are known to be sewn together, then those that likely are.
 */
public final class StripRuns {
    private StripRuns() {}

    /**
     * @param where its piece and edge, and those of the other where it lies between two
     * @param tightestMm the smallest radius of its bends; infinite where it is straight
     */
    public record Run(String where, double lengthMm, double tightestMm) {}

    public static List<Run> bound(List<Piece> pieces) {
        return edges(pieces, EdgeFinish.BOUND).stream()
                .map(edge -> new Run(where(edge), edge.lengthMm(), tightestMm(edge)))
                .toList();
    }

    /** The longest first; an edge without a partner is a run of its own. */
    public static List<Run> piped(List<Piece> pieces, List<Seam> seams) {
        var left = new ArrayList<>(edges(pieces, EdgeFinish.PIPED));
        left.sort(Comparator.comparingDouble(Open::lengthMm).reversed());
        var runs = new ArrayList<Run>();
        while (!left.isEmpty()) {
            var one = left.removeFirst();
            var other = sewnTo(one, left, seams).or(() -> LikelySeams.partner(one, left));
            other.ifPresent(left::remove);
            runs.add(new Run(
                    where(one) + other.map(edge -> " / " + where(edge)).orElse(""), one.lengthMm(), tightestMm(one)));
        }
        return runs;
    }

    /** What it is known to be sewn to. */
    private static Optional<Open> sewnTo(Open one, List<Open> left, List<Seam> seams) {
        return seams.stream()
                .flatMap(seam -> seam.one().equals(one.side())
                        ? Stream.of(seam.other())
                        : seam.other().equals(one.side()) ? Stream.of(seam.one()) : Stream.of())
                .flatMap(other -> left.stream().filter(edge -> edge.side().equals(other)))
                .findFirst();
    }

    private static double tightestMm(Open edge) {
        return Curvature.tightestMm(edge.piece().run(edge.edge()));
    }

    private static String where(Open edge) {
        var name = edge.piece().edges().get(edge.edge()).name();
        return "%s, %s".formatted(edge.piece().name(), name.isEmpty() ? "edge " + (edge.edge() + 1) : name);
    }

    private static List<Open> edges(List<Piece> pieces, EdgeFinish finish) {
        var edges = new ArrayList<Open>();
        for (var piece : pieces)
            for (var edge = 0; edge < piece.edges().size(); edge++)
                if (piece.edges().get(edge).finish() == finish)
                    for (var copy = 0; copy < piece.pairing().count(); copy++) edges.add(new Open(piece, edge, copy));
        return edges;
    }
}
