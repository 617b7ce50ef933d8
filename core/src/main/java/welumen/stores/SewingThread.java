package welumen.stores;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import welumen.measure.Lengths;
import welumen.pattern.Patterns;
import welumen.stores.Need.Unit;

/** The sewing thread that a job needs, needle and bobbin together. */
public final class SewingThread {
    private static final double BOBBIN_METRES = 60;
    private static final double MM_A_METRE = 1000;

    private SewingThread() {}

    /** Empty where nothing is sewn. */
    public static Optional<Need> need(Patterns patterns) {
        var rows = SewnRows.of(patterns);
        if (rows.isEmpty()) return Optional.empty();
        var metres = rows.stream().mapToDouble(SewnRows::threadMm).sum() / MM_A_METRE;
        var working = new ArrayList<String>();
        for (var row : rows) working.add(said(row));
        working.add(String.format(
                Locale.ROOT,
                "%.1f m in all; half of it from bobbins of %.0f m: %d to wind",
                metres,
                BOBBIN_METRES,
                bobbins(metres)));
        return Optional.of(new Need("sewing thread", Math.ceil(metres), Unit.METRE, false, List.copyOf(working)));
    }

    static int bobbins(double metres) {
        return (int) Math.ceil(metres / 2 / BOBBIN_METRES - 1e-9);
    }

    private static String said(SewnRows row) {
        var stitch = row.stitch();
        return String.format(
                Locale.ROOT,
                "%s: %.2f m of rows, each stitch takes 2 × %.1f + 2 × %.1f = %s; with 15 %% spare %.1f m",
                row.what(),
                row.lengthMm() / MM_A_METRE,
                stitch.stitchMm(),
                stitch.throughMm(),
                Lengths.said(stitch.mmAStitch()),
                row.threadMm() / MM_A_METRE);
    }
}
