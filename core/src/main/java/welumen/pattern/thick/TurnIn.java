package welumen.pattern.thick;

/**
 * What is turned in over a board's edge.
 *
 * @param turnMm how far it is glued behind, from the board's outline
 * @param coverMm how thick the cover is: it goes round the board by its own middle
 * @param roundedMm the radius to which both rims of the board's edge are rounded; half of the board at the most
 */
public record TurnIn(double boardMm, double paddingMm, double turnMm, double coverMm, double roundedMm) {
    public static final double USUAL_TURN_MM = 20;

    /** Length in mm that one slit or notch may take. */
    private static final double MOST_EACH_MM = 6;

    public TurnIn {
        if (!(boardMm >= 0 && paddingMm >= 0 && turnMm > 0 && coverMm >= 0))
            throw new IllegalArgumentException(
                    "A turn-in of [%s, %s, %s, %s mm] is none.".formatted(boardMm, paddingMm, turnMm, coverMm));
        if (!(roundedMm >= 0 && roundedMm <= boardMm / 2))
            throw new IllegalArgumentException("The edge of a board of %s mm can be rounded by 0 to %s mm, not by %s."
                    .formatted(boardMm, boardMm / 2, roundedMm));
    }

    /** Round a sharp edge. */
    public TurnIn(double boardMm, double paddingMm, double turnMm) {
        this(boardMm, paddingMm, turnMm, 0, 0);
    }

    /** As an edge's allowance has it: the usual turn, and what is left of it for the board and its padding. */
    public static TurnIn within(double allowanceMm) {
        var turn = Math.min(USUAL_TURN_MM, allowanceMm);
        return new TurnIn(allowanceMm - turn, 0, turn);
    }

    /** How far beyond the board's edge the cover is cut. */
    public double allowanceMm() {
        return boardMm + paddingMm + turnMm + roundingMm();
    }

    /** The same as it is cut: up to the next half of a mm. */
    public double cutMm() {
        return Math.ceil(2 * allowanceMm() - 1e-9) / 2;
    }

    /**
     * What the cover's own thickness adds on its way round two rims of 90°, and what their rounding saves: each is a quarter
     * of a round of radius r + c/2 where there were r before it and r after.
     */
    public double roundingMm() {
        return 2 * (Math.PI / 2 * (roundedMm + coverMm / 2) - 2 * roundedMm);
    }

    /** How much too long, or too short, the turned edge is round a curve that turns by that angle in radians, in mm. */
    public double surplusMm(double angle) {
        return turnMm * Math.abs(angle);
    }

    /** How many slits, or notches in V, such a curve wants; none where one would take less than a mm. */
    public int reliefs(double angle) {
        return surplusMm(angle) < 1 ? 0 : (int) Math.ceil(surplusMm(angle) / MOST_EACH_MM - 1e-9);
    }

    /** How far apart they lie on a curve of that radius, in mm. */
    public double apartMm(double radiusMm) {
        return radiusMm * MOST_EACH_MM / turnMm;
    }
}
