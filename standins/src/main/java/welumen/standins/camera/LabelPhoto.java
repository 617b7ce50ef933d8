package welumen.standins.camera;

import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import welumen.files.label.LabelPdf;
import welumen.files.label.LabelSheet;
import welumen.strip.label.TrimLabel;

/**
 * Photographs a label as a hand would: held at a slant of up to 40°, turned, a little out of focus, half in the shade,
 * with grain. The same label and seed give the same photo.
 */
public final class LabelPhoto {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 960;
    private static final double MOST_TILT = Math.toRadians(40);
    private static final float DPI = 300;

    private final Random random;

    private LabelPhoto(long seed) {
        this.random = new Random(seed);
    }

    /** Of several labels the newest lies before the camera, on the smallest of sheets. */
    public static byte[] ofNewest(List<TrimLabel> printed) {
        return of(printed.getLast(), LabelSheet.THREE_BY_SEVEN, printed.size());
    }

    /** A JPEG of a label that was printed on a sheet. */
    public static byte[] of(TrimLabel label, LabelSheet sheet, long seed) {
        try {
            var photo = new LabelPhoto(seed);
            return jpeg(photo.grain(photo.shade(photo.blur(photo.slant(printed(label, sheet))))));
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    /** The first label of the sheet, cut out. */
    private static BufferedImage printed(TrimLabel label, LabelSheet sheet) throws IOException {
        try (var pdf = Loader.loadPDF(LabelPdf.write(List.of(label), sheet, 0))) {
            var page = new PDFRenderer(pdf).renderImageWithDPI(0, DPI);
            return page.getSubimage(px(sheet.x(0)), px(sheet.y(0)), px(sheet.width()), px(sheet.height()));
        }
    }

    private static int px(double mm) {
        return (int) Math.round(mm / 25.4 * DPI);
    }

    /** Seen by a pinhole from some 250 mm: each pixel of the photo is looked up on the label's plane. */
    private BufferedImage slant(BufferedImage label) {
        var tilt = random.nextDouble() * MOST_TILT;
        var toward = random.nextDouble() * 2 * Math.PI;
        var turn = random.nextDouble() * 2 * Math.PI;
        var far = 2.2 + random.nextDouble() * 0.8; // in widths of the label
        var photo = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (var y = 0; y < HEIGHT; y++)
            for (var x = 0; x < WIDTH; x++) {
                var rayX = (x - WIDTH / 2.0) / WIDTH * 1.2;
                var rayY = (y - HEIGHT / 2.0) / WIDTH * 1.2;
                var deep = far / (1 - Math.tan(tilt) * (rayX * Math.cos(toward) + rayY * Math.sin(toward)));
                var along = (rayX * Math.cos(toward) + rayY * Math.sin(toward)) * deep / Math.cos(tilt);
                var across = (-rayX * Math.sin(toward) + rayY * Math.cos(toward)) * deep;
                var u = along * Math.cos(turn) - across * Math.sin(turn);
                var v = along * Math.sin(turn) + across * Math.cos(turn);
                photo.setRGB(x, y, at(label, u * label.getWidth(), v * label.getWidth()));
            }
        return photo;
    }

    private static int at(BufferedImage label, double u, double v) {
        var x = (int) Math.round(u + label.getWidth() / 2.0);
        var y = (int) Math.round(v + label.getHeight() / 2.0);
        var on = x >= 0 && y >= 0 && x < label.getWidth() && y < label.getHeight();
        return on ? label.getRGB(x, y) : 0x8A7F6C;
    }

    private BufferedImage blur(BufferedImage sharp) {
        var sigma = 0.3 + random.nextDouble() * 1.5;
        var reach = (int) Math.ceil(sigma * 2.5);
        var weights = new float[2 * reach + 1];
        var sum = 0f;
        for (var i = 0; i < weights.length; i++)
            sum += weights[i] = (float) Math.exp(-(i - reach) * (i - reach) / (2 * sigma * sigma));
        for (var i = 0; i < weights.length; i++) weights[i] /= sum;
        var once =
                new ConvolveOp(new Kernel(weights.length, 1, weights), ConvolveOp.EDGE_NO_OP, null).filter(sharp, null);
        return new ConvolveOp(new Kernel(1, weights.length, weights), ConvolveOp.EDGE_NO_OP, null).filter(once, null);
    }

    /** A shadow with a soft edge lies over a part of it. */
    private BufferedImage shade(BufferedImage image) {
        var way = random.nextDouble() * 2 * Math.PI;
        var at = (random.nextDouble() - 0.5) * WIDTH * 0.3;
        var dark = 0.35 + random.nextDouble() * 0.4;
        for (var y = 0; y < HEIGHT; y++)
            for (var x = 0; x < WIDTH; x++) {
                var depth = (x - WIDTH / 2.0) * Math.cos(way) + (y - HEIGHT / 2.0) * Math.sin(way) - at;
                var light = dark + (1 - dark) / (1 + Math.exp(-depth / 12));
                image.setRGB(x, y, scaled(image.getRGB(x, y), light, 0));
            }
        return image;
    }

    private BufferedImage grain(BufferedImage image) {
        for (var y = 0; y < HEIGHT; y++)
            for (var x = 0; x < WIDTH; x++)
                image.setRGB(x, y, scaled(image.getRGB(x, y), 1, (int) Math.round(random.nextGaussian() * 5)));
        return image;
    }

    private static int scaled(int rgb, double by, int plus) {
        return channel((rgb >> 16 & 0xFF) * by + plus) << 16
                | channel((rgb >> 8 & 0xFF) * by + plus) << 8
                | channel((rgb & 0xFF) * by + plus);
    }

    private static int channel(double value) {
        return Math.clamp(Math.round(value), 0, 255);
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", bytes);
        return bytes.toByteArray();
    }
}
