package welumen.pattern.strip;

/**
 * Cord in a strip, sewn between two edges.
 *
 * @param cordMm the cord's diameter
 * @param coverMm how thick the strip's material is
 * @param flangeMm what lies in the seam
 */
public record Piping(double cordMm, double coverMm, double flangeMm) {
    public static final double USUAL_FLANGE_MM = 10;

    public Piping {
        if (!(cordMm > 0 && coverMm > 0 && flangeMm > 0))
            throw new IllegalArgumentException(
                    "Piping of [%s, %s, %s mm] is none.".formatted(cordMm, coverMm, flangeMm));
    }

    /** The width of the strip in mm: once round the cord in the middle of the cover, and both flanges. */
    public double widthMm() {
        return Math.PI * (cordMm + coverMm) + 2 * flangeMm;
    }
}
