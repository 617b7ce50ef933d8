package welumen.pattern.strip;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Strips cut at 45° across a roll, so that woven cloth stretches round a bend: side by side from one corner, each from
 * selvedge to selvedge.
 *
 * @param strips what is cut and how it is joined, as of straight ones
 * @param widthMm of a strip
 * @param rollMm how wide the roll is
 */
public record BiasPlan(StripPlan strips, double widthMm, double rollMm) {
    private static final double SLANT = Math.sqrt(2);

    /**
     * @param runsMm the edges that are to be bound
     * @param foldMm what each run folds over at either end
     * @throws IllegalArgumentException if the roll is too narrow for a strip that can be used
     */
    public static BiasPlan of(List<Double> runsMm, double widthMm, double foldMm, double rollMm) {
        return new BiasPlan(StripPlan.of(runsMm, widthMm, foldMm, lengthMm(widthMm, rollMm)), widthMm, rollMm);
    }

    /** How long the shorter of a strip's sides is between its slanted ends: what can be used of it. */
    private static double lengthMm(double widthMm, double rollMm) {
        return rollMm * SLANT - widthMm;
    }

    /** How much of the roll they take, with the corner that is lost at either end. */
    public double usedMm() {
        return strips.strips() == 0 ? 0 : rollMm + strips.strips() * widthMm * SLANT;
    }

    /** Where each is cut: x along the roll from the cut end, y across. */
    public List<Outline> outlines() {
        var outlines = new ArrayList<Outline>();
        var along = widthMm * SLANT;
        for (var i = 0; i < strips.strips(); i++)
            outlines.add(new Outline(List.of(
                    new Point(i * along, 0),
                    new Point((i + 1) * along, 0),
                    new Point((i + 1) * along + rollMm, rollMm),
                    new Point(i * along + rollMm, rollMm))));
        return outlines;
    }
}
