package welumen.pattern;

import java.util.Optional;
import welumen.treatment.Matter;

/**
 * What a lockstitch takes: a stitch of length s through a thickness t about 2·s + 2·t of thread, half from the needle and half
 * from the bobbin; and 15 % more for starts, ends and breaks. All screens reckon thread by this.
 *
 * @param stitchMm the length of a stitch
 * @param throughMm what the needle goes through, in mm
 */
public record Lockstitch(double stitchMm, double throughMm) {
    public static final double USUAL_STITCH_MM = 4;

    private static final double SPARE = 1.15;
    private static final double LEATHER_MM = 1.3;
    private static final double VINYL_MM = 1.2;
    private static final double CLOTH_MM = 1;
    private static final double CARPET_MM = 5;
    /** Share of its height that is left of padding under the foot. */
    private static final double PRESSED = 0.4;

    /** @throws IllegalArgumentException if the stitch is not above nought, or the thickness below it */
    public Lockstitch {
        if (!(stitchMm > 0 && throughMm >= 0))
            throw new IllegalArgumentException(
                    "Stitches of [%s mm] through [%s mm] are none.".formatted(stitchMm, throughMm));
    }

    /** How thick a layer of a material usually is, in mm; what nobody can tell by its words is taken as leather. */
    public static double layerMm(String material) {
        return switch (Matter.of(material).orElse(Matter.LEATHER)) {
            case VINYL -> VINYL_MM;
            case CLOTH -> CLOTH_MM;
            case CARPET -> CARPET_MM;
            default -> LEATHER_MM;
        };
    }

    /** Two layers that are sewn together. */
    public static Lockstitch seam(double stitchMm, String one, String other) {
        return new Lockstitch(stitchMm, layerMm(one) + layerMm(other));
    }

    /** A cover over padding, as it is quilted; over a backing as thick as itself where there is no padding. */
    public static Lockstitch quilted(double stitchMm, String cover, Optional<Double> paddingMm) {
        return new Lockstitch(
                stitchMm, layerMm(cover) + paddingMm.map(mm -> mm * PRESSED).orElseGet(() -> layerMm(cover)));
    }

    /** Of both threads, for one stitch. */
    public double mmAStitch() {
        return 2 * stitchMm + 2 * throughMm;
    }

    /** Of both threads, with what is spare. @param rowsMm how long all rows are */
    public double threadMm(double rowsMm) {
        return rowsMm / stitchMm * mmAStitch() * SPARE;
    }
}
