package welumen.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.algorithm.RayCrossingCounter;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.operation.valid.IsSimpleOp;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** The closed edge of a shape: corners in millimetres, counter-clockwise, the last joined to the first. */
public record Outline(List<Point> corners) {

    /** @throws IllegalArgumentException if there are fewer than 3 corners, or they do not run counter-clockwise */
    public Outline {
        corners = List.copyOf(corners);
        if (corners.size() < 3)
            throw new IllegalArgumentException(
                    "The outline has %d corners. Give at least 3.".formatted(corners.size()));
        if (!(signedArea(corners) > 0)) // so put, an overflow to NaN fails too
        throw new IllegalArgumentException(
                    "The outline encloses nothing, or runs the wrong way round: its area is %s mm²."
                            .formatted(signedArea(corners)));
    }

    /**
     * Reads a ring that may run either way, repeat its first point at its end, or repeat points in a row. Refused if
     * fewer than three different corners or no area are left, or if it crosses or touches itself; the place is named.
     */
    public static Parsed<Outline> ofRing(List<Point> ring) {
        var corners = withoutRepeats(ring);
        if (corners.size() < 3)
            return new Refused<>("has %d different corners; at least 3 are needed".formatted(corners.size()));
        var line = Planar.FACTORY.createLinearRing(Planar.closed(corners));
        var simple = new IsSimpleOp(line);
        if (!simple.isSimple())
            return new Refused<>("crosses or touches itself at " + place(simple.getNonSimpleLocation()));
        var area = signedArea(corners);
        if (Math.abs(area) < LEAST_AREA) return new Refused<>("has no area");
        return new Understood<>(new Outline(area > 0 ? corners : corners.reversed()));
    }

    /** A rectangle with its first corner in the origin. */
    public static Outline rectangle(double width, double height) {
        return new Outline(
                List.of(new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height)));
    }

    /**
     * The enclosed area in mm²: the shoelace sum (Meister, 1769) about the first corner, so that a piece far from the
     * origin keeps its digits. Error below n · 2⁻⁵² · p · d for n corners, perimeter p and diameter d, both in mm.
     */
    public double area() {
        return signedArea(corners);
    }

    /** Whether a point lies within or on the outline. */
    public boolean contains(Point point) {
        return RayCrossingCounter.locatePointInRing(new Coordinate(point.x(), point.y()), Planar.closed(corners))
                != Location.EXTERIOR;
    }

    /** The length round the outline in mm. */
    public double perimeter() {
        var sum = 0.0;
        for (var i = 0; i < corners.size(); i++) sum += corners.get(i).to(corners.get((i + 1) % corners.size()));
        return sum;
    }

    /** The smallest upright rectangle round the outline. */
    public Box box() {
        return Box.of(corners);
    }

    private static final double LEAST_AREA = 1e-9;

    private static double signedArea(List<Point> corners) {
        var origin = corners.getFirst();
        var twice = 0.0;
        for (var i = 1; i + 1 < corners.size(); i++) {
            var a = corners.get(i).minus(origin);
            var b = corners.get(i + 1).minus(origin);
            twice += a.x() * b.y() - a.y() * b.x();
        }
        return twice / 2;
    }

    private static List<Point> withoutRepeats(List<Point> ring) {
        var kept = new ArrayList<Point>();
        for (var point : ring) if (kept.isEmpty() || !kept.getLast().equals(point)) kept.add(point);
        while (kept.size() > 1 && kept.getLast().equals(kept.getFirst())) kept.removeLast();
        return Collections.unmodifiableList(kept);
    }

    private static String place(Coordinate at) {
        return "(%s, %s)".formatted(at.x, at.y);
    }
}
