package welumen.colour;

import java.util.stream.DoubleStream;

/**
 * What a screen shows of a colour (sRGB, IEC 61966-2-1, from the observer’s white to the screen’s). No screen shows it as a lamp
 * does; what lies outside of what it can show at all says so.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 * @param isShown whether the screen can show it, within what is seen
 */
public record Swatch(int red, int green, int blue, boolean isShown) {
    private static final double[] SCREEN_WHITE = {95.047, 100, 108.883};

    /** By how much of a channel a colour may lie outside before it is told. */
    private static final double SEEN = 0.02;

    public static Swatch of(Lab colour) {
        var xyz = colour.xyz();
        var white = Observer.under(Illuminant.D65).white();
        var x = xyz[0] / white[0] * SCREEN_WHITE[0] / 100;
        var y = xyz[1] / 100;
        var z = xyz[2] / white[2] * SCREEN_WHITE[2] / 100;
        var red = 3.2406 * x - 1.5372 * y - 0.4986 * z;
        var green = -0.9689 * x + 1.8758 * y + 0.0415 * z;
        var blue = 0.0557 * x - 0.2040 * y + 1.0570 * z;
        var isShown = DoubleStream.of(red, green, blue).allMatch(one -> one > -SEEN && one < 1 + SEEN);
        return new Swatch(channel(red), channel(green), channel(blue), isShown);
    }

    private static int channel(double linear) {
        var share = Math.clamp(linear, 0, 1);
        var shown = share <= 0.0031308 ? 12.92 * share : 1.055 * Math.pow(share, 1 / 2.4) - 0.055;
        return (int) Math.round(255 * shown);
    }
}
