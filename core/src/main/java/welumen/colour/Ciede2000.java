package welumen.colour;

/**
 * The colour difference CIEDE2000 with all its factors one (CIE 142, 2001), in the form that Sharma, Wu and Dalal (2005) made
 * plain. Under 1 nobody sees it; 1 to 2 is seen side by side; over 3 it is plain.
 */
public final class Ciede2000 {
    private static final double TWENTY_FIVE_7 = Math.pow(25, 7);

    private Ciede2000() {}

    public static double between(Lab one, Lab other) {
        var meanChroma = (one.chroma() + other.chroma()) / 2;
        var g = 0.5 * (1 - Math.sqrt(seventh(meanChroma)));
        var a1 = (1 + g) * one.a();
        var a2 = (1 + g) * other.a();
        var c1 = Math.hypot(a1, one.b());
        var c2 = Math.hypot(a2, other.b());
        var h1 = hue(a1, one.b());
        var h2 = hue(a2, other.b());

        var dl = other.l() - one.l();
        var dc = c2 - c1;
        var isGrey = c1 * c2 == 0;
        var turn = isGrey ? 0 : turn(h2 - h1);
        var dh = 2 * Math.sqrt(c1 * c2) * sin(turn / 2);

        var l = (one.l() + other.l()) / 2;
        var c = (c1 + c2) / 2;
        var h = isGrey ? h1 + h2 : mean(h1, h2);
        var t = 1 - 0.17 * cos(h - 30) + 0.24 * cos(2 * h) + 0.32 * cos(3 * h + 6) - 0.20 * cos(4 * h - 63);
        var l50 = (l - 50) * (l - 50);
        var sl = 1 + 0.015 * l50 / Math.sqrt(20 + l50);
        var sc = 1 + 0.045 * c;
        var sh = 1 + 0.015 * c * t;
        var rotation = 30 * Math.exp(-Math.pow((h - 275) / 25, 2));
        var rt = -2 * Math.sqrt(seventh(c)) * sin(2 * rotation);
        var byL = dl / sl;
        var byC = dc / sc;
        var byH = dh / sh;
        return Math.sqrt(Math.max(0, byL * byL + byC * byC + byH * byH + rt * byC * byH));
    }

    private static double seventh(double chroma) {
        var power = Math.pow(chroma, 7);
        return power / (power + TWENTY_FIVE_7);
    }

    /** In degrees, 0 to 360; nought where there is none. */
    private static double hue(double a, double b) {
        if (a == 0 && b == 0) return 0;
        var degrees = Math.toDegrees(Math.atan2(b, a));
        return degrees < 0 ? degrees + 360 : degrees;
    }

    /** The shorter way round. */
    private static double turn(double degrees) {
        if (degrees > 180) return degrees - 360;
        return degrees < -180 ? degrees + 360 : degrees;
    }

    private static double mean(double h1, double h2) {
        if (Math.abs(h1 - h2) <= 180) return (h1 + h2) / 2;
        return h1 + h2 < 360 ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2;
    }

    private static double sin(double degrees) {
        return Math.sin(Math.toRadians(degrees));
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}
