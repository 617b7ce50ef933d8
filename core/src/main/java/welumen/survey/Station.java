package welumen.survey;

import welumen.strip.reach.CoverMap;

/**
 * A place on an edge at which a bought part is measured against where it must reach. The two ways of being wrong are not
 * alike: what is over can be trimmed, what is short cannot.
 *
 * @param where its name, “front at the sill”
 * @param overMm how far the part reaches beyond, in mm; below nought where it is short
 * @param coveredMm by how much another part laps this place, in mm; 0 where it shows
 */
public record Station(String where, double overMm, double coveredMm) {
    /** Excess in mm that needs no knife; nor does half of a lap, under which it lies flat. */
    private static final double LIES_MM = 2;

    /** Difference in mm that nobody sees, nor measures with a steel rule. */
    private static final double SEEN_MM = 0.5;

    /** What a measure means for the edge. */
    public enum Verdict {
        LIES("lies right"),
        TRIM("to be trimmed"),
        HIDDEN("short, but hidden"),
        SHORT("too short");

        private final String word;

        Verdict(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Station {
        if (!Double.isFinite(overMm) || !(coveredMm >= 0))
            throw new IllegalArgumentException("The measure at [%s] is no length.".formatted(where));
    }

    public Verdict verdict() {
        if (overMm >= -SEEN_MM)
            return overMm <= Math.max(LIES_MM, CoverMap.safeLong(coveredMm)) ? Verdict.LIES : Verdict.TRIM;
        return showsMm() <= SEEN_MM ? Verdict.HIDDEN : Verdict.SHORT;
    }

    /** How much of the shortness shows. */
    public double showsMm() {
        return Math.max(0, -overMm - CoverMap.safeShort(coveredMm));
    }
}
