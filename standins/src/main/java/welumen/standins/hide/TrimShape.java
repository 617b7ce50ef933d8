package welumen.standins.hide;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/** Shapes of the kinds that an interior has: tapered panels, bowed bolsters, facings, bands, cards with an opening. */
public final class TrimShape {
    private static final int CURVE = 10;

    private TrimShape() {}

    public static Shape any(RandomGenerator random) {
        return switch (random.nextInt(6)) {
            case 0 -> new Shape(panel(between(random, 300, 560), between(random, 300, 600), random));
            case 1 -> new Shape(bowed(between(random, 380, 640), between(random, 90, 190), between(random, 15, 60)));
            case 2 -> new Shape(bowed(between(random, 420, 760), between(random, 120, 220), -between(random, 5, 30)));
            case 3 -> new Shape(panel(between(random, 300, 900), between(random, 50, 110), random));
            case 4 -> card(between(random, 500, 820), between(random, 320, 540), random);
            default -> new Shape(cheek(between(random, 220, 420), between(random, 160, 320)));
        };
    }

    private static double between(RandomGenerator random, double low, double high) {
        return Math.rint(low + random.nextDouble() * (high - low));
    }

    /** Narrower above, its upper edge an arch. */
    private static Outline panel(double wide, double high, RandomGenerator random) {
        var inset = wide * 0.09 * random.nextDouble();
        var rise = high * 0.08 * random.nextDouble();
        var ring = new ArrayList<Point>(List.of(new Point(0, 0), new Point(wide, 0)));
        arch(ring, new Point(wide - inset, high), new Point(inset, high), rise);
        return new Outline(ring);
    }

    /** Both long edges bow the same way. */
    private static Outline bowed(double length, double wide, double bow) {
        var ring = new ArrayList<Point>();
        arch(ring, new Point(0, 0), new Point(length, 0), -bow);
        arch(ring, new Point(length, wide), new Point(0, wide * 0.8), bow);
        return new Outline(ring);
    }

    private static Outline cheek(double wide, double high) {
        var ring = new ArrayList<Point>(List.of(new Point(0, 0)));
        arch(ring, new Point(wide, 0), new Point(wide * 0.2, high), wide * 0.12);
        ring.add(new Point(0, high * 0.8));
        return new Outline(ring);
    }

    private static Shape card(double wide, double high, RandomGenerator random) {
        var ring =
                new ArrayList<Point>(List.of(new Point(0, 0), new Point(wide * 0.86, 0), new Point(wide, high * 0.2)));
        arch(ring, new Point(wide, high), new Point(0, high * 0.92), high * 0.03);
        var opening = new ArrayList<Point>();
        var middle = new Point(wide * (0.3 + 0.3 * random.nextDouble()), high * 0.5);
        var radius = high * (0.1 + 0.12 * random.nextDouble());
        for (var i = 0; i < 16; i++)
            opening.add(middle.plus(new Point(Math.cos(i * Math.PI / 8) * radius, Math.sin(i * Math.PI / 8) * radius)));
        return new Shape(new Outline(ring), random.nextBoolean() ? List.of(new Outline(opening)) : List.of());
    }

    /** From a to b, bowing to the right of the way. */
    private static void arch(List<Point> ring, Point a, Point b, double bow) {
        var along = b.minus(a);
        var out = new Point(along.y(), -along.x()).times(1 / a.to(b));
        for (var i = 0; i <= CURVE; i++) {
            var t = (double) i / CURVE;
            ring.add(a.plus(along.times(t)).plus(out.times(4 * bow * t * (1 - t))));
        }
    }
}
