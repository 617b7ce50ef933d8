package welumen.cut.hide;

import java.util.Comparator;
import java.util.stream.DoubleStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

/**
 * A hide as it was found, turned so that its backbone stands upright in x = 0, its butt below. The backbone is the line about
 * which the hide is most nearly its own mirror image; the neck is the narrower end.
 *
 * <p>All turns are tried, to 6° and then to 0.5°, each by one overlay: the backbone stands within half a degree.
 *
 * @param asymmetry what of it has no counterpart on the other side, as a share of its area
 */
public record Upright(Shape shape, double asymmetry) {
    private static final double COARSE = 6;
    private static final double FINE = 0.5;
    private static final double ROUGH_MM = 8;
    /** Share of the length from an end at which the ends are compared. */
    private static final double END = 0.12;

    public static Upright of(Shape found) {
        var rough = DouglasPeuckerSimplifier.simplify(Planar.polygon(found.outline()), ROUGH_MM);
        var outline = Planar.largest(rough).map(Planar::outline).orElse(found.outline());
        var coarse = best(outline, DoubleStream.iterate(0, turn -> turn < 180, turn -> turn + COARSE));
        var from = coarse - COARSE;
        var turn = best(outline, DoubleStream.iterate(from, at -> at <= from + 2 * COARSE, at -> at + FINE));
        var standing = placed(found, turn);
        var upright = isNeckBelow(standing.outline()) ? placed(found, turn + 180) : standing;
        return new Upright(upright, asymmetry(outline, turn));
    }

    /** A hide as a photo or a drawing has it, standing upright, its grades as they usually are. */
    public static Stock.Hide found(Stock.Hide hide, Shape found) {
        var standing = of(found).shape();
        return hide.shaped(standing, GradeZones.proposed(standing.outline()));
    }

    private static double best(Outline outline, DoubleStream turns) {
        return turns.boxed()
                .min(Comparator.comparingDouble(turn -> asymmetry(outline, turn)))
                .orElseThrow();
    }

    private static Shape placed(Shape shape, double turn) {
        var turned = new Pose(0, 0, turn, false).apply(shape);
        var middle = Planar.centroid(turned.outline());
        var low = turned.outline().box().minY();
        return new Pose(-middle.x(), -low, 0, false).apply(turned);
    }

    /** How much of it, turned so, has no mirror image about the upright through its centroid. */
    private static double asymmetry(Outline outline, double turn) {
        var turned = new Pose(0, 0, turn, false).apply(outline);
        var x = Planar.centroid(turned).x();
        var mirrored = new Outline(turned.corners().reversed().stream()
                .map(corner -> new Point(2 * x - corner.x(), corner.y()))
                .toList());
        var apart = OverlayNGRobust.overlay(Planar.polygon(turned), Planar.polygon(mirrored), OverlayNG.SYMDIFFERENCE);
        return apart.getArea() / (2 * turned.area());
    }

    private static boolean isNeckBelow(Outline outline) {
        var box = outline.box();
        return width(outline, box.minY() + END * box.height()) < width(outline, box.maxY() - END * box.height());
    }

    private static double width(Outline outline, double y) {
        var box = outline.box();
        var line = Planar.FACTORY.createLineString(
                new Coordinate[] {new Coordinate(box.minX() - 1, y), new Coordinate(box.maxX() + 1, y)});
        return Planar.polygon(outline).intersection(line).getLength();
    }
}
