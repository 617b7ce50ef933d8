package welumen.trace;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/** A clean stretch of an outline. */
public sealed interface Segment {
    Point start();

    Point end();

    /** Points along it, without its end, that leave it by no more than {@code sag} mm between them. */
    List<Point> points(double sag);

    record Line(Point start, Point end) implements Segment {
        @Override
        public List<Point> points(double sag) {
            return List.of(start);
        }
    }

    /**
     * Part of a circle.
     *
     * @param from where it begins, in radians from the centre, counter-clockwise from x
     * @param turn how far it goes round, below nought for clockwise
     */
    record Arc(Point centre, double radius, double from, double turn) implements Segment {
        @Override
        public Point start() {
            return at(from);
        }

        @Override
        public Point end() {
            return at(from + turn);
        }

        double lengthMm() {
            return radius * Math.abs(turn);
        }

        private Point at(double angle) {
            return new Point(centre.x() + radius * Math.cos(angle), centre.y() + radius * Math.sin(angle));
        }

        @Override
        public List<Point> points(double sag) {
            var chord = 2 * Math.acos(Math.max(0, 1 - sag / radius));
            var count = Math.max(1, (int) Math.ceil(Math.abs(turn) / Math.max(1e-3, chord)));
            var points = new ArrayList<Point>(count);
            for (var i = 0; i < count; i++) points.add(at(from + turn * i / count));
            return points;
        }
    }
}
