package welumen.stores;

import java.util.List;
import java.util.Locale;
import welumen.measure.Lengths;

/**
 * Measures out lockstitch thread: a stitch of length s through thickness t takes about 2·s + 2·t in all, half from the
 * needle and half from the bobbin, and 15 % is added for starts, ends and breaks.
 */
public final class SewingThread {
    /**
     * @param stitchMm the length of a stitch
     * @param thicknessMm what the needle goes through
     * @param bobbinMetres what one bobbin holds
     */
    public record Setting(double stitchMm, double thicknessMm, double bobbinMetres) {
        public static final Setting LEATHER = new Setting(4, 2.6, 60);

        public Setting {
            if (!(stitchMm > 0 && thicknessMm >= 0 && bobbinMetres > 0))
                throw new IllegalArgumentException("The stitch [%s mm] through [%s mm] from bobbins of [%s m] is none."
                        .formatted(stitchMm, thicknessMm, bobbinMetres));
        }
    }

    private static final double SPARE = 1.15;

    private SewingThread() {}

    /** Metres of thread, needle and bobbin together, for so many mm of stitch rows. */
    public static double metres(double rowsMm, Setting setting) {
        var stitches = rowsMm / setting.stitchMm();
        return stitches * (2 * setting.stitchMm() + 2 * setting.thicknessMm()) * SPARE / 1000;
    }

    public static int bobbins(double rowsMm, Setting setting) {
        return (int) Math.ceil(metres(rowsMm, setting) / 2 / setting.bobbinMetres() - 1e-9);
    }

    public static Need need(double rowsMm, Setting setting) {
        var metres = metres(rowsMm, setting);
        var bobbins = bobbins(rowsMm, setting);
        var amount = String.format(Locale.ROOT, "%.0f m", Math.ceil(metres));
        return new Need(
                "sewing thread",
                amount,
                amount + " of sewing thread",
                List.of(
                        String.format(
                                Locale.ROOT,
                                "%.2f m of stitch rows, %s a stitch",
                                rowsMm / 1000,
                                Lengths.near(setting.stitchMm())),
                        String.format(
                                Locale.ROOT,
                                "each stitch takes 2 × %.1f + 2 × %.1f = %s; with 15 %% spare %.1f m",
                                setting.stitchMm(),
                                setting.thicknessMm(),
                                Lengths.said(2 * setting.stitchMm() + 2 * setting.thicknessMm()),
                                metres),
                        String.format(
                                Locale.ROOT,
                                "half of it from bobbins of %.0f m: %d to wind",
                                setting.bobbinMetres(),
                                bobbins)));
    }
}
