package welumen.colour;

/**
 * A colour as CIE 1976 L*a*b*, at 10°.
 *
 * @param l lightness, 0 to 100
 * @param a redder above nought, greener below
 * @param b yellower above nought, bluer below
 */
public record Lab(double l, double a, double b) {
    private static final double MOST = 200;
    private static final double EPSILON = 216.0 / 24389;
    private static final double KAPPA = 24389.0 / 27;

    /** @throws IllegalArgumentException if no surface has it */
    public Lab {
        if (!(l >= 0 && l <= 100.5 && Math.abs(a) <= MOST && Math.abs(b) <= MOST))
            throw new IllegalArgumentException(
                    "L* %s, a* %s, b* %s is no colour of a surface: L* is 0 to 100.".formatted(l, a, b));
    }

    public static Lab of(Reflectance reflectance, Illuminant illuminant) {
        var at = new double[Reflectance.COUNT];
        for (var i = 0; i < at.length; i++) at[i] = reflectance.at(i);
        return of(at, illuminant);
    }

    /** The same of bare shares, for what is reckoned many times over. */
    public static Lab of(double[] shares, Illuminant illuminant) {
        var observer = Observer.under(illuminant);
        var xyz = observer.xyz(shares);
        var white = observer.white();
        var x = f(xyz[0] / white[0]);
        var y = f(xyz[1] / white[1]);
        var z = f(xyz[2] / white[2]);
        return new Lab(Math.max(0, 116 * y - 16), 500 * (x - y), 200 * (y - z));
    }

    private static double f(double t) {
        return t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116;
    }

    /** X, Y and Z under D65, with 100 as the Y of white. */
    double[] xyz() {
        var white = Observer.under(Illuminant.D65).white();
        var y = (l + 16) / 116;
        return new double[] {white[0] * inverse(y + a / 500), white[1] * inverse(y), white[2] * inverse(y - b / 200)};
    }

    private static double inverse(double f) {
        var cube = f * f * f;
        return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
    }

    public double chroma() {
        return Math.hypot(a, b);
    }

    public Lab plus(double moreL, double moreA, double moreB) {
        return new Lab(Math.clamp(l + moreL, 0, 100), a + moreA, b + moreB);
    }
}
