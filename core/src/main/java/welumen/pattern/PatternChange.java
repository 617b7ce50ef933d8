package welumen.pattern;

import java.util.List;
import welumen.cabin.PartId;
import welumen.pattern.layer.Layers;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;

/** What happens to the patterns of a job. */
public sealed interface PatternChange {
    /** A piece is drawn, or drawn anew under its name. */
    record PieceDrawn(Piece piece) implements PatternChange {}

    /** What a piece was made of, by parting one or joining two. */
    record PieceMadeOf(String piece, List<Parent> parents) implements PatternChange {
        public PieceMadeOf {
            parents = List.copyOf(parents);
        }

        /** @param name what it was called, since it is not there any more */
        public record Parent(String piece, String name) {
            public static Parent of(Piece piece) {
                return new Parent(piece.id(), piece.name());
            }
        }
    }

    /** A piece is not part of the pattern any more, and neither are its seams. */
    record PieceDropped(String piece) implements PatternChange {}

    /** Two edges are sewn to each other; in place of what either was sewn to before. */
    record SeamJoined(Seam seam) implements PatternChange {}

    record SeamTakenApart(Seam seam) implements PatternChange {}

    /** @param edge which one, from 0 */
    record EdgeFinished(String piece, int edge, EdgeFinish finish, double allowanceMm) implements PatternChange {}

    /** An edge is cut longer until the piece has been fitted, or as it will stay, where that is nought. */
    record EdgeLeftLong(String piece, int edge, double mm) implements PatternChange {}

    record TrialNoted(Trial trial) implements PatternChange {}

    /** A piece is not cut yet, since something is awaited. */
    record CutHeld(String piece, String awaited) implements PatternChange {}

    record CutFreed(String piece) implements PatternChange {}

    /** What two sides measure at a place, in place of what was measured there before. */
    record StationMeasured(String piece, SideStation station) implements PatternChange {}

    /** In place of what was measured there before. */
    record ClearanceMeasured(Clearance clearance) implements PatternChange {}

    /** What a piece of padding is, in place of what was said before. */
    record PaddingSaid(String piece, Padding padding) implements PatternChange {}

    /** In place of one of the same name. */
    record LikenessWanted(Likeness likeness) implements PatternChange {}

    record LikenessDropped(String what) implements PatternChange {}

    /** The first side taught something. */
    record LessonLearnt(Lesson lesson) implements PatternChange {}

    /** @param lesson which one, from 0 */
    record LessonTaken(int lesson, String piece) implements PatternChange {}

    /** What lies beneath the covering of a part, in place of what was said before. */
    record LayersSaid(PartId part, Layers layers) implements PatternChange {}

    /** A figure that somebody has typed at the bench for a part, as it was typed with its unit; empty to take it back. */
    record FigureSaid(PartId part, String what, String typed) implements PatternChange {}

    record CuttingAllowed(CutAllowed allowed) implements PatternChange {}
}
