package welumen.pattern.cutting;

import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import welumen.pattern.piece.Piece;
import welumen.shape.Kept;
import welumen.shape.Outline;
import welumen.shape.Planar;

/**
 * The line on which a piece is cut: every edge moved out by its own allowance. At an inside corner the strips end where
 * they meet, and no allowance ever crosses another. A mitre longer than {@link #MITRE_LIMIT} times the allowance is
 * clipped square.
 *
 * <p>Every result is checked: it covers the piece, it reaches out as far as each allowance says, and nowhere further
 * than the longest mitre. Exact but for rounding, below 1e-6 mm on pieces up to 10 m; O(n log n) in the points.
 */
public final class CuttingLine {
    /** Length of a mitre, in allowances, at the most. */
    public static final double MITRE_LIMIT = 3;

    private static final int KEPT = 200;
    private static final double ROUNDING = 1e-6;

    private CuttingLine() {}

    /** Lines of the pieces that were asked for last: one redraw asks for each several times. */
    private static final Kept<Piece, Outline> LAST = new Kept<>(KEPT);

    /** @throws IllegalStateException if the check finds the line wrong, which is a fault of the program */
    public static Outline of(Piece piece) {
        return LAST.of(piece, CuttingLine::drawn);
    }

    private static Outline drawn(Piece piece) {
        var stretches = OffsetSegment.of(piece);
        var moved = MovedRing.of(stretches)
                .filter(line -> fault(piece, stretches, line).isEmpty());
        if (moved.isPresent()) return moved.get();
        var united = UnitedStrips.of(piece, stretches);
        fault(piece, stretches, united).ifPresent(fault -> {
            throw new IllegalStateException(fault);
        });
        return united;
    }

    /** The area that these pieces take with their allowances, each as often as it is cut, in mm². */
    public static double area(List<Piece> pieces) {
        return pieces.stream()
                .mapToDouble(piece -> of(piece).area() * piece.pairing().count())
                .sum();
    }

    /** Measures the line again by distances alone, without the construction above. */
    private static Optional<String> fault(Piece piece, List<OffsetSegment> stretches, Outline line) {
        var cut = Planar.polygon(line);
        var net = Planar.polygon(piece.net());
        var widest =
                stretches.stream().mapToDouble(OffsetSegment::allowance).max().orElse(0);
        var isWithin = PreparedGeometryFactory.prepare(cut)
                .containsProperly(net); // far faster, where no edge is cut on its own line
        if (!isWithin && net.difference(cut).getArea() > ROUNDING * net.getLength())
            return Optional.of("The cutting line of [%s] cuts into the piece.".formatted(piece.name()));
        var toNet = new IndexedFacetDistance(net);
        var toCut = new IndexedFacetDistance(cut);
        for (var corner : cut.getExteriorRing().getCoordinates())
            if (toNet.distance(Planar.FACTORY.createPoint(corner)) > widest * MITRE_LIMIT + ROUNDING)
                return Optional.of(
                        "The cutting line of [%s] strays at (%s, %s).".formatted(piece.name(), corner.x, corner.y));
        for (var stretch : stretches) {
            var middle = OffsetSegment.between(stretch.a(), stretch.b(), 0.5)
                    .plus(stretch.out().times(stretch.allowance()));
            var at = Planar.FACTORY.createPoint(new Coordinate(middle.x(), middle.y()));
            if (toCut.distance(at) > 10 * ROUNDING && !cut.contains(at))
                return Optional.of("The cutting line of [%s] falls short of the allowance at (%s, %s)."
                        .formatted(piece.name(), middle.x(), middle.y()));
        }
        return Optional.empty();
    }
}
