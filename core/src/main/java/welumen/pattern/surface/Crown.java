package welumen.pattern.surface;

/**
 * How much longer a cover is over a round than across it.
 *
 * <p>By the arc of a circle, exact for it; a real crown between two rows is flatter at its stitches, which a trial
 * strip shows.
 */
public final class Crown {
    /** Share of its thickness to which a stitch presses padding. */
    private static final double PRESSED = 0.45;

    private Crown() {}

    /** How far padding stands above the stitches, in mm. */
    public static double heightMm(double paddingMm) {
        return (1 - PRESSED) * paddingMm;
    }

    /** The arc over a chord of that width that stands so high, in mm; for any crown, a deep one too. */
    public static double arcMm(double widthMm, double heightMm) {
        if (!(widthMm > 0 && heightMm >= 0))
            throw new IllegalArgumentException("There is no arc [%s mm] over [%s mm].".formatted(heightMm, widthMm));
        if (heightMm == 0) return widthMm;
        var radius = (widthMm * widthMm / 4 + heightMm * heightMm) / (2 * heightMm);
        return 4 * radius * Math.atan(2 * heightMm / widthMm);
    }

    /** How much cover a width takes, as a factor: 1.12 for an eighth more. */
    public static double takeUp(double widthMm, double paddingMm) {
        return arcMm(widthMm, heightMm(paddingMm)) / widthMm;
    }
}
