package welumen.pattern;

import java.util.ArrayList;
import java.util.List;

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
     */
    public record Correction(int edge, double outMm) {}

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
