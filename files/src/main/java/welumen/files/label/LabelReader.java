package welumen.files.label;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.ConvolveOp;
import java.awt.image.Kernel;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import welumen.files.photo.PhotoFile;
import welumen.strip.label.LabelCode;

/**
 * Reads a label from a photo. A photo is tried at several sizes, since blur that hides a code in a large picture is gone
 * in a small one, and with two ways of telling black from white, since one bears shade and the other noise.
 */
public final class LabelReader {
    private static final List<Integer> SIZES = List.of(1200, 800, 500, 1800, 350);
    private static final int SMALL_CODES = 1600;
    private static final int SHARPENED_OVER = 4;
    private static final float SHARPNESS = 1.5f;

    private LabelReader() {}

    /**
     * What the label says; empty where none can be read.
     *
     * @throws welumen.journal.StoreException if the photo itself cannot be read
     */
    public static Optional<LabelCode> read(byte[] photo, String name) {
        var file = new PhotoFile(photo, name);
        for (var size : SIZES) {
            var found = read(file.read(size));
            if (found.isPresent()) return found;
        }
        var large = enlarged(file.read(SMALL_CODES));
        return read(large).or(() -> read(sharpened(large)));
    }

    /** Each pixel away from its neighbours' mean, against a lens that was not in focus. */
    private static BufferedImage sharpened(BufferedImage image) {
        var side = 2 * SHARPENED_OVER + 1;
        var weights = new float[side * side];
        Arrays.fill(weights, -SHARPNESS / weights.length);
        weights[weights.length / 2] += 1 + SHARPNESS;
        return new ConvolveOp(new Kernel(side, side, weights), ConvolveOp.EDGE_NO_OP, null).filter(image, null);
    }

    /** Twice as large: a code of few pixels is read between them. */
    private static BufferedImage enlarged(BufferedImage image) {
        var large = new BufferedImage(2 * image.getWidth(), 2 * image.getHeight(), BufferedImage.TYPE_INT_RGB);
        var pen = large.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(image, 0, 0, large.getWidth(), large.getHeight(), null);
        pen.dispose();
        return large;
    }

    private static Optional<LabelCode> read(BufferedImage image) {
        var width = image.getWidth();
        var pixels = image.getRGB(0, 0, width, image.getHeight(), null, 0, width);
        var light = new RGBLuminanceSource(width, image.getHeight(), pixels);
        return decode(new BinaryBitmap(new HybridBinarizer(light)))
                .or(() -> decode(new BinaryBitmap(new GlobalHistogramBinarizer(light))))
                .or(() -> decode(new BinaryBitmap(new HybridBinarizer(EvenLight.of(light)))));
    }

    private static Optional<LabelCode> decode(BinaryBitmap bitmap) {
        try {
            var found = new QRCodeReader().decode(bitmap, Map.of(DecodeHintType.TRY_HARDER, true));
            return LabelCode.read(found.getText());
        } catch (ReaderException none) {
            return Optional.empty();
        }
    }
}
