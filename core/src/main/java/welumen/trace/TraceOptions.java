package welumen.trace;

/**
 * What a photo cannot say.
 *
 * @param targetMm the side of a target's black square, as measured on the print
 * @param thicknessMm of the piece; 0 where it is thin
 */
public record TraceOptions(double targetMm, double thicknessMm) {
    public static final TraceOptions USUAL = new TraceOptions(80, 0);

    private static final double MOST_TARGET = 1000;
    private static final double MOST_THICK = 100;

    /** @throws IllegalArgumentException if the target is not over 0 and up to 1000 mm, or the thickness not from 0 to 100 */
    public TraceOptions {
        if (!(targetMm > 0 && targetMm <= MOST_TARGET))
            throw new IllegalArgumentException("A target of [%s mm] is not over 0 and up to 1000.".formatted(targetMm));
        if (!(thicknessMm >= 0 && thicknessMm <= MOST_THICK))
            throw new IllegalArgumentException("A thickness of [%s mm] is not from 0 to 100.".formatted(thicknessMm));
    }
}
