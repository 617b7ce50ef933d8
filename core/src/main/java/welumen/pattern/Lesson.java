package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

/**
 * What doing the first side taught for the second.
 *
 * @param piece the one it was learnt on
 * @param order what is to be done in another order, or otherwise; may be empty
 * @param minutes how long the first side took; nought where nobody has said
 * @param takenBy the pieces that were corrected by it
 */
public record Lesson(String piece, List<Correction> corrections, String order, double minutes, List<String> takenBy) {
    /**
     * An edge that would have been better elsewhere.
     *
     * @param edge which one of the piece, from 0
     * @param outMm how much farther out; below nought farther in
     * @param ends where it began and ended when it was learnt, so that it is known again once the piece has other edges;
     *     empty where an earlier Welumen learnt it
     */
    public record Correction(int edge, double outMm, List<Point> ends) {
        public Correction {
            ends = List.copyOf(ends);
        }

        /** As it is drawn on a piece now. */
        public static Correction of(Piece piece, int edge, double outMm) {
            var run = piece.run(edge);
            return new Correction(edge, outMm, List.of(run.getFirst(), run.getLast()));
        }
    }

    public Lesson {
        corrections = List.copyOf(corrections);
        takenBy = List.copyOf(takenBy);
        if (!(minutes >= 0)) throw new IllegalArgumentException("A side takes some minutes, or none.");
    }

    Lesson takenBy(String other) {
        var more = new ArrayList<>(takenBy);
        more.add(other);
        return new Lesson(piece, corrections, order, minutes, more);
    }
}
