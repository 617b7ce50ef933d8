package welumen.pattern.relief;

import java.util.ArrayList;
import java.util.List;

/**
 * Straight channels across a panel, all of one width, so that the first and the last are whole.
 *
 * @param widthMm of a flute
 * @param blankMm how wide the cover is cut between its edges' finished lines, so that it fits once it is sewn
 */
public record Flutes(int count, double widthMm, double blankMm) {
    public Flutes {
        if (count < 1) throw new IllegalArgumentException("There are no flutes in it.");
    }

    /**
     * The number whose width comes nearest to the wanted one.
     *
     * @param takeUp by what factor the cover is longer than the panel: by {@link Crown#takeUp}, or as a test swatch says
     */
    public static Flutes across(double panelMm, double wantedMm, double takeUp) {
        if (!(panelMm > 0 && wantedMm > 0 && takeUp >= 1))
            throw new IllegalArgumentException(
                    "Flutes of [%s mm] across [%s mm] at [%s] are none.".formatted(wantedMm, panelMm, takeUp));
        var fewer = Math.max(1, (int) Math.floor(panelMm / wantedMm));
        var count =
                Math.abs(panelMm / fewer - wantedMm) <= Math.abs(panelMm / (fewer + 1) - wantedMm) ? fewer : fewer + 1;
        return new Flutes(count, panelMm / count, panelMm * takeUp);
    }

    /** Where its lines run on the cut blank, in mm from its finished edge; the edges themselves are seams. */
    public List<Double> linesMm() {
        var lines = new ArrayList<Double>();
        for (var i = 1; i < count; i++) lines.add(blankMm * i / count);
        return lines;
    }

    /** What a sewn test swatch says: its length before over after. */
    public static double swatch(double beforeMm, double afterMm) {
        if (!(afterMm > 0 && beforeMm >= afterMm))
            throw new IllegalArgumentException(
                    "A swatch of [%s mm] does not sew to [%s mm].".formatted(beforeMm, afterMm));
        return beforeMm / afterMm;
    }
}
