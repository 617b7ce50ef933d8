package welumen.pattern.layer;

import java.util.List;

/**
 * A bend in the way of a covering over a build-up.
 *
 * @param angle by which the way turns, in radians, 0 to π
 */
public record Bend(Kind kind, double angle) {
    /** How a covering goes round it. */
    public enum Kind {
        /** Over a ridge, rounded or wrapped sharp round it. */
        CONVEX("over a ridge"),
        /** Over a ridge where the layers are mitred. */
        CONVEX_MITRED("over a mitred ridge"),
        /** In a hollow that is rounder than the build-up is thick. */
        CONCAVE_ROUNDED("in a round hollow"),
        /** In a sharp hollow. */
        CONCAVE_SHARP("in a sharp hollow");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Bend {
        if (!(angle >= 0 && angle <= Math.PI))
            throw new IllegalArgumentException("A bend by [%s] is not from 0 to π.".formatted(angle));
    }

    /** How much longer a covering gets over a build-up grown by that much, in mm; below nought where it gets shorter. */
    public double growthMm(double grownMm) {
        return switch (kind) {
            case CONVEX -> grownMm * angle;
            case CONVEX_MITRED -> 2 * grownMm * Math.tan(angle / 2);
            case CONCAVE_ROUNDED -> -grownMm * angle;
            case CONCAVE_SHARP -> -2 * grownMm * Math.tan(angle / 2);
        };
    }

    /** Of that, what comes to lie on each side of the bend, so that the bend itself stays where it is. */
    public double eachSideMm(double grownMm) {
        return growthMm(grownMm) / 2;
    }

    /** Over all bends of a way. */
    public static double growthMm(List<Bend> way, double grownMm) {
        return way.stream().mapToDouble(bend -> bend.growthMm(grownMm)).sum();
    }
}
