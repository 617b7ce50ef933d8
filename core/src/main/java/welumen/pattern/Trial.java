package welumen.pattern;

import java.time.LocalDate;

/**
 * A try of a piece before it is cut from dear stock, or left long: in card, in paper, in cloth, or the piece itself laid in dry.
 *
 * @param number from 1, each try of a piece one more
 * @param changed what was changed since the one before; may be empty
 * @param found how it fitted
 * @param settledHours how long it lay, or hung, before it was judged
 */
public record Trial(
        String piece,
        int number,
        Of of,
        String changed,
        String found,
        double settledHours,
        boolean isAccepted,
        LocalDate day) {
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
    }
}
