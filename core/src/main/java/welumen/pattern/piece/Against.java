package welumen.pattern.piece;

import java.util.List;
import welumen.shape.Axes;
import welumen.shape.Point;
import welumen.shape.Pose;

/** A piece laid against another as they are sewn: edge on edge, chord on chord, middle on middle or a little beyond. */
public final class Against {
    private Against() {}

    /** The other piece, with all that is in it, where it then lies in the first one's mm. */
    public static Piece laid(Piece one, int edge, Piece other, int otherEdge) {
        return Moved.by(other, pose(one, edge, other, otherEdge));
    }

    /** How it is moved there. */
    public static Pose pose(Piece one, int edge, Piece other, int otherEdge) {
        return pose(one, edge, other, otherEdge, 0);
    }

    /** @param beyondMm how far along the first edge the other one's middle comes to lie beyond its own */
    public static Pose pose(Piece one, int edge, Piece other, int otherEdge, double beyondMm) {
        var here = one.run(edge);
        var there = other.run(otherEdge).reversed(); // face to face, the other edge runs the other way
        var turned =
                new Pose(0, 0, Axes.along(here).degrees() - Axes.along(there).degrees(), false);
        var along = here.getLast().minus(here.getFirst());
        var slid = along.times(beyondMm / Math.hypot(along.x(), along.y()));
        var shift = middle(here).plus(slid).minus(turned.apply(middle(there)));
        return turned.at(shift.x(), shift.y());
    }

    private static Point middle(List<Point> run) {
        return run.getFirst().plus(run.getLast()).times(0.5);
    }
}
