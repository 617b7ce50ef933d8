package welumen.pattern.thick;

/**
 * What is turned in over a board's edge.
 *
 * @param turnMm how far it is glued behind
 */
public record TurnIn(double boardMm, double paddingMm, double turnMm) {
    public static final double USUAL_TURN_MM = 20;

    /** What one slit or notch may take. */
    private static final double MOST_EACH_MM = 6;

    public TurnIn {
        if (!(boardMm >= 0 && paddingMm >= 0 && turnMm > 0))
            throw new IllegalArgumentException(
                    "A turn-in of [%s, %s, %s mm] is none.".formatted(boardMm, paddingMm, turnMm));
    }

    /** As an edge's allowance has it: the usual turn, and what is left of it for the board and its padding. */
    public static TurnIn within(double allowanceMm) {
        var turn = Math.min(USUAL_TURN_MM, allowanceMm);
        return new TurnIn(allowanceMm - turn, 0, turn);
    }

    /** How far beyond the board's edge the cover is cut. */
    public double allowanceMm() {
        return boardMm + paddingMm + turnMm;
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
