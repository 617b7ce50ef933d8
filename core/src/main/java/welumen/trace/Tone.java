package welumen.trace;

import java.util.stream.IntStream;

/**
 * The tone of every cell: the logarithm of its brightness, and by how much red and blue stand above green in logarithms. A
 * shadow or uneven light moves the first alone.
 *
 * @param of brightness, red and blue, each by cell
 */
record Tone(float[][] of) {
    static final int TERMS = 3;
    private static final float DARKEST = 0.004f;

    /** After the light has been evened out over three cells by three, against grain and noise. */
    static Tone of(FloorRaster floor) {
        var tone = new float[TERMS][floor.size()];
        var even = new float[3][];
        for (var channel = 0; channel < 3; channel++)
            even[channel] = Smooth.box(floor.light()[channel], floor.columns(), floor.rows(), 1);
        IntStream.range(0, floor.size()).parallel().forEach(at -> {
            var red = even[0][at] + DARKEST;
            var green = even[1][at] + DARKEST;
            var blue = even[2][at] + DARKEST;
            tone[0][at] = (float) Math.log(0.2126f * red + 0.7152f * green + 0.0722f * blue);
            tone[1][at] = (float) Math.log(red / green);
            tone[2][at] = (float) Math.log(blue / green);
        });
        return new Tone(tone);
    }
}
