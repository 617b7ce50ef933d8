package welumen.pattern;

import java.util.List;
import welumen.shape.Point;

/**
 * One edge of a piece on its finished line.
 *
 * @param name what it meets, “to the bolster”; may be empty
 * @param line its points in mm, from its first corner up to but without the next edge's first corner
 * @param allowanceMm how far outside the finished line it is cut, in mm
 */
public record Edge(String name, List<Point> line, EdgeFinish finish, double allowanceMm) {
    public static final double LARGEST_ALLOWANCE = 300;

    /** @throws IllegalArgumentException if it has no point, or an allowance not between 0 and 300 mm */
    public Edge {
        line = List.copyOf(line);
        if (line.isEmpty()) throw new IllegalArgumentException("The edge [%s] has no points.".formatted(name));
        if (!(allowanceMm >= 0 && allowanceMm <= LARGEST_ALLOWANCE))
            throw new IllegalArgumentException(
                    "The allowance [%s mm] is not between 0 and 300 mm.".formatted(allowanceMm));
    }

    /** The same line with another finish and its allowance. */
    public Edge finished(EdgeFinish other, double otherAllowanceMm) {
        return new Edge(name, line, other, otherAllowanceMm);
    }
}
