package welumen.pattern.piece;

import welumen.shape.Point;

/** What is sewn into the face of a piece over padding. */
public sealed interface Surface {
    record Plain() implements Surface {}

    /**
     * Straight channels.
     *
     * @param wantedMm how wide one is wanted; the panel takes a whole number of them
     * @param degrees the way in which their lines run, counter-clockwise from the piece's x
     * @param takeUp by what factor the cover is cut wider, across the lines
     */
    record Fluted(double wantedMm, double degrees, double takeUp) implements Surface {
        public Fluted {
            check(wantedMm, takeUp);
            if (!Double.isFinite(degrees)) throw new IllegalArgumentException("Flutes want a direction.");
        }
    }

    /**
     * Diamonds, whole ones all over one lattice, so that it can go on across a seam.
     *
     * @param through a place where two rows of stitches cross
     * @param degrees the way of a diamond's width, counter-clockwise from the piece's x
     * @param wideMm from tip to tip
     * @param highMm from tip to tip
     * @param takeUpWide by what factor the cover is cut larger along the width
     * @param takeUpHigh and along the height
     */
    record Quilted(Point through, double degrees, double wideMm, double highMm, double takeUpWide, double takeUpHigh)
            implements Surface {
        public Quilted {
            check(wideMm, takeUpWide);
            check(highMm, takeUpHigh);
            if (!Double.isFinite(degrees)) throw new IllegalArgumentException("Diamonds want a direction.");
        }

        /** How long a diamond's side is, in mm. */
        public double sideMm() {
            return Math.hypot(wideMm, highMm) / 2;
        }

        /** Between its sides at its upper tip, in degrees. */
        public double pointed() {
            return 2 * Math.toDegrees(Math.atan2(wideMm, highMm));
        }
    }

    /**
     * Rows of holes, each row set off by half a pitch against the one before.
     *
     * @param pitchMm from hole to hole along a row
     * @param holeMm across a hole
     * @param degrees the way of the rows, counter-clockwise from the piece's x
     */
    record Perforated(double pitchMm, double holeMm, double degrees) implements Surface {
        public Perforated {
            if (!(pitchMm >= 2 && pitchMm <= 200))
                throw new IllegalArgumentException("A pitch of [%s mm] is not from 2 to 200 mm.".formatted(pitchMm));
            if (!(holeMm >= 0.5 && holeMm <= pitchMm / 2))
                throw new IllegalArgumentException(
                        "Holes of [%s mm] every %s mm would tear out: half the pitch is the most."
                                .formatted(holeMm, pitchMm));
            if (!Double.isFinite(degrees)) throw new IllegalArgumentException("Rows of holes want a direction.");
        }
    }

    /**
     * Pleats that are folded and pressed, not padded: caught at both ends alone.
     *
     * @param wantedMm how wide one is seen; the panel takes a whole number of them
     * @param degrees the way in which their folds run, counter-clockwise from the piece's x
     * @param foldMm how deep the cloth is folded under at each fold
     */
    record Pleated(double wantedMm, double degrees, double foldMm) implements Surface {
        public Pleated {
            check(wantedMm, 1);
            if (!(foldMm >= 2 && foldMm <= wantedMm))
                throw new IllegalArgumentException(
                        "Folds of [%s mm] under pleats of %s mm: from 2 mm up to a pleat's width, so that they do not overlap."
                                .formatted(foldMm, wantedMm));
            if (!Double.isFinite(degrees)) throw new IllegalArgumentException("Pleats want a direction.");
        }
    }

    private static void check(double mm, double takeUp) {
        if (!(mm >= 5 && mm <= 1000))
            throw new IllegalArgumentException("A width of [%s mm] is not from 5 to 1000 mm.".formatted(mm));
        if (!(takeUp >= 1 && takeUp <= 2))
            throw new IllegalArgumentException("A take-up of [%s] is not from 1 to 2.".formatted(takeUp));
    }
}
