package welumen.pattern.relief;

/**
 * What sewing rows takes.
 *
 * @param lengthMm of all rows
 * @param stitches how many
 * @param threadMm of both threads, what is wasted at the ends counted
 * @param minutes at the machine, turning between the rows counted
 */
public record StitchWork(double lengthMm, int stitches, double threadMm, double minutes) {
    /** A needle thread and a bobbin thread, and what each stitch takes through the layers. */
    private static final double THREADS = 2;

    private static final double LEFT_AT_END_MM = 60;
    private static final double STITCHES_A_MINUTE = 350;
    private static final double TURN_MINUTES = 0.25;

    /**
     * @param stitchMm how long a stitch is
     * @param throughMm how thick what is sewn is under the foot
     */
    public static StitchWork of(SewnLines lines, double stitchMm, double throughMm) {
        if (!(stitchMm > 0 && throughMm >= 0))
            throw new IllegalArgumentException(
                    "Stitches of [%s mm] through [%s mm] are none.".formatted(stitchMm, throughMm));
        var length = lines.lengthMm();
        var stitches = (int) Math.ceil(length / stitchMm);
        return new StitchWork(
                length,
                stitches,
                THREADS * (length + stitches * throughMm + lines.rows().size() * LEFT_AT_END_MM),
                stitches / STITCHES_A_MINUTE + lines.rows().size() * TURN_MINUTES);
    }
}
