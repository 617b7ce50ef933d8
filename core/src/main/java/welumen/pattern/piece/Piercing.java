package welumen.pattern.piece;

import java.util.List;
import welumen.shape.Point;
import welumen.trace.Segment;

/**
 * A hole or slit at one place of a piece, too small to be an outline of its own.
 *
 * @param what it is for, “trim screw”; may be empty
 * @param sizeMm its diameter, or how long it is slit
 * @param degrees which way it is slit, counter-clockwise from the piece's x; of no meaning for a round hole
 */
public record Piercing(String what, Kind kind, Point at, double sizeMm, double degrees, Made made) {
    public static final double LARGEST_MM = 200;
    private static final double RING_SAG_MM = 0.02;

    /** How it is made. */
    public enum Kind {
        DRILLED("drilled", true),
        PUNCHED("punched", true),
        MELTED("melted", true),
        SLIT("slit", false),
        CROSS_SLIT("cross slit, turned in", false);

        private final String word;
        private final boolean isRound;

        Kind(String word, boolean isRound) {
            this.word = word;
            this.isRound = isRound;
        }

        public String word() {
            return word;
        }

        public boolean isRound() {
            return isRound;
        }
    }

    /** Where it is made. */
    public enum Made {
        ON_THE_BENCH("on the bench"),
        IN_THE_CAR("in the car");

        private final String word;

        Made(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** @throws IllegalArgumentException if its size is not over 0 and up to 200 mm */
    public Piercing {
        if (!(sizeMm > 0 && sizeMm <= LARGEST_MM))
            throw new IllegalArgumentException("A hole of [%s mm] is not over 0 and up to 200 mm.".formatted(sizeMm));
        if (!Double.isFinite(degrees)) throw new IllegalArgumentException("A slit wants a direction.");
    }

    /** The same one elsewhere. */
    public Piercing movedTo(Point to) {
        return new Piercing(what, kind, to, sizeMm, degrees, made);
    }

    /** Half of a slit, from its middle to one end; of the other half it is the opposite. */
    public Point halfSlit() {
        var turn = Math.toRadians(degrees);
        return new Point(Math.cos(turn), Math.sin(turn)).times(sizeMm / 2);
    }

    /** A round hole all round, its points that close together that it may be drawn by them. */
    public List<Point> ring() {
        return new Segment.Arc(at, sizeMm / 2, 0, 2 * Math.PI).points(RING_SAG_MM);
    }
}
