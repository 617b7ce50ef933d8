package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import welumen.shape.Planar;

/** Circles inscribed in a polygon, none over another: each the largest that still has room, on a grid and then climbing. */
final class Poles {
    private static final int ACROSS = 36;
    private static final double ENOUGH = 0.92;
    private static final double SMALLEST = 0.06;

    private Poles() {}

    /** Centre and radius of each; at least one. */
    static List<double[]> of(Polygon polygon, int most) {
        var facets = new IndexedFacetDistance(polygon);
        var within = new IndexedPointInAreaLocator(polygon);
        var box = polygon.getEnvelopeInternal();
        var step = Math.max(box.getWidth(), box.getHeight()) / ACROSS;
        var grid = new ArrayList<double[]>();
        for (var x = box.getMinX() + step / 2; x < box.getMaxX(); x += step)
            for (var y = box.getMinY() + step / 2; y < box.getMaxY(); y += step) {
                var room = room(facets, within, x, y);
                if (room > 0) grid.add(new double[] {x, y, room});
            }
        if (grid.isEmpty()) {
            var inside = polygon.getInteriorPoint();
            grid.add(new double[] {inside.getX(), inside.getY(), room(facets, within, inside.getX(), inside.getY())});
        }
        var poles = new ArrayList<double[]>();
        var covered = 0.0;
        while (poles.size() < most && covered < ENOUGH * polygon.getArea()) {
            double[] best = null;
            for (var point : grid) if (best == null || point[2] > best[2]) best = point;
            if (best == null || best[2] <= 0) break;
            var pole = climbed(facets, within, best.clone(), step, poles);
            if (!poles.isEmpty() && pole[2] < SMALLEST * poles.getFirst()[2]) break;
            poles.add(pole);
            covered += Math.PI * pole[2] * pole[2];
            for (var point : grid)
                point[2] = Math.min(point[2], Math.hypot(point[0] - pole[0], point[1] - pole[1]) - pole[2]);
        }
        return poles;
    }

    private static double[] climbed(
            IndexedFacetDistance facets,
            IndexedPointInAreaLocator within,
            double[] at,
            double first,
            List<double[]> others) {
        for (var step = first / 2; step > first / 40; step /= 2)
            for (var moved = true; moved; ) {
                moved = false;
                for (var way = 0; way < 4; way++) {
                    var x = at[0] + (way == 0 ? step : way == 1 ? -step : 0);
                    var y = at[1] + (way == 2 ? step : way == 3 ? -step : 0);
                    var room = room(facets, within, x, y);
                    for (var other : others) room = Math.min(room, Math.hypot(x - other[0], y - other[1]) - other[2]);
                    if (room > at[2] + 1e-9) {
                        at = new double[] {x, y, room};
                        moved = true;
                    }
                }
            }
        return at;
    }

    private static double room(IndexedFacetDistance facets, IndexedPointInAreaLocator within, double x, double y) {
        var at = new Coordinate(x, y);
        if (within.locate(at) != Location.INTERIOR) return 0;
        return facets.distance(Planar.FACTORY.createPoint(at));
    }
}
