package welumen.cut.forecast;

/**
 * Hides as they are usually counted, by area alone.
 *
 * <p>Exact arithmetic on a yield that is a mean: it knows nothing of large pieces, grades or flaws, and so errs on
 * the side of too few where those matter.
 *
 * @param netMm2 of the pieces, with their allowances
 * @param yield the share of a hide that becomes pieces
 * @param hideMm2 of a hide, on the mean
 */
public record AreaCount(double netMm2, double yield, double hideMm2) {
    /** @throws IllegalArgumentException if a hide has no area, or nothing of it becomes pieces */
    public AreaCount {
        if (!(netMm2 >= 0 && yield > 0 && yield <= 1 && hideMm2 > 0))
            throw new IllegalArgumentException("Hides of [%s mm²] used by [%s] are none.".formatted(hideMm2, yield));
    }

    /** The same for so much of pieces. */
    AreaCount withNet(double otherMm2) {
        return new AreaCount(otherMm2, yield, hideMm2);
    }

    /** Of hides, with what is lost between the pieces. */
    public double grossMm2() {
        return netMm2 / yield;
    }

    /** How many hides that is, not rounded. */
    public double wanted() {
        return grossMm2() / hideMm2;
    }

    /** How many are bought. */
    public int hides() {
        return (int) Math.ceil(wanted() - 1e-9);
    }

    /** What those have over the pieces, as pieces. */
    public double spareMm2() {
        return hides() * hideMm2 * yield - netMm2;
    }
}
