package welumen.shape;

import java.util.ArrayList;
import java.util.List;

/** An open line of points, measured along itself; at least two points. */
public record Run(List<Point> points) {
    public Run {
        points = List.copyOf(points);
        if (points.size() < 2) throw new IllegalArgumentException("A line has two points at the least.");
    }

    /** In mm. */
    public double lengthMm() {
        var length = 0.0;
        for (var i = 1; i < points.size(); i++) length += points.get(i - 1).to(points.get(i));
        return length;
    }

    /** From its first point to its last, in mm. */
    public double chordMm() {
        return points.getFirst().to(points.getLast());
    }

    /** The place so far along it; its ends beyond them. */
    public Point at(double mm) {
        var left = mm;
        for (var i = 1; i < points.size(); i++) {
            var step = points.get(i - 1).to(points.get(i));
            if (left <= step && step > 0) {
                var a = points.get(i - 1);
                return a.plus(points.get(i).minus(a).times(Math.max(0, left) / step));
            }
            left -= step;
        }
        return points.getLast();
    }

    /** How far along it the place lies that is nearest to a point, in mm. */
    public double nearest(Point to) {
        var best = Double.MAX_VALUE;
        var at = 0.0;
        var gone = 0.0;
        for (var i = 1; i < points.size(); i++) {
            var a = points.get(i - 1);
            var step = points.get(i).minus(a);
            var length = Math.hypot(step.x(), step.y());
            if (length == 0) continue;
            var from = to.minus(a);
            var along = Math.clamp((from.x() * step.x() + from.y() * step.y()) / length, 0, length);
            var off = a.plus(step.times(along / length)).to(to);
            if (off < best) {
                best = off;
                at = gone + along;
            }
            gone += length;
        }
        return at;
    }

    /** How far a point lies off it, in mm. */
    public double off(Point point) {
        return at(nearest(point)).to(point);
    }

    /** The same way from its end. */
    public Run reversed() {
        return new Run(points.reversed());
    }

    /** Points at so many places, evenly along it, its ends among them. */
    public List<Point> evenly(int count) {
        var length = lengthMm();
        var places = new ArrayList<Point>();
        for (var i = 0; i < count; i++) places.add(at(length * i / (count - 1)));
        return places;
    }
}
