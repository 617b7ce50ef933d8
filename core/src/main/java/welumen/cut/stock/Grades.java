package welumen.cut.stock;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.shape.Planar;

/** Where a stock is of what grade: a place has that of the last zone over it, else the stock's own. */
public final class Grades {
    /** Area in mm² below which a remainder comes of rounding. */
    private static final double SLIVER = 1e-3;

    /** What is seen of the stock and of its zones, none over another. */
    private final List<Part> parts;

    private record Part(int grade, Geometry seen) {}

    private Grades(List<Part> parts) {
        this.parts = parts;
    }

    public static Grades of(Stock stock) {
        var parts = new ArrayList<Part>();
        Geometry left = Planar.polygon(stock.shape().outline());
        for (var zone : stock.zones().reversed()) {
            var outline = Planar.polygon(zone.outline());
            parts.add(new Part(zone.grade(), OverlayNGRobust.overlay(left, outline, OverlayNG.INTERSECTION)));
            left = OverlayNGRobust.overlay(left, outline, OverlayNG.DIFFERENCE);
        }
        parts.add(new Part(stock.grade(), left));
        return new Grades(List.copyOf(parts));
    }

    /** How much of the stock is just of a grade, its flaws with it, in mm². */
    public double areaOf(int grade) {
        return parts.stream()
                .filter(part -> part.grade() == grade)
                .mapToDouble(part -> part.seen().getArea())
                .sum();
    }

    /** Everything on the stock that is worse than a grade, as polygons; empty where the whole of it is good enough. */
    public List<Polygon> worseThan(int grade) {
        var bad = parts.stream()
                .filter(part -> part.grade() > grade)
                .map(Part::seen)
                .toList();
        if (bad.isEmpty()) return List.of();
        return Planar.polygons(OverlayNGRobust.union(bad)).stream()
                .filter(polygon -> polygon.getArea() > SLIVER)
                .toList();
    }
}
