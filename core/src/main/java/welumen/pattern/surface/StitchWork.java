package welumen.pattern.surface;

import welumen.pattern.Lockstitch;

/**
 * What sewing rows takes.
 *
 * @param lengthMm of all rows
 * @param stitches how many
 * @param threadMm of both threads, with what is spare
 * @param minutes at the machine, turning between the rows counted
 */
public record StitchWork(double lengthMm, int stitches, double threadMm, double minutes) {
    private static final double STITCHES_A_MINUTE = 350;
    private static final double TURN_MINUTES = 0.25;

    public static StitchWork of(SewnLines lines, Lockstitch stitch) {
        var length = lines.lengthMm();
        var stitches = (int) Math.ceil(length / stitch.stitchMm());
        return new StitchWork(
                length,
                stitches,
                stitch.threadMm(length),
                stitches / STITCHES_A_MINUTE + lines.rows().size() * TURN_MINUTES);
    }
}
