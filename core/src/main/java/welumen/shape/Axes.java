package welumen.shape;

import java.util.List;

/** Axes of their own, turned counter-clockwise about an origin. */
public record Axes(Point origin, double degrees) {
    /** With x from a line's first point toward its last. */
    public static Axes along(List<Point> line) {
        var way = line.getLast().minus(line.getFirst());
        return new Axes(line.getFirst(), Math.toDegrees(Math.atan2(way.y(), way.x())));
    }

    /** From the outer axes into these. */
    public Point in(Point point) {
        var cos = Math.cos(Math.toRadians(degrees));
        var sin = Math.sin(Math.toRadians(degrees));
        var from = point.minus(origin);
        return new Point(from.x() * cos + from.y() * sin, from.y() * cos - from.x() * sin);
    }

    /** From these axes into the outer ones. */
    public Point out(Point point) {
        var cos = Math.cos(Math.toRadians(degrees));
        var sin = Math.sin(Math.toRadians(degrees));
        return origin.plus(new Point(point.x() * cos - point.y() * sin, point.x() * sin + point.y() * cos));
    }

    public Box box(List<Point> points) {
        return Box.of(points.stream().map(this::in).toList());
    }
}
