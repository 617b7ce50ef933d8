package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.List;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.shape.Bezier;
import welumen.shape.Point;
import welumen.shape.Run;
import welumen.trace.Segment;

/**
 * What way an edge takes between its two corners: straight, an arc, or a curve with handles. The points keep so close to
 * the curve that they are as long as it is, to 0.01 mm.
 */
public final class EdgeCurve {
    public static final double SAG_MM = 0.004;

    private static final double STRAIGHT_MM = 0.02;
    private static final double SHORTEST_MM = 1;

    private EdgeCurve() {}

    /** From its first corner straight to its last. */
    public static Parsed<Piece> straightened(Piece piece, int edge) {
        return with(piece, edge, List.of(piece.edges().get(edge).line().getFirst()));
    }

    /** An arc from its first corner to its last, through the place half-way along it. */
    public static Parsed<Piece> arced(Piece piece, int edge) {
        var run = new Run(piece.run(edge));
        var from = run.points().getFirst();
        var along = run.points().getLast().minus(from);
        var middle = run.at(run.lengthMm() / 2).minus(from);
        var rise = (middle.x() * along.y() - middle.y() * along.x()) / Math.max(1e-9, run.chordMm());
        return bowed(piece, edge, rise);
    }

    /**
     * An arc that stands off the straight line between its corners.
     *
     * @param riseMm outward, or inward where it is below nought
     */
    public static Parsed<Piece> bowed(Piece piece, int edge, double riseMm) {
        var run = piece.run(edge);
        if (Math.abs(riseMm) < STRAIGHT_MM || run.getFirst().to(run.getLast()) < SHORTEST_MM)
            return new Refused<>("This edge is straight: there is no arc through its middle.");
        var chord = run.getFirst().to(run.getLast());
        if (Math.abs(riseMm) > chord / 2)
            return new Refused<>(
                    "This edge is %s from corner to corner: it bows by %s at the most, as half a circle does."
                            .formatted(Lengths.near(chord), Lengths.near(chord / 2)));
        return with(piece, edge, arc(run.getFirst(), run.getLast(), riseMm));
    }

    /** Points of an arc between two, without the second; it bows to the right of the way. */
    public static List<Point> arc(Point from, Point to, double riseMm) {
        var chord = from.to(to);
        var radius = chord * chord / (8 * riseMm) + riseMm / 2;
        var across = new Point((to.y() - from.y()) / chord, (from.x() - to.x()) / chord);
        var centre = from.plus(to).times(0.5).plus(across.times(riseMm - radius));
        var start = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        var turn = 4 * Math.atan(2 * riseMm / chord);
        var line = new ArrayList<>(new Segment.Arc(centre, Math.abs(radius), start, turn).points(SAG_MM));
        line.set(0, from);
        return line;
    }

    /** The curve with two handles that lies nearest to an edge as it is. */
    public static Bezier curve(Piece piece, int edge) {
        return Bezier.through(new Run(piece.run(edge)));
    }

    /** An edge as smooth as a curve with two handles is. */
    public static Parsed<Piece> smoothed(Piece piece, int edge) {
        return along(piece, edge, curve(piece, edge));
    }

    /** An edge on a curve; its corners stay. */
    public static Parsed<Piece> along(Piece piece, int edge, Bezier curve) {
        var line = new ArrayList<>(curve.points(SAG_MM));
        line.set(0, piece.edges().get(edge).line().getFirst());
        return with(piece, edge, line);
    }

    private static Parsed<Piece> with(Piece piece, int edge, List<Point> line) {
        var edges = new ArrayList<>(piece.edges());
        edges.set(edge, edges.get(edge).along(line));
        return EdgeEdit.checked(piece, edges);
    }
}
