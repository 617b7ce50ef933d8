package welumen.cut.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.cloth.StretchCourse;
import welumen.cut.judge.Lies;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Planar;
import welumen.shape.Shape;

/**
 * What is worth keeping of a hide once its pieces are cut out: what is left, without slivers, from which a useful rectangle
 * can be cut. It keeps the hide's material, lot, grades and stretch.
 */
public final class Offcuts {
    /** Length in mm below which what is left inside goes to the bin. */
    public static final double LONG_MM = 300;

    public static final double WIDE_MM = 200;

    /** Width in mm below which a rest is no offcut but a sliver. */
    private static final double SLIVER_MM = 60;

    private static final double SMOOTH_MM = 1;

    private Offcuts() {}

    /** One, and what can be cut from it. */
    public record Offcut(Stock.Hide stock, LargestRectangle rectangle) {}

    /** Of a hide as it is laid out. */
    public static List<Offcut> of(Laid laid, Stock.Hide hide) {
        return of(
                hide,
                laid.plan().on(hide.id()).stream()
                        .map(placement -> Lies.of(laid.problem(), placement).shape())
                        .toList(),
                laid.problem().gap());
    }

    /**
     * The largest first.
     *
     * @param pieces as they lie on it
     * @param gapMm kept about each of them
     */
    public static List<Offcut> of(Stock.Hide hide, List<Shape> pieces, double gapMm) {
        Geometry left = Planar.polygon(hide.shape().outline());
        // flaws may reach over the rim or over each other, so that they are no holes of it yet
        var gone = new ArrayList<Geometry>();
        for (var flaw : hide.shape().holes()) gone.add(Planar.polygon(flaw));
        for (var piece : pieces) gone.add(Planar.polygon(piece.outline()).buffer(gapMm + SMOOTH_MM));
        if (!gone.isEmpty()) left = OverlayNGRobust.overlay(left, OverlayNGRobust.union(gone), OverlayNG.DIFFERENCE);
        var broad = left.buffer(-SLIVER_MM / 2).buffer(SLIVER_MM / 2 - SMOOTH_MM);
        var smooth = TopologyPreservingSimplifier.simplify(broad, SMOOTH_MM / 2);
        var useful = new ArrayList<Useful>();
        for (var polygon : Planar.polygons(smooth))
            LargestRectangle.in(polygon, LONG_MM, WIDE_MM)
                    .ifPresent(rectangle -> useful.add(new Useful(Planar.shape(polygon), rectangle)));
        useful.sort(Comparator.comparingDouble((Useful one) -> one.rectangle().area())
                .reversed());
        return IntStream.range(0, useful.size())
                .mapToObj(i -> new Offcut(
                        offcut(hide, useful.get(i).shape(), "%s, offcut %d".formatted(hide.id(), i + 1)),
                        useful.get(i).rectangle()))
                .toList();
    }

    private record Useful(Shape shape, LargestRectangle rectangle) {}

    /** Paid for with the hide. */
    private static Stock.Hide offcut(Stock.Hide hide, Shape shape, String id) {
        return new Stock.Hide(
                id,
                hide.material(),
                Stock.Kind.OFFCUT,
                hide.lot(),
                shape,
                hide.grade(),
                hide.zones(),
                stretch(hide, shape),
                0);
    }

    /** What is cut off has no backbone any more to go by: as it stretches in its middle. */
    private static Stretch stretch(Stock.Hide hide, Shape shape) {
        if (!(hide.stretch() instanceof Stretch.AsGrown)) return hide.stretch();
        var middle = Planar.centroid(shape);
        return new Stretch.Along(
                Math.rint(Math.toDegrees(StretchCourse.of(hide).radiansAt(middle.x(), middle.y()))), 0);
    }
}
