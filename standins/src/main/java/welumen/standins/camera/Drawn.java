package welumen.standins.camera;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Outline;
import welumen.shape.Point;

/** Draws an outline by going along it: straight on, round an arc, each arc as chords that leave it by under 0.005 mm. */
public final class Drawn {
    private static final double SAG = 0.005;

    private final List<Point> points = new ArrayList<>();

    private Drawn() {}

    public static Drawn from(double x, double y) {
        var drawn = new Drawn();
        drawn.points.add(new Point(x, y));
        return drawn;
    }

    public static Outline circle(double x, double y, double radius) {
        var drawn = from(x + radius, y);
        drawn.round(x, y, 2 * Math.PI);
        drawn.points.removeLast();
        return drawn.close();
    }

    public Drawn to(double x, double y) {
        points.add(new Point(x, y));
        return this;
    }

    /** About a centre by an angle, counter-clockwise above nought. */
    public Drawn round(double x, double y, double angle) {
        var start = points.getLast();
        var radius = start.to(new Point(x, y));
        var from = Math.atan2(start.y() - y, start.x() - x);
        var steps = (int) Math.ceil(Math.abs(angle) / (2 * Math.acos(1 - Math.min(1, SAG / radius))));
        for (var i = 1; i <= steps; i++) {
            var at = from + angle * i / steps;
            points.add(new Point(x + radius * Math.cos(at), y + radius * Math.sin(at)));
        }
        return this;
    }

    public Outline close() {
        var ring = new ArrayList<Point>();
        for (var point : points) if (ring.isEmpty() || ring.getLast().to(point) > 1e-6) ring.add(point);
        if (ring.getFirst().to(ring.getLast()) < 1e-6) ring.removeLast();
        return Outline.ofRing(ring).orThrow();
    }
}
