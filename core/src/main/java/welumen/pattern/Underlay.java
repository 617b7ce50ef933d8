package welumen.pattern;

import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Follower;
import welumen.pattern.piece.Piece;
import welumen.shape.Planar;

/**
 * The underlay or foam beneath a piece: it gets no allowance, and stops short of every edge that is bound or turned, so that
 * this folds clean.
 */
public final class Underlay {
    public static final double SET_BACK_MM = 15;

    private static final int QUARTER = 16;

    private Underlay() {}

    /** @param setBackMm 10 to 25 as a rule; empty where nothing is left of the piece */
    public static Optional<Piece> of(Piece piece, double setBackMm, String material) {
        Geometry left = Planar.polygon(piece.net());
        for (var i = 0; i < piece.edges().size(); i++)
            if (isTurned(piece.edges().get(i).finish())) {
                var run = piece.run(i).stream()
                        .map(point -> new Coordinate(point.x(), point.y()))
                        .toArray(Coordinate[]::new);
                var strip = BufferOp.bufferOp(
                        Planar.FACTORY.createLineString(run), setBackMm, new BufferParameters(QUARTER));
                left = left.difference(strip);
            }
        return Planar.largest(left)
                .map(Planar::outline)
                .map(outline -> Follower.of(piece, "underlay", material, outline, piece.holes()));
    }

    private static boolean isTurned(EdgeFinish finish) {
        return finish == EdgeFinish.BOUND || finish == EdgeFinish.HEM || finish == EdgeFinish.WRAPPED;
    }
}
