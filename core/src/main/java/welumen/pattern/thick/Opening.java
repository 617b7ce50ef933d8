package welumen.pattern.thick;

/**
 * An opening in a wrapped board and what drops into it, along one axis.
 *
 * @param finishedMm how wide the opening is to be once all is covered
 * @param coverMm what turns over the edge of the board that drops in: its cover, and a membrane where that turns it too
 * @param liningMm what turns over the opening's edge
 * @param gapMm what is left between them at either side
 */
public record Opening(double finishedMm, double coverMm, double liningMm, double gapMm) {
    public static final double USUAL_GAP_MM = 0.5;

    public Opening {
        if (!(finishedMm > 0 && coverMm >= 0 && liningMm >= 0 && gapMm >= 0))
            throw new IllegalArgumentException(
                    "An opening of [%s, %s, %s, %s mm] is none.".formatted(finishedMm, coverMm, liningMm, gapMm));
    }

    /** How wide the board that drops into a bare opening of that width is cut. */
    public double dropInMm() {
        return finishedMm - 2 * (coverMm + liningMm + gapMm);
    }

    /** How wide the hole in a board is cut so that a finished part of that width goes in. */
    public double cutMm() {
        return finishedMm + 2 * (coverMm + liningMm + gapMm);
    }

    /** How deep an insert that bolts through a panel is let in, so that its face lies flush: as its cover and padding are. */
    public static double recessMm(double coverMm, double paddingMm) {
        return coverMm + paddingMm;
    }

    /** The working, as one would write it on the board. */
    public String working() {
        return "%.1f − 2 × (%.1f + %.1f + %.1f) = %.1f".formatted(finishedMm, coverMm, liningMm, gapMm, dropInMm());
    }
}
