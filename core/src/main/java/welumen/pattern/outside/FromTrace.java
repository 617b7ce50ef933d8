package welumen.pattern.outside;

import java.util.ArrayList;
import java.util.List;
import welumen.cabin.PartId;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Face;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Makeup;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;
import welumen.trace.Segment;
import welumen.trace.Traced;

/** Makes a piece of what a photo showed: its edges run from corner to corner, and where lines flow into arcs they are one. */
public final class FromTrace {
    private static final double SAG_MM = 0.02;
    private static final double CORNER = Math.toRadians(18);

    private FromTrace() {}

    /** A piece for a part; all its edges are raw until somebody says what becomes of them. */
    public static Piece piece(Traced traced, String name, PartId part, Makeup makeup) {
        var edges = new ArrayList<Edge>();
        var segments = traced.segments();
        var first = firstAfterCorner(segments);
        var line = new ArrayList<Point>();
        for (var i = 0; i < segments.size(); i++) {
            var segment = segments.get((first + i) % segments.size());
            line.addAll(segment.points(SAG_MM));
            var next = segments.get((first + i + 1) % segments.size());
            if (i == segments.size() - 1 || isCorner(segment, next)) {
                edges.add(new Edge("", line, EdgeFinish.RAW, EdgeFinish.RAW.allowanceMm()));
                line = new ArrayList<>();
            }
        }
        return new Piece(
                Piece.idOf(part, name),
                part,
                name,
                makeup.material(),
                Pairing.ONE,
                makeup.grade(),
                makeup.grain(),
                Face.UP,
                makeup.under(),
                edges,
                Inside.holes(traced.shape().holes()));
    }

    private static int firstAfterCorner(List<Segment> segments) {
        for (var i = 0; i < segments.size(); i++)
            if (isCorner(segments.get(Math.floorMod(i - 1, segments.size())), segments.get(i))) return i;
        return 0;
    }

    private static boolean isCorner(Segment before, Segment after) {
        var turn = heading(after, true) - heading(before, false);
        return Math.abs(Math.IEEEremainder(turn, 2 * Math.PI)) > CORNER;
    }

    private static double heading(Segment segment, boolean atStart) {
        return switch (segment) {
            case Segment.Line(var from, var to) -> Math.atan2(to.y() - from.y(), to.x() - from.x());
            case Segment.Arc arc -> arc.from() + (atStart ? 0 : arc.turn()) + Math.copySign(Math.PI / 2, arc.turn());
        };
    }
}
