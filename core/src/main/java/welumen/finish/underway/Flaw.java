package welumen.finish.underway;

import welumen.shape.Point;

/**
 * What raking light showed on a surface, at its place.
 *
 * @param number from 1 on its surface
 * @param at in mm from the lower left of the part’s outline
 */
public record Flaw(int number, Kind kind, Point at, boolean isMended) {
    /** What it is, and how it is mended while it can be. */
    public enum Kind {
        DENT("dent", "fill it thin, and flat it with 400"),
        SCRATCH("scratch", "flat it out with 600, then 800"),
        DUST("dust", "nib it off with 1500, dry"),
        RUN("run", "let it harden, then block it level with 1500"),
        PINHOLE("pinhole", "stop it with fine filler, and flat it with 800");

        private final String word;
        private final String mends;

        Kind(String word, String mends) {
            this.word = word;
            this.mends = mends;
        }

        public String word() {
            return word;
        }

        public String mends() {
            return mends;
        }
    }

    Flaw mended() {
        return new Flaw(number, kind, at, true);
    }
}
