package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeFinish;
import welumen.shape.Bezier;
import welumen.shape.Point;
import welumen.trace.Segment;

/** The edges of simple shapes, sewn all round, the front edge along x from the origin. */
final class Shapes {
    /** Reach of a handle of a quarter of an ellipse, which keeps it within 0.03 % (Dokken and others, 1990). */
    private static final double QUARTER = 0.5522847498;

    private static final List<String> SIDES = List.of("front", "right", "back", "left");

    private Shapes() {}

    /** The same drawn with the front of the car up: what was called the front is the back. */
    static List<Edge> frontUp(List<Edge> edges) {
        return edges.stream()
                .map(edge -> switch (edge.name()) {
                    case "front" -> edge.named("back");
                    case "back" -> edge.named("front");
                    default -> edge;
                })
                .toList();
    }

    static List<Edge> tapered(double wide, double high, double top) {
        var inset = (wide - top) / 2;
        return edges(List.of(
                List.of(new Point(0, 0)),
                List.of(new Point(wide, 0)),
                List.of(new Point(wide - inset, high)),
                List.of(new Point(inset, high))));
    }

    /** A rectangle whose back edge is an arc that rises by so much in its middle. */
    static List<Edge> arch(double wide, double high, double rise) {
        return edges(List.of(
                List.of(new Point(0, 0)),
                List.of(new Point(wide, 0)),
                EdgeCurve.arc(new Point(wide, high), new Point(0, high), rise),
                List.of(new Point(0, high))));
    }

    /** A rectangle with round corners; each edge ends in the middle of one. */
    static List<Edge> rounded(double wide, double high, double radius) {
        var corners = List.of(new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high));
        var lines = new ArrayList<List<Point>>();
        for (var i = 0; i < 4; i++) {
            var from = corners.get(i);
            var to = corners.get((i + 1) % 4);
            var along = to.minus(from).times(1 / from.to(to));
            var in = new Point(-along.y(), along.x());
            var line = new ArrayList<>(eighth(from.plus(along.plus(in).times(radius)), in.times(-1), radius, -45));
            line.add(from.plus(along.times(radius)));
            line.addAll(eighth(to.plus(in.minus(along).times(radius)), in.times(-1), radius, 0));
            lines.add(line);
        }
        return edges(lines);
    }

    /** An eighth of a circle counter-clockwise, without its end; from an angle against the edge's outward way, in degrees. */
    private static List<Point> eighth(Point centre, Point out, double radius, double from) {
        var start = Math.atan2(out.y(), out.x()) + Math.toRadians(from);
        return new Segment.Arc(centre, radius, start, Math.PI / 4).points(EdgeCurve.SAG_MM);
    }

    /** A circle where both are alike; in four edges from quarter to quarter. */
    static List<Edge> oval(double wide, double high) {
        var a = wide / 2;
        var b = high / 2;
        var points = List.of(new Point(a, 0), new Point(wide, b), new Point(a, high), new Point(0, b));
        var ways = List.of(new Point(a, 0), new Point(0, b), new Point(-a, 0), new Point(0, -b));
        var lines = new ArrayList<List<Point>>();
        for (var i = 0; i < 4; i++) {
            var from = points.get(i);
            var to = points.get((i + 1) % 4);
            if (wide == high) {
                lines.add(new Segment.Arc(new Point(a, b), a, (i - 1) * Math.PI / 2, Math.PI / 2)
                        .points(EdgeCurve.SAG_MM));
                continue;
            }
            lines.add(new Bezier(
                            from,
                            from.plus(ways.get(i).times(QUARTER)),
                            to.minus(ways.get((i + 1) % 4).times(QUARTER)),
                            to)
                    .points(EdgeCurve.SAG_MM));
        }
        return edges(lines);
    }

    private static List<Edge> edges(List<List<Point>> lines) {
        var edges = new ArrayList<Edge>();
        for (var i = 0; i < lines.size(); i++)
            edges.add(new Edge(SIDES.get(i), lines.get(i), EdgeFinish.SEWN, EdgeFinish.SEWN.allowanceMm()));
        return edges;
    }
}
