package welumen.pattern.surface;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.shape.Axes;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * The holes of a perforated piece: a whole number of pitches between equal clear ends, and none nearer to a row of stitches
 * than its own diameter, since a hole that is sewn through tears.
 *
 * <p>Linear in the holes, up to {@value #MOST} of them; exact.
 *
 * @param holes their middles, in the piece's own mm
 * @param holeMm across each
 * @param endMm from the outermost holes' rims to the edges, along a row and across, as the piece's box has it
 */
public record Perforation(List<Point> holes, double holeMm, double endMm, double acrossMm) {
    private static final double STAGGER = Math.sqrt(3) / 2;
    /** Holes above which a pattern would take longer than a trimmer waits for. */
    private static final int MOST = 200_000;

    public Perforation {
        holes = List.copyOf(holes);
    }

    /** @throws IllegalArgumentException if there would be more than 200,000 holes */
    public static Perforation of(Piece piece, Surface.Perforated wanted) {
        var frame = new Axes(new Point(0, 0), wanted.degrees());
        var box = frame.box(piece.net().corners());
        var along = Spaced.of(box.width(), wanted.pitchMm(), wanted.holeMm());
        var across = Spaced.of(box.height(), wanted.pitchMm() * STAGGER, wanted.holeMm());
        if ((long) along.count() * across.count() > MOST)
            throw new IllegalArgumentException("That would be more than 200,000 holes.");
        var within = new IndexedPointInAreaLocator(clear(piece, wanted.holeMm()));
        var holes = new ArrayList<Point>();
        for (var row = 0; row < across.count(); row++) {
            var shift = row % 2 == 0 ? 0 : 0.5; // one hole fewer, so that its ends are as clear
            for (var i = 0; i < along.count() - (row % 2); i++) {
                var at = frame.out(new Point(
                        box.minX() + along.firstMm() + (i + shift) * along.pitchMm(),
                        box.minY() + across.firstMm() + row * across.pitchMm()));
                if (within.locate(new Coordinate(at.x(), at.y())) == Location.INTERIOR) holes.add(at);
            }
        }
        return new Perforation(
                holes, wanted.holeMm(), along.firstMm() - wanted.holeMm() / 2, across.firstMm() - wanted.holeMm() / 2);
    }

    /** Where a hole's middle may lie: a hole's width between its rim and any stitches or rim. */
    private static Geometry clear(Piece piece, double holeMm) {
        return Planar.polygon(new Shape(piece.net(), piece.holes())).buffer(-1.5 * holeMm);
    }

    /** The share of the piece that is open. */
    public double open(Piece piece) {
        return holes.size() * Math.PI * holeMm * holeMm / 4 / piece.net().area();
    }

    /**
     * Holes along a line.
     *
     * @param firstMm from the end to the first one's middle, and from the last to the other end
     */
    public record Spaced(int count, double pitchMm, double firstMm) {
        /** As many as there is room for, their ends equal and at the least one hole wide; none where it is too short for one. */
        public static Spaced of(double lengthMm, double pitchMm, double holeMm) {
            var room = lengthMm - 3 * holeMm; // a hole's width and half a hole at both ends
            if (room < 0) return new Spaced(0, pitchMm, lengthMm / 2);
            var pitches = (int) Math.floor(room / pitchMm + 1e-9);
            return new Spaced(pitches + 1, pitchMm, (lengthMm - pitches * pitchMm) / 2);
        }
    }
}
