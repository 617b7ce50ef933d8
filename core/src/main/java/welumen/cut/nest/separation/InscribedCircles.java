package welumen.cut.nest.separation;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/** Circles inscribed in a polygon, none over another: each the largest that still has room, on a grid and then climbing. */
final class InscribedCircles {
    private static final double ENOUGH = 0.92;
    private static final double SMALLEST = 0.06;

    private final List<double[]> sides = new ArrayList<>();
    private final List<double[]> poles = new ArrayList<>();

    private InscribedCircles(Polygon polygon) {
        add(polygon.getExteriorRing().getCoordinates());
        for (var i = 0; i < polygon.getNumInteriorRing(); i++)
            add(polygon.getInteriorRingN(i).getCoordinates());
    }

    private void add(Coordinate[] ring) {
        for (var i = 1; i < ring.length; i++)
            sides.add(new double[] {ring[i - 1].x, ring[i - 1].y, ring[i].x, ring[i].y});
    }

    /**
     * Centre and radius of each; at least one.
     *
     * @param across how many places are tried along the longer side of its box
     */
    static List<double[]> of(Polygon polygon, int most, int across) {
        return new InscribedCircles(polygon).found(polygon, most, across);
    }

    private List<double[]> found(Polygon polygon, int most, int across) {
        var box = polygon.getEnvelopeInternal();
        var step = Math.max(box.getWidth(), box.getHeight()) / across;
        var grid = new ArrayList<double[]>();
        for (var x = box.getMinX() + step / 2; x < box.getMaxX(); x += step)
            for (var y = box.getMinY() + step / 2; y < box.getMaxY(); y += step) {
                var room = room(x, y);
                if (room > 0) grid.add(new double[] {x, y, room});
            }
        if (grid.isEmpty()) {
            var inside = polygon.getInteriorPoint();
            grid.add(new double[] {inside.getX(), inside.getY(), Math.max(1e-3, room(inside.getX(), inside.getY()))});
        }
        var covered = 0.0;
        while (poles.size() < most && covered < ENOUGH * polygon.getArea()) {
            var best = grid.getFirst();
            for (var point : grid) if (point[2] > best[2]) best = point;
            if (best[2] <= 0) break;
            var pole = climbed(best.clone(), step);
            if (!poles.isEmpty() && pole[2] < SMALLEST * poles.getFirst()[2]) break;
            poles.add(pole);
            covered += Math.PI * pole[2] * pole[2];
            for (var point : grid)
                point[2] = Math.min(point[2], Math.hypot(point[0] - pole[0], point[1] - pole[1]) - pole[2]);
        }
        return poles;
    }

    private double[] climbed(double[] from, double first) {
        var at = from;
        for (var step = first / 2; step > first / 40; step /= 2)
            for (var moved = true; moved; ) {
                moved = false;
                for (var way = 0; way < 4; way++) {
                    var x = at[0] + (way == 0 ? step : way == 1 ? -step : 0);
                    var y = at[1] + (way == 2 ? step : way == 3 ? -step : 0);
                    var room = room(x, y);
                    for (var other : poles) room = Math.min(room, Math.hypot(x - other[0], y - other[1]) - other[2]);
                    if (room > at[2] + 1e-9) {
                        at = new double[] {x, y, room};
                        moved = true;
                    }
                }
            }
        return at;
    }

    /** How far a place lies from the nearest side; nought outside. */
    private double room(double x, double y) {
        var nearest = Double.MAX_VALUE;
        var inside = false;
        for (var side : sides) {
            if (side[1] > y != side[3] > y && x < side[0] + (y - side[1]) / (side[3] - side[1]) * (side[2] - side[0]))
                inside = !inside;
            var ux = side[2] - side[0];
            var uy = side[3] - side[1];
            var length = ux * ux + uy * uy;
            var t = length == 0 ? 0 : Math.clamp(((x - side[0]) * ux + (y - side[1]) * uy) / length, 0, 1);
            var dx = side[0] + t * ux - x;
            var dy = side[1] + t * uy - y;
            nearest = Math.min(nearest, dx * dx + dy * dy);
        }
        return inside ? Math.sqrt(nearest) : 0;
    }
}
