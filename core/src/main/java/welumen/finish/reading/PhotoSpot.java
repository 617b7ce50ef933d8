package welumen.finish.reading;

/**
 * What a camera saw on a spot of a photo: its light on the mean, how uneven it is, and how much of it was burnt out or lost.
 *
 * @param red of the light, linear, 0 to 1
 * @param green the same
 * @param blue the same
 * @param uneven the spread of its lightness over the spot, as L*
 * @param lost the share of its pixels that are burnt out or black
 */
public record PhotoSpot(double red, double green, double blue, double uneven, double lost) {
    private static final int BRIGHT = 252;
    private static final int DARK = 3;

    /**
     * @param pixels each 0xRRGGBB, as a screen shows it (sRGB); at least one
     */
    public static PhotoSpot of(int... pixels) {
        if (pixels.length == 0) throw new IllegalArgumentException("A spot of no pixels shows nothing.");
        var sum = new double[3];
        var lightness = new double[pixels.length];
        var lost = 0;
        for (var i = 0; i < pixels.length; i++) {
            var most = 0;
            for (var channel = 0; channel < 3; channel++) {
                var value = (pixels[i] >> (16 - 8 * channel)) & 0xff;
                most = Math.max(most, value);
                sum[channel] += linear(value);
            }
            if (most >= BRIGHT || most <= DARK) lost++;
            lightness[i] = lightness(pixels[i]);
        }
        var n = pixels.length;
        return new PhotoSpot(sum[0] / n, sum[1] / n, sum[2] / n, spread(lightness), (double) lost / n);
    }

    /** The light behind a value of sRGB (IEC 61966-2-1). */
    private static double linear(int value) {
        var share = value / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    private static double lightness(int pixel) {
        var y = 0.2126 * linear((pixel >> 16) & 0xff)
                + 0.7152 * linear((pixel >> 8) & 0xff)
                + 0.0722 * linear(pixel & 0xff);
        return y > 216.0 / 24389 ? 116 * Math.cbrt(y) - 16 : y * 24389 / 27;
    }

    private static double spread(double[] values) {
        var mean = 0.0;
        for (var value : values) mean += value / values.length;
        var sum = 0.0;
        for (var value : values) sum += (value - mean) * (value - mean);
        return Math.sqrt(sum / values.length);
    }
}
