package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/** The arc between two points of a polyline: its bulge is the tangent of a quarter of the angle that it turns through. */
final class DxfBulge {
    private static final double STRAIGHT = 1e-9;

    private DxfBulge() {}

    /** The points between two ends, without either. */
    static List<Point> between(Point from, Point to, double bulge, double sag) {
        var chord = from.to(to);
        if (Math.abs(bulge) < STRAIGHT || chord < STRAIGHT) return List.of();
        var angle = 4 * Math.atan(bulge);
        var radius = chord / (2 * Math.abs(Math.sin(angle / 2)));
        var middle = from.plus(to).times(0.5);
        var along = to.minus(from).times(1 / chord);
        // left of the chord where the arc turns left by less than half round
        var rise = chord / 2 / Math.tan(angle / 2);
        var centre = middle.plus(new Point(-along.y(), along.x()).times(rise));
        var start = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        var step = 2 * Math.acos(Math.max(0, 1 - sag / Math.max(sag, radius)));
        var count = Math.clamp((long) Math.ceil(Math.abs(angle) / Math.max(1e-3, step)), 2, 10_000);
        var points = new ArrayList<Point>();
        for (var i = 1; i < count; i++) {
            var at = start + angle * i / count;
            points.add(centre.plus(new Point(radius * Math.cos(at), radius * Math.sin(at))));
        }
        return points;
    }
}
