package welumen.trace;

import java.util.function.DoubleUnaryOperator;

/**
 * A photo, upright: pixels row by row from the upper left, each 0xRRGGBB in the code values of sRGB (IEC 61966-2-1). What
 * is measured on it is measured in linear light: a code value half-way between two others is not half the light. The middle
 * of the first pixel lies at (0.5, 0.5).
 */
public record Picture(int width, int height, int[] rgb) {
    private static final float[] LIGHT = table(Picture::lightOf);
    private static final float[] CODE = table(code -> code);

    /** @throws IllegalArgumentException if there are not as many pixels as the size says */
    public Picture {
        if (width < 1 || height < 1 || rgb.length != width * height)
            throw new IllegalArgumentException(
                    "A picture of %d by %d does not have %d pixels.".formatted(width, height, rgb.length));
    }

    /** The code value of a pixel's brightness, 0 to 255. */
    int code(int x, int y) {
        var pixel = rgb[y * width + x];
        return (77 * (pixel >> 16 & 0xFF) + 150 * (pixel >> 8 & 0xFF) + 29 * (pixel & 0xFF)) >> 8;
    }

    boolean contains(double x, double y) {
        return x >= 0.5 && y >= 0.5 && x <= width - 0.5 && y <= height - 0.5;
    }

    /** The pixel a place lies in, 0xRRGGBB; at the rim that of the rim. */
    int nearest(double x, double y) {
        return rgb[Math.clamp((int) y, 0, height - 1) * width + Math.clamp((int) x, 0, width - 1)];
    }

    /** The light of one of a pixel's channels, 0 to 1: red first. */
    static float light(int pixel, int channel) {
        return LIGHT[pixel >> 16 - 8 * channel & 0xFF];
    }

    /** The light at a place between pixels, each channel 0 to 1, put into {@code into}; at the rim that of the rim. */
    void light(double x, double y, float[] into) {
        between(x, y, LIGHT, into);
    }

    private void between(double x, double y, float[] table, float[] into) {
        var px = Math.clamp(x - 0.5, 0, width - 1.001);
        var py = Math.clamp(y - 0.5, 0, height - 1.001);
        var column = (int) px;
        var row = (int) py;
        var right = (float) (px - column);
        var down = (float) (py - row);
        var at = row * width + column;
        var a = rgb[at];
        var b = rgb[Math.min(at + 1, rgb.length - 1)];
        var c = rgb[Math.min(at + width, rgb.length - 1)];
        var d = rgb[Math.min(at + width + 1, rgb.length - 1)];
        for (int channel = 0, shift = 16; channel < 3; channel++, shift -= 8) {
            var above = table[a >> shift & 0xFF] * (1 - right) + table[b >> shift & 0xFF] * right;
            var below = table[c >> shift & 0xFF] * (1 - right) + table[d >> shift & 0xFF] * right;
            into[channel] = above * (1 - down) + below * down;
        }
    }

    /** The brightness of the light at a place, 0 to 1. */
    double brightness(double x, double y, float[] scratch) {
        light(x, y, scratch);
        return 0.2126 * scratch[0] + 0.7152 * scratch[1] + 0.0722 * scratch[2];
    }

    /** The code values at a place between pixels, each channel 0 to 1, put into {@code into}. */
    void codes(double x, double y, float[] into) {
        between(x, y, CODE, into);
    }

    static double lightOf(double code) {
        return code <= 0.04045 ? code / 12.92 : Math.pow((code + 0.055) / 1.055, 2.4);
    }

    static double codeOf(double light) {
        return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    }

    private static float[] table(DoubleUnaryOperator of) {
        var table = new float[256];
        for (var i = 0; i < 256; i++) table[i] = (float) of.applyAsDouble(i / 255.0);
        return table;
    }
}
