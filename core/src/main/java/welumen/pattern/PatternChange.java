package welumen.pattern;

/** What happens to the patterns of a job. */
public sealed interface PatternChange {
    /** A piece is drawn, or drawn anew under its name. */
    record PieceDrawn(Piece piece) implements PatternChange {}

    /** @param edge which one, from 0 */
    record EdgeFinished(String piece, int edge, EdgeFinish finish, double allowanceMm) implements PatternChange {}
}
