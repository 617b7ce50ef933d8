package welumen.cut.hide;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * A hide drawn as hides are: backbone upright in x = 0, butt below, neck above, shanks at the four corners, no two sides
 * alike; firm in the middle of the back, looser toward belly and shanks, with flaws. Everything from a seed.
 */
public final class DrawnHide {
    /** The right half from butt to neck, in parts of the length along the back. */
    private static final double[][] HALF = {
        {0.03, 0.02}, {0.20, 0.00}, {0.32, -0.03}, {0.41, -0.02}, {0.44, 0.05}, {0.42, 0.13}, {0.39, 0.22},
        {0.39, 0.34}, {0.40, 0.48}, {0.41, 0.60}, {0.42, 0.68}, {0.48, 0.73}, {0.49, 0.79}, {0.43, 0.84},
        {0.31, 0.85}, {0.22, 0.88}, {0.17, 0.94}, {0.13, 0.99}, {0.03, 1.00}
    };

    private static final int BETWEEN = 4;

    private DrawnHide() {}

    /** A hide of so many mm² with its flaws. */
    public static Stock.Hide hide(String id, String material, double area, int flaws, double cost, long seed) {
        var random = new Random(seed);
        var outline = scaled(drawn(random), area);
        while (Outline.ofRing(outline.corners()).understood().isEmpty() || !GradeZones.canBeDrawn(outline))
            outline = scaled(drawn(random), area);
        return new Stock.Hide(
                id,
                material,
                new Shape(outline, flaws(outline, flaws, random)),
                1,
                GradeZones.proposed(outline),
                new Stretch.AsGrown(),
                cost);
    }

    /** The usual outline of so many mm², no side of it different from the other. */
    public static Outline usual(double area) {
        var ring = new ArrayList<Point>();
        for (var point : HALF) ring.add(new Point(1000 * point[0], 1000 * point[1]));
        for (var i = HALF.length - 1; i >= 0; i--) ring.add(new Point(-1000 * HALF[i][0], 1000 * HALF[i][1]));
        return scaled(new Outline(smooth(ring)), area);
    }

    private static Outline drawn(Random random) {
        var ring = new ArrayList<Point>();
        for (var point : HALF) ring.add(wobbled(point[0], point[1], random));
        for (var i = HALF.length - 1; i >= 0; i--) ring.add(wobbled(-HALF[i][0], HALF[i][1], random));
        return new Outline(smooth(ring));
    }

    private static Point wobbled(double x, double y, Random random) {
        return new Point(1000 * x * (1 + 0.06 * random.nextGaussian()), 1000 * (y + 0.008 * random.nextGaussian()));
    }

    /** Through every point (Catmull and Rom, 1974). */
    private static List<Point> smooth(List<Point> ring) {
        var n = ring.size();
        var curve = new ArrayList<Point>();
        for (var i = 0; i < n; i++) {
            Point a = ring.get((i + n - 1) % n);
            Point b = ring.get(i);
            Point c = ring.get((i + 1) % n);
            Point d = ring.get((i + 2) % n);
            for (var j = 0; j < BETWEEN; j++) curve.add(between(a, b, c, d, (double) j / BETWEEN));
        }
        return curve;
    }

    private static Point between(Point a, Point b, Point c, Point d, double t) {
        var square = t * t;
        var cube = square * t;
        return a.times(-0.5 * t + square - 0.5 * cube)
                .plus(b.times(1 - 2.5 * square + 1.5 * cube))
                .plus(c.times(0.5 * t + 2 * square - 1.5 * cube))
                .plus(d.times(-0.5 * square + 0.5 * cube));
    }

    private static Outline scaled(Outline outline, double area) {
        var factor = Math.sqrt(area / outline.area());
        return new Outline(outline.corners().stream()
                .map(corner -> measured(corner.times(factor)))
                .toList());
    }

    /** To a thousandth of a mm: no scanner sees more. */
    static Point measured(Point point) {
        return new Point(Math.rint(point.x() * 1000) / 1000, Math.rint(point.y() * 1000) / 1000);
    }

    private static List<Outline> flaws(Outline outline, int count, Random random) {
        var box = outline.box();
        return Stream.generate(() -> new Point(
                        box.minX() + box.width() * (0.14 + 0.72 * random.nextDouble()),
                        box.minY() + box.height() * (0.08 + 0.82 * random.nextDouble())))
                .filter(at ->
                        Planar.polygon(outline).contains(Planar.FACTORY.createPoint(new Coordinate(at.x(), at.y()))))
                .limit(count)
                .map(at -> flaw(at, random))
                .toList();
    }

    private static Outline flaw(Point at, Random random) {
        var size = 8 + 26 * random.nextDouble() * random.nextDouble();
        var corners = new ArrayList<Point>();
        for (var i = 0; i < 7; i++) {
            var angle = 2 * Math.PI * i / 7;
            var radius = size * (0.6 + 0.8 * random.nextDouble());
            corners.add(measured(at.plus(new Point(radius * Math.cos(angle), radius * Math.sin(angle)))));
        }
        return new Outline(corners);
    }
}
