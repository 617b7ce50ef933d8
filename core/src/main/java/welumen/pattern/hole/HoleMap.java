package welumen.pattern.hole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Axes;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Every hole of a piece by coordinates from one datum, in the order in which they are made: the small ones first, since a
 * large hole cannot be moved any more.
 *
 * @param datum a corner of the piece, from 0; x runs along the edge that begins there
 */
public record HoleMap(int datum, List<Hole> holes) {
    /** Share by which an outline's area may be off a circle's and be round. */
    private static final double ROUND = 0.03;

    /**
     * One hole.
     *
     * @param on where it lies on the piece, in the piece's own mm
     * @param at from the datum, in mm
     * @param sizeMm its diameter, the length of a slit, or of an outline the wider way across
     * @param how drilled, slit, cut out, and where
     */
    public record Hole(String what, Point on, Point at, double sizeMm, String how) {}

    public HoleMap {
        holes = List.copyOf(holes);
    }

    /** @throws IndexOutOfBoundsException if the piece has no such corner */
    public static HoleMap of(Piece piece, int datum) {
        var frame = Axes.along(piece.run(datum));
        var holes = new ArrayList<Hole>();
        for (var piercing : piece.inside().piercings()) holes.add(hole(piercing, frame));
        for (var hole : piece.holes()) holes.add(hole(hole, frame));
        holes.sort(Comparator.comparingDouble(Hole::sizeMm)
                .thenComparingDouble(hole -> hole.at().x())
                .thenComparingDouble(hole -> hole.at().y()));
        return new HoleMap(datum, holes);
    }

    private static Hole hole(Piercing piercing, Axes frame) {
        return new Hole(
                piercing.what(),
                piercing.at(),
                frame.in(piercing.at()),
                piercing.sizeMm(),
                piercing.kind().word() + ", " + piercing.made().word());
    }

    private static Hole hole(Outline hole, Axes frame) {
        var middle = hole.box().middle();
        var size = Math.max(hole.box().width(), hole.box().height());
        var isRound = Math.abs(hole.area() / (Math.PI * size * size / 4) - 1) < ROUND;
        var diameter = 2 * Math.sqrt(hole.area() / Math.PI);
        return new Hole(
                "", middle, frame.in(middle), isRound ? diameter : size, isRound ? "round, cut out" : "cut out");
    }
}
