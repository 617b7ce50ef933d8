package welumen.treatment.fit;

import java.util.List;
import welumen.shape.Point;

/** How far a point lies within a ring, in mm; below nought outside it. */
final class SignedDistance {
    private SignedDistance() {}

    static double inside(List<Point> ring, Point point) {
        var nearest = Double.MAX_VALUE;
        var inside = false;
        for (int i = 0, before = ring.size() - 1; i < ring.size(); before = i++) {
            var a = ring.get(before);
            var b = ring.get(i);
            nearest = Math.min(nearest, toSegment(point, a, b));
            if (a.y() > point.y() != b.y() > point.y()
                    && point.x() < (b.x() - a.x()) * (point.y() - a.y()) / (b.y() - a.y()) + a.x()) inside = !inside;
        }
        return inside ? nearest : -nearest;
    }

    /** From a point to a segment, in mm. */
    static double toSegment(Point point, Point a, Point b) {
        var along = b.minus(a);
        var arm = point.minus(a);
        var length = along.x() * along.x() + along.y() * along.y();
        var share = length == 0 ? 0 : Math.clamp((arm.x() * along.x() + arm.y() * along.y()) / length, 0.0, 1.0);
        return point.to(a.plus(along.times(share)));
    }
}
