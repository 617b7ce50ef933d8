package welumen.cut.pieces;

import java.util.ArrayDeque;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cut.cloth.Repeat;
import welumen.cut.stock.Stock;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.piece.Against;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Blank;
import welumen.shape.Point;

/**
 * Stripes and checks that go on over a seam. The largest of the pieces that are sewn together has its middle on a line of the
 * pattern; on each neighbour it is the place that lies, once they are sewn, whole repeats from there. A neighbour that is sewn
 * on at an angle, lies otherwise on its roll, or is stretched in being sewn cannot go on with the pattern, and begins anew.
 * Edges meet by their middles, or as the places of the seam say that are brought together, on the mean.
 */
public final class AcrossSeams {
    private static final double PARALLEL = 0.5;

    private final List<Piece> pieces;
    private final List<Seam> seams;
    private final Map<String, OnLine> found = new HashMap<>();

    private AcrossSeams(List<Piece> pieces, List<Seam> seams) {
        this.pieces = pieces;
        this.seams = seams;
    }

    /**
     * @param place in the piece's own mm
     * @param after the piece whose pattern it goes on with; empty where it begins with its own middle
     */
    public record OnLine(Point place, String after) {}

    /** By piece, as it is drawn. */
    public static Map<String, OnLine> of(List<Piece> pieces, List<Seam> seams) {
        return new AcrossSeams(pieces, seams).all();
    }

    /** One sentence for each seam over which the pattern of one of these stocks goes on. */
    public static List<String> words(Patterns patterns, List<Stock> stock) {
        var onLines = of(patterns.pieces(), patterns.seams());
        return patterns.pieces().stream()
                .filter(piece ->
                        !Objects.requireNonNull(onLines.get(piece.id())).after().isEmpty())
                .filter(piece -> stock.stream()
                        .anyMatch(one -> Repeat.isIn(one) && one.material().equals(piece.material())))
                .map(piece -> "The pattern goes on over the seam from the %s to the %s."
                        .formatted(
                                patterns.findOne(Objects.requireNonNull(onLines.get(piece.id()))
                                                .after())
                                        .orElseThrow()
                                        .name(),
                                piece.name()))
                .toList();
    }

    private Map<String, OnLine> all() {
        pieces.stream()
                .sorted(Comparator.comparingDouble((Piece piece) -> piece.net().area())
                        .reversed())
                .forEach(this::from);
        return Map.copyOf(found);
    }

    /** From one that nothing was found for yet over all seams that go on from it. */
    private void from(Piece first) {
        if (found.containsKey(first.id())) return;
        found.put(first.id(), new OnLine(Blank.of(first).box().middle(), ""));
        var open = new ArrayDeque<>(List.of(first));
        while (!open.isEmpty()) {
            var piece = open.poll();
            for (var seam : seams)
                Stream.of(over(seam, seam.one(), seam.other(), piece), over(seam, seam.other(), seam.one(), piece))
                        .flatMap(Optional::stream)
                        .forEach(open::add);
        }
    }

    /** The neighbour that a seam goes on to from a piece on one of its sides. */
    private Optional<Piece> over(Seam seam, Seam.Side here, Seam.Side there, Piece piece) {
        if (!here.piece().equals(piece.id()) || here.copy() != there.copy()) return Optional.empty();
        var next = pieces.stream()
                .filter(one -> one.id().equals(there.piece()))
                .filter(one -> goesOn(piece, one))
                .findFirst();
        if (next.isEmpty() || found.containsKey(next.get().id())) return Optional.empty();
        var sewn = Against.pose(piece, here.edge(), next.get(), there.edge(), beyondMm(seam));
        if (Math.abs(Math.IEEEremainder(sewn.turnDegrees(), 360)) > PARALLEL) return Optional.empty();
        var place = Objects.requireNonNull(found.get(piece.id())).place();
        found.put(next.get().id(), new OnLine(place.minus(new Point(sewn.x(), sewn.y())), piece.id()));
        return next;
    }

    /** How far the one edge's middle lies beyond the other's, along either; the same seen from both sides. */
    private double beyondMm(Seam seam) {
        var one = lengthMm(seam.one());
        var other = lengthMm(seam.other());
        return seam.matches().stream()
                .mapToDouble(match -> (match.oneMm() - one / 2) - (match.otherMm() - other / 2))
                .average()
                .orElse(0);
    }

    private double lengthMm(Seam.Side side) {
        return pieces.stream()
                .filter(piece -> piece.id().equals(side.piece()))
                .mapToDouble(piece -> piece.lengthMm(side.edge()))
                .findFirst()
                .orElse(0);
    }

    private static boolean goesOn(Piece piece, Piece next) {
        return piece.material().equals(next.material())
                && piece.grain().equals(next.grain())
                && Stream.of(piece, next).allMatch(one -> one.inside().surface() instanceof Surface.Plain);
    }
}
