package welumen.pattern.hole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import welumen.pattern.Piece;
import welumen.pattern.Piercing;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Every hole of a piece by coordinates from one datum, in the order in which they are made: the small ones first, since a
 * large hole cannot be moved any more.
 *
 * @param datum a corner of the piece, from 0; x runs along the edge that begins there
 */
public record HoleMap(int datum, List<Hole> holes) {
    /** An outline is round if its area is a circle's but for so much. */
    private static final double ROUND = 0.03;

    /**
     * One hole.
     *
     * @param at from the datum, in mm
     * @param sizeMm its diameter, the length of a slit, or of an outline the wider way across
     * @param how drilled, slit, cut out, and where
     */
    public record Hole(String what, Point at, double sizeMm, String how) {}

    public HoleMap {
        holes = List.copyOf(holes);
    }

    /** @throws IndexOutOfBoundsException if the piece has no such corner */
    public static HoleMap of(Piece piece, int datum) {
        var origin = piece.run(datum).getFirst();
        var along = piece.run(datum).getLast().minus(origin);
        var turn = Math.atan2(along.y(), along.x());
        var holes = new ArrayList<Hole>();
        for (var piercing : piece.inside().piercings()) holes.add(hole(piercing, origin, turn));
        for (var hole : piece.holes()) holes.add(hole(hole, origin, turn));
        holes.sort(Comparator.comparingDouble(Hole::sizeMm)
                .thenComparingDouble(hole -> hole.at().x())
                .thenComparingDouble(hole -> hole.at().y()));
        return new HoleMap(datum, holes);
    }

    private static Hole hole(Piercing piercing, Point origin, double turn) {
        return new Hole(
                piercing.what(),
                from(piercing.at(), origin, turn),
                piercing.sizeMm(),
                piercing.kind().word() + ", " + piercing.made().word());
    }

    private static Hole hole(Outline hole, Point origin, double turn) {
        var middle = hole.box().middle();
        var size = Math.max(hole.box().width(), hole.box().height());
        var isRound = Math.abs(hole.area() / (Math.PI * size * size / 4) - 1) < ROUND;
        var diameter = 2 * Math.sqrt(hole.area() / Math.PI);
        return new Hole(
                "", from(middle, origin, turn), isRound ? diameter : size, isRound ? "round, cut out" : "cut out");
    }

    private static Point from(Point at, Point origin, double turn) {
        var by = at.minus(origin);
        return new Point(
                by.x() * Math.cos(turn) + by.y() * Math.sin(turn), by.y() * Math.cos(turn) - by.x() * Math.sin(turn));
    }
}
