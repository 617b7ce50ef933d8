package welumen.pattern;

import java.time.LocalDate;
import java.util.List;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/**
 * A try of a piece before it is cut from dear stock, or left long: in card, in paper, in cloth, or the piece itself laid in dry.
 *
 * @param number from 1, each try of a piece one more
 * @param changed what was changed since the one before; may be empty
 * @param found how it fitted
 * @param settledHours how long it lay, or hung, before it was judged
 * @param photos the content hashes of its photos
 * @param outline the finished line as it was tried; empty where an older Welumen did not keep it
 */
public record Trial(
        String piece,
        int number,
        Of of,
        String changed,
        String found,
        double settledHours,
        boolean isAccepted,
        LocalDate day,
        List<String> photos,
        List<Point> outline) {
    /** Distance in mm by which a line may have moved since, rounded in a file and back, and be the one that was tried. */
    private static final double SAME_MM = 0.5;

    /** What is tried. */
    public enum Of {
        CARD("card"),
        PAPER("paper"),
        CLOTH("cloth"),
        DRY_FIT("dry fit");

        private final String word;

        Of(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** @throws IllegalArgumentException if its number is under 1, or it settled for less than no time */
    public Trial {
        if (number < 1) throw new IllegalArgumentException("A trial's number is from 1.");
        if (!(settledHours >= 0)) throw new IllegalArgumentException("A trial settles for some hours, or none.");
        photos = List.copyOf(photos);
        outline = List.copyOf(outline);
    }

    /** How far a line lies from the one that was tried, in mm; nought where that is not known. */
    public double drawnOtherwiseMm(Outline now) {
        if (outline.size() < 3) return 0;
        var mm = DiscreteHausdorffDistance.distance(
                Planar.polygon(new Outline(outline)).getExteriorRing(),
                Planar.polygon(now).getExteriorRing());
        return mm <= SAME_MM ? 0 : mm;
    }
}
