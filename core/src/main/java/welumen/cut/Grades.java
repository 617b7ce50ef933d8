package welumen.cut;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.shape.Planar;

/** Where a stock is of what grade: a place has that of the last zone over it, else the stock's own. */
public final class Grades {
    /** In mm²; what is smaller comes of rounding. */
    private static final double SLIVER = 1e-3;

    private Grades() {}

    /** Everything on the stock that is worse than a grade, as polygons; empty where the whole of it is good enough. */
    public static List<Polygon> worseThan(int grade, Stock stock) {
        Geometry whole = Planar.polygon(stock.shape().outline());
        var bad = new ArrayList<Geometry>();
        var left = whole;
        for (var zone : stock.zones().reversed()) {
            var outline = Planar.polygon(zone.outline());
            if (zone.grade() > grade) bad.add(OverlayNGRobust.overlay(left, outline, OverlayNG.INTERSECTION));
            left = OverlayNGRobust.overlay(left, outline, OverlayNG.DIFFERENCE);
        }
        if (stock.grade() > grade) bad.add(left);
        if (bad.isEmpty()) return List.of();
        return Planar.polygons(OverlayNGRobust.union(bad)).stream()
                .filter(polygon -> polygon.getArea() > SLIVER)
                .toList();
    }
}
