package welumen.pattern;

/** What happens to the patterns of a job. */
public sealed interface PatternChange {
    /** A piece is drawn, or drawn anew under its name. */
    record PieceDrawn(Piece piece) implements PatternChange {}

    /** Two edges are sewn to each other; in place of what either was sewn to before. */
    record SeamJoined(Seam seam) implements PatternChange {}

    record SeamTakenApart(Seam seam) implements PatternChange {}

    /** @param edge which one, from 0 */
    record EdgeFinished(String piece, int edge, EdgeFinish finish, double allowanceMm) implements PatternChange {}
}
