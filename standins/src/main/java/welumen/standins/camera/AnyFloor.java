package welumen.standins.camera;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;
import welumen.standins.camera.FloorScene.Camera;
import welumen.standins.camera.FloorScene.Floor;
import welumen.standins.camera.FloorScene.Light;
import welumen.standins.camera.FloorScene.Sheet;

/**
 * Scenes thrown by chance, as a trimmer may meet them: pieces of 300 to 1,500 mm with corners, curves and holes, pale or
 * dark or coloured, tilted to 35°, through a barrel lens, in uneven light with a soft shadow.
 */
public final class AnyFloor {
    private final SplittableRandom random;

    private AnyFloor(long seed) {
        random = new SplittableRandom(seed);
    }

    /** @param width of the photo in pixels; it is three quarters as high */
    public static FloorScene scene(long seed, int width) {
        return new AnyFloor(seed).scene(width);
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private FloorScene scene(int width) {
        var size = between(300, 1500);
        var shape = turned(shape(size), between(0, 360));
        var box = shape.outline().box();
        var targetMm = random.nextBoolean() ? 80 : 100;
        var sheets = sheets(shape, targetMm);
        var wide = box.width() + 5.5 * targetMm;
        var high = box.height() + 5.5 * targetMm;
        var focal = between(0.68, 0.9);
        var tilt = between(0, Math.toRadians(35));
        var distance = Math.max(wide, high / 0.72) * focal * (1.05 + 0.5 * Math.sin(tilt));
        var camera = new Camera(
                width,
                width * 3 / 4,
                (box.minX() + box.maxX()) / 2,
                (box.minY() + box.maxY()) / 2,
                distance,
                tilt,
                Math.PI / 2 + between(-0.6, 0.6),
                between(-0.15, 0.15),
                focal,
                between(-0.12, 0.01));
        return new FloorScene(shape, sheets, targetMm, camera, floor(), light(width));
    }

    private Floor floor() {
        var pale = between(0.42, 0.6);
        var dark = between(0.06, 0.14);
        return switch (random.nextInt(4)) {
            case 0 -> new Floor(grey(dark), grey(pale), between(0.03, 0.1), between(0.8, 2));
            case 1 -> new Floor(grey(pale), grey(dark), between(0.03, 0.12), between(0.8, 2));
            case 2 -> new Floor(new double[] {0.36, 0.35, 0.33}, new double[] {0.42, 0.17, 0.12}, 0.06, 1.5);
            default -> new Floor(new double[] {0.30, 0.31, 0.32}, new double[] {0.13, 0.25, 0.17}, 0.08, 1.2);
        };
    }

    private double[] grey(double light) {
        return new double[] {light * between(0.95, 1.05), light, light * between(0.93, 1.03)};
    }

    private Light light(int width) {
        return new Light(
                between(-0.12, 0.12),
                between(-0.12, 0.12),
                between(0, 0.35),
                between(-12, 12),
                between(-12, 12),
                between(15, 45),
                between(0.6, 1.3) * width / 4000 + 0.2,
                between(0.003, 0.01),
                between(0.8, 0.95));
    }

    private static Shape turned(Shape shape, double degrees) {
        return new Pose(0, 0, degrees, false).apply(shape);
    }

    private Shape shape(double size) {
        var high = size * between(0.5, 0.9);
        var outline = switch (random.nextInt(5)) {
            case 0 -> rounded(size, high, between(10, high / 4));
            case 1 -> ell(size, high);
            case 2 -> footwell(size, high);
            case 3 -> dee(size, high);
            default -> wavy(size, high);
        };
        return new Shape(outline, holes(outline));
    }

    private static Outline rounded(double w, double h, double r) {
        return Drawn.from(r, 0)
                .to(w - r, 0)
                .round(w - r, r, Math.PI / 2)
                .to(w, h - r)
                .round(w - r, h - r, Math.PI / 2)
                .to(r, h)
                .round(r, h - r, Math.PI / 2)
                .to(0, r)
                .round(r, r, Math.PI / 2)
                .close();
    }

    private static Outline ell(double w, double h) {
        return Drawn.from(0, 0)
                .to(w, 0)
                .to(w, h * 0.55)
                .to(w * 0.6, h * 0.5)
                .to(w * 0.55, h)
                .to(0, h * 0.95)
                .close();
    }

    /** Straight at the sill, round at the tunnel, a notch at the front. */
    private static Outline footwell(double w, double h) {
        return Drawn.from(0, 0)
                .to(w * 0.8, 0)
                .to(w, h * 0.3)
                .to(w, h * 0.8)
                .round(w - h * 0.2, h * 0.8, Math.PI / 2)
                .to(w * 0.55, h)
                .to(w * 0.5, h * 0.9)
                .to(w * 0.42, h)
                .to(0, h * 0.93)
                .close();
    }

    private static Outline dee(double w, double h) {
        return Drawn.from(0, 0)
                .to(w - h / 2, 0)
                .round(w - h / 2, h / 2, Math.PI)
                .to(0, h)
                .close();
    }

    /** A closed curve without a corner. */
    private Outline wavy(double w, double h) {
        var lobes = 2 + random.nextInt(3);
        var deep = between(0.04, 0.12);
        var points = new ArrayList<Point>();
        for (var i = 0; i < 2000; i++) {
            var a = 2 * Math.PI * i / 2000;
            var r = 1 + deep * Math.cos(lobes * a + 0.7);
            points.add(new Point(w / 2 * r * Math.cos(a), h / 2 * r * Math.sin(a)));
        }
        return Outline.ofRing(points).orThrow();
    }

    private List<Outline> holes(Outline outline) {
        var holes = new ArrayList<Outline>();
        var edge = new EdgeMap(new Shape(outline));
        var box = outline.box();
        var wanted = random.nextInt(5);
        for (var attempt = 0; attempt < 200 && holes.size() < wanted; attempt++) {
            var x = between(box.minX(), box.maxX());
            var y = between(box.minY(), box.maxY());
            var radius = between(4, 20);
            var isClear = edge.distance(x, y) < -radius - 12;
            for (var hole : holes) {
                var other = hole.box();
                isClear &= Math.hypot(x - (other.minX() + other.maxX()) / 2, y - (other.minY() + other.maxY()) / 2)
                        > radius + other.width() / 2 + 20;
            }
            if (isClear) holes.add(Drawn.circle(x, y, radius));
        }
        return holes;
    }

    /** Round the piece, on all sides of its box, not too near. */
    private List<Sheet> sheets(Shape shape, double targetMm) {
        var box = shape.outline().box();
        var sheets = new ArrayList<Sheet>();
        var off = 1.15 * targetMm;
        var across = box.width() > 700 ? 3 : 2;
        var up = box.height() > 700 ? 3 : 2;
        var number = random.nextInt(100);
        for (var i = 0; i < across; i++)
            for (var side = 0; side < 2; side++)
                sheets.add(new Sheet(
                        number++,
                        box.minX() - off + (box.width() + 2 * off) * i / (across - 1) + between(-15, 15),
                        (side == 0 ? box.minY() - off : box.maxY() + off) + between(-10, 10),
                        between(0, 2 * Math.PI)));
        for (var i = 1; i < up - 1; i++)
            for (var side = 0; side < 2; side++)
                sheets.add(new Sheet(
                        number++,
                        (side == 0 ? box.minX() - off : box.maxX() + off) + between(-10, 10),
                        box.minY() + box.height() * i / (up - 1) + between(-15, 15),
                        between(0, 2 * Math.PI)));
        return sheets;
    }
}
