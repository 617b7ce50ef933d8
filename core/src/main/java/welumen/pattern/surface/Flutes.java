package welumen.pattern.surface;

import java.util.ArrayList;
import java.util.List;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * Straight channels across a panel, all of one width, so that the first and the last are whole.
 *
 * <p>Exact where all flutes stand alike; what padding takes up is {@link Crown}'s.
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

    /** Reads a swatch as {@code 220 to 200}; lengths as {@link Length} reads them. */
    public static Parsed<Double> swatch(String typed) {
        var lengths = typed.strip().split("\\s+to\\s+");
        var wrong = new Refused<Double>(
                "“%s” is no swatch. Type how long it was before and after, as 220 to 200.".formatted(typed.strip()));
        if (lengths.length != 2) return wrong;
        return Length.parse(lengths[0])
                .flatMap(before -> Length.parse(lengths[1])
                        .flatMap(after -> after.mm() > 0 && before.mm() >= after.mm()
                                ? new Understood<>(swatch(before.mm(), after.mm()))
                                : wrong));
    }

    /** What a sewn test swatch says: its length before over after. */
    public static double swatch(double beforeMm, double afterMm) {
        if (!(afterMm > 0 && beforeMm >= afterMm))
            throw new IllegalArgumentException(
                    "A swatch of [%s mm] does not sew to [%s mm].".formatted(beforeMm, afterMm));
        return beforeMm / afterMm;
    }
}
