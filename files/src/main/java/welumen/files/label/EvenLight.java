package welumen.files.label;

import com.google.zxing.LuminanceSource;
import com.google.zxing.PlanarYUVLuminanceSource;

/** Divides a picture by its surroundings' brightness, so that a shadow's edge is no edge any more. */
final class EvenLight {
    private EvenLight() {}

    static LuminanceSource of(LuminanceSource light) {
        var width = light.getWidth();
        var height = light.getHeight();
        var grey = light.getMatrix();
        var sums = sums(grey, width, height);
        var even = new byte[grey.length];
        var reach = Math.max(8, Math.min(width, height) / 12);
        for (var y = 0; y < height; y++)
            for (var x = 0; x < width; x++) {
                var mean = Math.max(1, mean(sums, width, height, x, y, reach));
                even[y * width + x] = (byte) Math.min(255, (grey[y * width + x] & 0xFF) * 140L / mean);
            }
        return new PlanarYUVLuminanceSource(even, width, height, 0, 0, width, height, false);
    }

    /** Sums over all pixels above and left, with a row and a column of noughts before them. */
    private static long[] sums(byte[] grey, int width, int height) {
        var sums = new long[(width + 1) * (height + 1)];
        for (var y = 0; y < height; y++) {
            var row = 0L;
            for (var x = 0; x < width; x++) {
                row += grey[y * width + x] & 0xFF;
                sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1] + row;
            }
        }
        return sums;
    }

    private static long mean(long[] sums, int width, int height, int x, int y, int reach) {
        var left = Math.max(0, x - reach);
        var right = Math.min(width, x + reach + 1);
        var top = Math.max(0, y - reach);
        var bottom = Math.min(height, y + reach + 1);
        var wide = width + 1;
        var sum = sums[bottom * wide + right]
                - sums[top * wide + right]
                - sums[bottom * wide + left]
                + sums[top * wide + left];
        return sum / ((long) (right - left) * (bottom - top));
    }
}
