package welumen.cut.hide;

import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.stock.Stock;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/** Places of a stock from which nothing can be cut: a scar of a hide, a stain on a roll, the hole that a spoilt piece left. */
public final class Flaws {
    private static final int CORNERS = 16;
    private static final double SMALLEST_MM = 1;
    private static final double LARGEST_MM = 2000;
    /** Distance in mm inside the rim at which a flaw ends. */
    private static final double RIM_MM = 1;

    private Flaws() {}

    /** With a round one more. */
    public static Parsed<Stock> round(Stock stock, Point at, double sizeMm) {
        var radius = sizeMm / 2;
        var ring = IntStream.range(0, CORNERS)
                .mapToDouble(i -> 2 * Math.PI * i / CORNERS)
                .mapToObj(turn -> at.plus(new Point(radius * Math.cos(turn), radius * Math.sin(turn))))
                .toList();
        return isSize(sizeMm) ? with(stock, new Outline(ring)) : refusedSize();
    }

    /** With a rectangle more about a place, such as a crease across a roll. */
    public static Parsed<Stock> oblong(Stock stock, Point at, double wideMm, double highMm) {
        if (!isSize(wideMm) || !isSize(highMm)) return refusedSize();
        return with(
                stock,
                new Box(at.x() - wideMm / 2, at.y() - highMm / 2, at.x() + wideMm / 2, at.y() + highMm / 2).outline());
    }

    /** All of a stock, and one more: what touches it becomes one with it, and what reaches over the rim is left out. */
    public static List<Outline> and(Stock stock, Outline more) {
        return and(stock, within(stock, more));
    }

    private static List<Outline> and(Stock stock, Geometry more) {
        var all = more;
        for (var known : stock.shape().holes())
            all = OverlayNGRobust.overlay(all, Planar.polygon(known), OverlayNG.UNION);
        return Planar.polygons(all).stream()
                .filter(polygon -> !polygon.isEmpty())
                .map(polygon -> Planar.shape(polygon).outline())
                .toList();
    }

    private static Parsed<Stock> with(Stock stock, Outline flaw) {
        var within = within(stock, flaw);
        return within.isEmpty()
                ? new Refused<>("That place is not on the %s.".formatted(stock.id()))
                : new Understood<>(stock.flawed(and(stock, within)));
    }

    private static Geometry within(Stock stock, Outline flaw) {
        var whole = Planar.polygon(stock.shape().outline()).buffer(-RIM_MM);
        return OverlayNGRobust.overlay(Planar.polygon(flaw), whole, OverlayNG.INTERSECTION);
    }

    private static boolean isSize(double mm) {
        return mm >= SMALLEST_MM && mm <= LARGEST_MM;
    }

    private static Parsed<Stock> refusedSize() {
        return new Refused<>("A flaw is from 1 to 2000 mm large.");
    }
}
