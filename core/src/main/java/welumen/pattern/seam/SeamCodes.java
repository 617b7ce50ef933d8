package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;
import welumen.shape.Run;

/**
 * Codes chalked at both ends of every edge that is sewn, so that no piece can be sewn to another's edge, or back to front:
 * a letter for the seam, 1 at the end where its first edge begins and 2 at the other. Like goes to like.
 */
public final class SeamCodes {
    private static final int LETTERS = 26;
    /** Place of a code: a share of the edge from its corner, and in from the edge. */
    private static final double ALONG = 0.22;

    private static final double MOST_ALONG_MM = 60;
    private static final double IN_MM = 7;

    private SeamCodes() {}

    /** @param at on the piece, beside the end that it marks */
    public record Code(int edge, Point at, String word) {}

    /** Of one piece; where two are cut of it, each code says for which. */
    public static List<Code> on(Piece piece, Patterns patterns) {
        var seams = patterns.seams();
        var codes = new ArrayList<Code>();
        for (var i = 0; i < seams.size(); i++) {
            var seam = seams.get(i);
            if (seam.one().piece().equals(piece.id())) ends(piece, seam.one(), letter(i), "1", "2", codes);
            if (seam.other().piece().equals(piece.id())) ends(piece, seam.other(), letter(i), "2", "1", codes);
        }
        return List.copyOf(codes);
    }

    /** A, B … Z, AA, AB … */
    public static String letter(int seam) {
        var last = Character.toString((char) ('A' + seam % LETTERS));
        return seam < LETTERS ? last : letter(seam / LETTERS - 1) + last;
    }

    private static void ends(Piece piece, Seam.Side side, String letter, String begins, String ends, List<Code> codes) {
        if (side.edge() >= piece.edges().size()) return;
        var run = new Run(piece.run(side.edge()));
        var along = Math.min(MOST_ALONG_MM, ALONG * run.lengthMm());
        var hand = hand(piece.pairing(), side.copy());
        codes.add(new Code(side.edge(), inside(run, along), letter + begins + hand));
        codes.add(new Code(side.edge(), inside(run, run.lengthMm() - along), letter + ends + hand));
    }

    private static String hand(Pairing pairing, int copy) {
        return switch (pairing) {
            case ONE -> "";
            case TWO_ALIKE -> copy == 0 ? " first" : " second";
            case LEFT_AND_RIGHT -> copy == 0 ? " left" : " right";
        };
    }

    /** To the left of the way along, where the piece lies. */
    private static Point inside(Run run, double atMm) {
        var before = run.at(Math.max(0, atMm - 0.5));
        var after = run.at(Math.min(run.lengthMm(), atMm + 0.5));
        var length = before.to(after);
        var in = new Point((before.y() - after.y()) / length, (after.x() - before.x()) / length);
        return run.at(atMm).plus(in.times(IN_MM));
    }
}
