package welumen.pattern.piece;

import java.util.List;
import welumen.shape.Point;

/**
 * One edge of a piece on its finished line.
 *
 * @param id tells it from the other edges of its piece, for as long as it is the same edge, however it is drawn; 0 where nobody
 *     has told it apart yet
 * @param name what it meets, “to the bolster”; may be empty
 * @param line its points in mm, from its first corner up to but without the next edge's first corner
 * @param allowanceMm how far outside the finished line it is cut, in mm
 * @param leftLongMm how much longer still until it has been fitted: long can be cut, short cannot
 */
public record Edge(int id, String name, List<Point> line, EdgeFinish finish, double allowanceMm, double leftLongMm) {
    public static final double LARGEST_ALLOWANCE = 300;
    private static final int UNTOLD = 0;

    /** @throws IllegalArgumentException if it has no point, or an allowance, or what is left long, not between 0 and 300 mm */
    public Edge {
        line = List.copyOf(line);
        if (line.isEmpty()) throw new IllegalArgumentException("The edge [%s] has no points.".formatted(name));
        if (!(allowanceMm >= 0 && allowanceMm <= LARGEST_ALLOWANCE))
            throw new IllegalArgumentException(
                    "The allowance [%s mm] is not between 0 and 300 mm.".formatted(allowanceMm));
        if (!(leftLongMm >= 0 && leftLongMm <= LARGEST_ALLOWANCE))
            throw new IllegalArgumentException(
                    "What is left long [%s mm] is not between 0 and 300 mm.".formatted(leftLongMm));
    }

    /** An edge that is cut as it will stay, and is not told apart yet. */
    public Edge(String name, List<Point> line, EdgeFinish finish, double allowanceMm) {
        this(name, line, finish, allowanceMm, 0);
    }

    /** One that is not told apart yet. */
    public Edge(String name, List<Point> line, EdgeFinish finish, double allowanceMm, double leftLongMm) {
        this(UNTOLD, name, line, finish, allowanceMm, leftLongMm);
    }

    /** Told apart from the others by this number from now on. */
    Edge told(int number) {
        return new Edge(number, name, line, finish, allowanceMm, leftLongMm);
    }

    /** One that goes on in none of those that were there, as the half of an edge. */
    Edge another() {
        return told(UNTOLD);
    }

    /** The same line with another finish and its allowance. */
    public Edge finished(EdgeFinish other, double otherAllowanceMm) {
        return new Edge(id, name, line, other, otherAllowanceMm, leftLongMm);
    }

    /** The same edge on another line. */
    public Edge along(List<Point> other) {
        return new Edge(id, name, other, finish, allowanceMm, leftLongMm);
    }

    public Edge named(String other) {
        return new Edge(id, other, line, finish, allowanceMm, leftLongMm);
    }

    /** The same edge cut longer, or as it will stay. */
    public Edge leftLong(double mm) {
        return new Edge(id, name, line, finish, allowanceMm, mm);
    }

    boolean isTold() {
        return id != UNTOLD;
    }

    /** How far outside the finished line it is cut now, in mm. */
    public double cutMm() {
        return allowanceMm + leftLongMm;
    }
}
