package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.PatternChange.SeamTakenApart;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Piece;

/** A seam whose one edge was made fuller: the difference is wanted from then on, to be eased or gathered in. */
final class Gathered {
    private Gathered() {}

    static List<PatternChange> after(Patterns patterns, Piece full, int edge, double mm) {
        var changes = new ArrayList<PatternChange>();
        changes.add(new PieceDrawn(full));
        for (var seam : patterns.seams()) {
            var isOne = is(seam.one(), full, edge);
            if (!isOne && !is(seam.other(), full, edge)) continue;
            var ease = isOne ? seam.easeMm() - mm : seam.easeMm() + mm;
            changes.add(new SeamTakenApart(seam));
            // the longer edge stands as the other one
            changes.add(new SeamJoined(
                    ease >= 0 ? seam.eased(ease) : new Seam(seam.other(), seam.one(), -ease, seam.isTopstitched())));
        }
        return changes;
    }

    private static boolean is(Side side, Piece piece, int edge) {
        return side.piece().equals(piece.id()) && side.edge() == edge;
    }
}
