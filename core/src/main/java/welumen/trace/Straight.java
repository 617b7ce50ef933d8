package welumen.trace;

import java.util.Comparator;
import java.util.List;
import welumen.shape.Box;
import welumen.shape.Point;

/**
 * Lays a piece straight: its longest line along x with the piece above it, its box in the corner. A photo says nothing about
 * how it lies, and so it is looked at best.
 */
record Straight(double cos, double sin, Point shift) {
    static Straight of(List<Segment> segments, List<Point> ring) {
        var longest = segments.stream()
                .filter(Segment.Line.class::isInstance)
                .max(Comparator.comparingDouble(line -> line.start().to(line.end())));
        var angle = longest.map(line -> line.end().minus(line.start()))
                .map(along -> Math.atan2(along.y(), along.x()))
                .orElse(0.0);
        var turned = new Straight(Math.cos(angle), Math.sin(angle), new Point(0, 0));
        var box = Box.of(turned.laid(ring));
        return new Straight(turned.cos(), turned.sin(), new Point(box.minX(), box.minY()));
    }

    Point laid(Point point) {
        return new Point(point.x() * cos + point.y() * sin, point.y() * cos - point.x() * sin).minus(shift);
    }

    Segment laid(Segment segment) {
        return switch (segment) {
            case Segment.Line(var start, var end) -> new Segment.Line(laid(start), laid(end));
            case Segment.Arc arc ->
                new Segment.Arc(laid(arc.centre()), arc.radius(), arc.from() - Math.atan2(sin, cos), arc.turn());
        };
    }

    List<Point> laid(List<Point> ring) {
        return ring.stream().map(this::laid).toList();
    }
}
