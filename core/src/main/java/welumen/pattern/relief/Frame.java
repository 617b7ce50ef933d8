package welumen.pattern.relief;

import java.util.List;
import welumen.shape.Box;
import welumen.shape.Point;

/** Axes of their own on a piece, turned counter-clockwise about an origin. */
record Frame(Point origin, double degrees) {
    /** From the piece's axes into these. */
    Point in(Point point) {
        var cos = Math.cos(Math.toRadians(degrees));
        var sin = Math.sin(Math.toRadians(degrees));
        var from = point.minus(origin);
        return new Point(from.x() * cos + from.y() * sin, from.y() * cos - from.x() * sin);
    }

    /** From these axes into the piece's. */
    Point out(Point point) {
        var cos = Math.cos(Math.toRadians(degrees));
        var sin = Math.sin(Math.toRadians(degrees));
        return origin.plus(new Point(point.x() * cos - point.y() * sin, point.x() * sin + point.y() * cos));
    }

    Box box(List<Point> points) {
        return Box.of(points.stream().map(this::in).toList());
    }
}
