package welumen.standins.camera;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.jspecify.annotations.Nullable;
import welumen.shape.Point;
import welumen.standins.camera.FloorScene.Sheet;
import welumen.trace.TargetCode;

/**
 * Photographs a floor: every pixel's ray is followed through lens and perspective to the floor, edges are weighed by how
 * much of a pixel they cover, and blur, noise and JPEG follow in the order in which a camera brings them. The same scene
 * and seed give the same photo.
 */
public final class FloorPhoto {
    private static final double PAPER = 0.82;
    private static final double INK = 0.04;
    private static final int FINE = 4;
    /** How much darker a thick piece's upright sides are than its face. */
    private static final double SIDES = 0.85;
    /** Heights at which a ray is held against them. */
    private static final int HEIGHTS = 8;

    private final FloorScene scene;
    private final long seed;
    private final EdgeMap edges;
    private final double[][] toWorld;

    private FloorPhoto(FloorScene scene, long seed) {
        this.scene = scene;
        this.seed = seed;
        this.edges = new EdgeMap(scene.piece());
        this.toWorld = axes();
    }

    /** A JPEG. */
    public static byte[] jpeg(FloorScene scene, long seed) {
        return encoded(image(scene, seed), scene.light().quality());
    }

    public static BufferedImage image(FloorScene scene, long seed) {
        var photo = new FloorPhoto(scene, seed);
        return photo.developed(photo.exposed());
    }

    /** The camera's right, down and forward, and where it is. */
    private double[][] axes() {
        var camera = scene.camera();
        double sinT = Math.sin(camera.tilt()), cosT = Math.cos(camera.tilt());
        double sinF = Math.sin(camera.from()), cosF = Math.cos(camera.from());
        double[] forward = {sinT * cosF, sinT * sinF, -cosT};
        double[] down = {-cosT * cosF, -cosT * sinF, -sinT};
        double[] right = {sinF, -cosF, 0};
        double sinR = Math.sin(camera.roll()), cosR = Math.cos(camera.roll());
        var turnedRight = new double[3];
        var turnedDown = new double[3];
        var place = new double[3];
        double[] middle = {camera.x(), camera.y(), 0};
        for (var i = 0; i < 3; i++) {
            turnedRight[i] = cosR * right[i] + sinR * down[i];
            turnedDown[i] = cosR * down[i] - sinR * right[i];
            place[i] = middle[i] - camera.distance() * forward[i];
        }
        return new double[][] {turnedRight, turnedDown, forward, place};
    }

    private float[][] exposed() {
        var camera = scene.camera();
        var light = new float[3][camera.width() * camera.height()];
        IntStream.range(0, camera.height()).parallel().forEach(row -> {
            var colour = new double[3];
            var at = new double[2];
            var next = new double[2];
            for (var column = 0; column < camera.width(); column++) {
                onFloor(column + 0.5, row + 0.5, at);
                onFloor(column + 1.5, row + 0.5, next);
                var mm = Math.hypot(next[0] - at[0], next[1] - at[1]);
                colour(column, row, at[0], at[1], mm, colour);
                for (var channel = 0; channel < 3; channel++)
                    light[channel][row * camera.width() + column] = (float) colour[channel];
            }
        });
        return light;
    }

    /** Through the lens, whose bend is taken back by Newton's way, and down to the floor. */
    private void onFloor(double x, double y, double[] at) {
        var camera = scene.camera();
        var half = Math.hypot(camera.width(), camera.height()) / 2;
        var u = (x - camera.width() / 2.0) / half;
        var v = (y - camera.height() / 2.0) / half;
        var seen = Math.hypot(u, v);
        var r = seen;
        for (var i = 0; i < 8; i++) r -= (r * (1 + camera.barrel() * r * r) - seen) / (1 + 3 * camera.barrel() * r * r);
        var grow = seen == 0 ? 1 : r / seen;
        var focal = camera.focal() * camera.width() / half;
        var dx = toWorld[0][0] * u * grow / focal + toWorld[1][0] * v * grow / focal + toWorld[2][0];
        var dy = toWorld[0][1] * u * grow / focal + toWorld[1][1] * v * grow / focal + toWorld[2][1];
        var dz = toWorld[0][2] * u * grow / focal + toWorld[1][2] * v * grow / focal + toWorld[2][2];
        var far = -toWorld[3][2] / Math.min(dz, -1e-6);
        at[0] = toWorld[3][0] + far * dx;
        at[1] = toWorld[3][1] + far * dy;
    }

    private void colour(int column, int row, double x, double y, double mm, double[] colour) {
        var sheet = sheetNear(x, y);
        if (sheet != null && paper(sheet, column, row, colour)) return;
        var floor = scene.floor();
        var face = covered(x, y, scene.thickMm(), mm);
        var side = side(x, y, mm, face);

        var grain = 1 + floor.grain() * grain(x, y, floor.grainMm());
        var lit = lit(x, y);
        var shade = 1 - scene.light().shadow() * shadow(x, y);
        for (var channel = 0; channel < 3; channel++)
            colour[channel] = lit
                    * grain
                    * ((face + SIDES * side) * floor.piece()[channel]
                            + (1 - face - side) * shade * floor.ground()[channel]);
    }

    /** How much of a pixel the piece covers where its ray, that ends in this place of the floor, is so high above it. */
    private double covered(double x, double y, double highMm, double mm) {
        var still = highMm / toWorld[3][2];
        return Math.clamp(
                0.5 - edges.distance(x + still * (toWorld[3][0] - x), y + still * (toWorld[3][1] - y)) / mm, 0, 1);
    }

    /** How much of it shows an upright side. */
    private double side(double x, double y, double mm, double face) {
        if (scene.thickMm() == 0) return 0;
        var most = face;
        for (var i = 0; i < HEIGHTS; i++) most = Math.max(most, covered(x, y, scene.thickMm() * i / HEIGHTS, mm));
        return most - face;
    }

    private double lit(double x, double y) {
        return 1 + scene.light().slopeX() * x / 1000 + scene.light().slopeY() * y / 1000;
    }

    private double shadow(double x, double y) {
        var light = scene.light();
        if (light.shadow() == 0) return 0;
        return Math.clamp(0.5 - edges.distance(x - light.shadowX(), y - light.shadowY()) / light.soft(), 0, 1);
    }

    private @Nullable Sheet sheetNear(double x, double y) {
        for (var sheet : scene.sheets())
            if (Math.hypot(x - sheet.x(), y - sheet.y()) < scene.targetMm() * (0.75 + 1.5 * scene.rim())) return sheet;
        return null;
    }

    /** Whether the pixel shows paper; its rim is weighed by finer rays. */
    private boolean paper(Sheet sheet, int column, int row, double[] colour) {
        var black = TargetCode.black(sheet.number());
        var at = new double[2];
        var sum = 0.0;
        var on = 0;
        for (var i = 0; i < FINE * FINE; i++) {
            onFloor(column + (i % FINE + 0.5) / FINE, row + (i / FINE + 0.5) / FINE, at);
            double dx = at[0] - sheet.x(), dy = at[1] - sheet.y();
            double cos = Math.cos(sheet.turn()), sin = Math.sin(sheet.turn());
            var u = (dx * cos + dy * sin) / scene.targetMm() + 0.5;
            var v = 0.5 - (dy * cos - dx * sin) / scene.targetMm();
            if (u < -scene.rim() || v < -scene.rim() || u > 1 + scene.rim() || v > 1 + scene.rim()) continue;
            on++;
            var isInk = u >= 0
                    && v >= 0
                    && u < 1
                    && v < 1
                    && black[(int) (v * TargetCode.CELLS)][(int) (u * TargetCode.CELLS)];
            sum += (isInk ? INK : PAPER) * lit(at[0], at[1]);
        }
        if (on < FINE * FINE) return false;
        Arrays.fill(colour, sum / on);
        return true;
    }

    /** Smooth noise about nought of two sizes, from a hash of the place. */
    private double grain(double x, double y, double mm) {
        return 0.7 * noise(x / mm, y / mm) + 0.5 * noise(x / (3.7 * mm) + 99, y / (3.7 * mm));
    }

    private double noise(double x, double y) {
        var column = (long) Math.floor(x);
        var row = (long) Math.floor(y);
        var right = x - column;
        var down = y - row;
        return (hash(column, row) * (1 - right) + hash(column + 1, row) * right) * (1 - down)
                + (hash(column, row + 1) * (1 - right) + hash(column + 1, row + 1) * right) * down;
    }

    private double hash(long column, long row) {
        var mixed = (column * 0x9E3779B97F4A7C15L ^ row * 0xC2B2AE3D27D4EB4FL ^ seed) * 0xD6E8FEB86659FD93L;
        mixed = (mixed ^ mixed >>> 32) * 0xD6E8FEB86659FD93L;
        return ((mixed ^ mixed >>> 29) & 0xFFFFFF) / (double) 0x800000 - 1;
    }

    private BufferedImage developed(float[][] light) {
        var camera = scene.camera();
        var image = new BufferedImage(camera.width(), camera.height(), BufferedImage.TYPE_INT_RGB);
        for (var channel = 0; channel < 3; channel++) blur(light[channel], camera.width(), camera.height());
        IntStream.range(0, camera.height()).parallel().forEach(row -> {
            var random = new SplittableRandom(seed * 7919 + row);
            for (var column = 0; column < camera.width(); column++) {
                var pixel = 0;
                for (var channel = 0; channel < 3; channel++) {
                    var value = light[channel][row * camera.width() + column];
                    var noisy = value
                            + scene.light().noise() * (0.3 + Math.sqrt(Math.max(0, value))) * random.nextGaussian();
                    pixel = pixel << 8 | code(noisy);
                }
                image.setRGB(column, row, pixel);
            }
        });
        return image;
    }

    private static int code(double light) {
        var value = Math.clamp(light, 0, 1);
        var code = value <= 0.0031308 ? 12.92 * value : 1.055 * Math.pow(value, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * code);
    }

    private void blur(float[] plane, int width, int height) {
        var sigma = scene.light().blur();
        if (sigma <= 0) return;
        var reach = (int) Math.ceil(3 * sigma);
        var kernel = new float[2 * reach + 1];
        var sum = 0f;
        for (var i = 0; i < kernel.length; i++)
            sum += kernel[i] = (float) Math.exp(-Math.pow((i - reach) / sigma, 2) / 2);
        for (var i = 0; i < kernel.length; i++) kernel[i] /= sum;
        var once = new float[plane.length];
        IntStream.range(0, height).parallel().forEach(row -> {
            for (var column = 0; column < width; column++) {
                var value = 0f;
                for (var i = 0; i < kernel.length; i++)
                    value += kernel[i] * plane[row * width + Math.clamp(column + i - reach, 0, width - 1)];
                once[row * width + column] = value;
            }
        });
        IntStream.range(0, height).parallel().forEach(row -> {
            for (var column = 0; column < width; column++) {
                var value = 0f;
                for (var i = 0; i < kernel.length; i++)
                    value += kernel[i] * once[Math.clamp(row + i - reach, 0, height - 1) * width + column];
                plane[row * width + column] = value;
            }
        });
    }

    private static byte[] encoded(BufferedImage image, double quality) {
        var out = new ByteArrayOutputStream();
        var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (var stream = ImageIO.createImageOutputStream(out)) {
            var how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality((float) quality);
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /** Where a point of the floor is seen, in pixels: the way back, by Newton's way. */
    static Point pictureOf(FloorScene scene, double x, double y) {
        var photo = new FloorPhoto(scene, 0);
        var camera = scene.camera();
        double[] at = {camera.width() / 2.0, camera.height() / 2.0};
        var here = new double[2];
        var right = new double[2];
        var below = new double[2];
        for (var i = 0; i < 50; i++) {
            photo.onFloor(at[0], at[1], here);
            photo.onFloor(at[0] + 1, at[1], right);
            photo.onFloor(at[0], at[1] + 1, below);
            double a = right[0] - here[0], b = below[0] - here[0], c = right[1] - here[1], d = below[1] - here[1];
            double dx = x - here[0], dy = y - here[1], cross = a * d - b * c;
            at[0] += 0.7 * (dx * d - dy * b) / cross;
            at[1] += 0.7 * (dy * a - dx * c) / cross;
        }
        return new Point(at[0], at[1]);
    }
}
