package welumen.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Outline;
import welumen.shape.Point;

/** Corrections by hand to one edge of a piece; refused where the piece would cross itself. */
public final class EdgeEdit {
    private static final double SAG_MM = 0.02;
    private static final double SHORTEST_MM = 1;

    private EdgeEdit() {}

    /** From its first corner straight to its last. */
    public static Parsed<Piece> straightened(Piece piece, int edge) {
        return with(piece, edge, List.of(piece.edges().get(edge).line().getFirst()));
    }

    /** An arc from its first corner to its last, through the place half-way along it. */
    public static Parsed<Piece> arced(Piece piece, int edge) {
        var run = piece.run(edge);
        var from = run.getFirst();
        var to = run.getLast();
        var middle = along(run, 0.5);
        var chord = from.to(to);
        var rise = ((middle.x() - from.x()) * (to.y() - from.y()) - (middle.y() - from.y()) * (to.x() - from.x()))
                / Math.max(1e-9, chord);
        if (Math.abs(rise) < SAG_MM || chord < SHORTEST_MM)
            return new Refused<>("This edge is straight: there is no arc through its middle.");
        var radius = chord * chord / (8 * rise) + rise / 2;
        var across = new Point((to.y() - from.y()) / chord, (from.x() - to.x()) / chord);
        var centre = from.plus(to).times(0.5).plus(across.times(rise - radius));
        var start = Math.atan2(from.y() - centre.y(), from.x() - centre.x());
        var turn = 4 * Math.atan(2 * rise / chord);
        var count = Math.max(2, (int) Math.ceil(Math.abs(turn) / (2 * Math.acos(1 - SAG_MM / Math.abs(radius)))));
        var line = new ArrayList<Point>();
        for (var i = 0; i < count; i++) {
            var angle = start + turn * i / count;
            line.add(new Point(
                    centre.x() + Math.abs(radius) * Math.cos(angle), centre.y() + Math.abs(radius) * Math.sin(angle)));
        }
        line.set(0, from);
        return with(piece, edge, line);
    }

    /** Two edges of one, parted at a share of its length, over 0 and under 1. */
    public static Parsed<Piece> split(Piece piece, int edge, double share) {
        var run = piece.run(edge);
        var here = along(run, share);
        var first = new ArrayList<Point>();
        var second = new ArrayList<Point>();
        second.add(here);
        var gone = 0.0;
        var wanted = share * piece.lengthMm(edge);
        for (var i = 0; i + 1 < run.size(); i++) {
            if (gone < wanted - 1e-9 || i == 0) first.add(run.get(i));
            else if (run.get(i).to(here) > 1e-9) second.add(run.get(i));
            gone += run.get(i).to(run.get(i + 1));
        }
        var old = piece.edges().get(edge);
        var edges = new ArrayList<>(piece.edges());
        edges.set(edge, old.along(first));
        edges.add(edge + 1, old.along(second));
        return checked(piece, edges);
    }

    /** One edge of it and the next; it keeps the first one's finish. */
    public static Parsed<Piece> joined(Piece piece, int edge) {
        if (piece.edges().size() < 3) return new Refused<>("A piece keeps two edges at the least.");
        var next = (edge + 1) % piece.edges().size();
        var old = piece.edges().get(edge);
        var line = new ArrayList<>(old.line());
        line.addAll(piece.edges().get(next).line());
        var edges = new ArrayList<>(piece.edges());
        edges.set(edge, old.along(line));
        edges.remove(next);
        return checked(piece, edges);
    }

    /** Without an edge, a nick or a dog-ear: its neighbours are drawn on until they meet. */
    public static Parsed<Piece> without(Piece piece, int edge) {
        var count = piece.edges().size();
        if (count < 4) return new Refused<>("A piece keeps three edges at the least.");
        var before = piece.run(Math.floorMod(edge - 1, count));
        var after = piece.run((edge + 1) % count);
        var a = before.get(before.size() - 2);
        var b = before.getLast();
        var c = after.getFirst();
        var d = after.get(1);
        var cross = (b.x() - a.x()) * (d.y() - c.y()) - (b.y() - a.y()) * (d.x() - c.x());
        var meeting = b.plus(c).times(0.5);
        if (Math.abs(cross) > 1e-9 * a.to(b) * c.to(d)) {
            var t = ((c.x() - a.x()) * (d.y() - c.y()) - (c.y() - a.y()) * (d.x() - c.x())) / cross;
            meeting = a.plus(b.minus(a).times(t));
        }
        var edges = new ArrayList<>(piece.edges());
        var next = (edge + 1) % count;
        var line = new ArrayList<>(edges.get(next).line());
        line.set(0, meeting);
        var old = edges.get(next);
        edges.set(next, old.along(line));
        edges.remove(edge);
        return checked(piece, edges);
    }

    /** With the corner in which an edge begins put somewhere else. */
    public static Parsed<Piece> cornerMoved(Piece piece, int edge, Point to) {
        var line = new ArrayList<>(piece.edges().get(edge).line());
        line.set(0, to);
        return with(piece, edge, line);
    }

    private static Parsed<Piece> with(Piece piece, int edge, List<Point> line) {
        var edges = new ArrayList<>(piece.edges());
        var old = edges.get(edge);
        edges.set(edge, old.along(line));
        return checked(piece, edges);
    }

    private static Parsed<Piece> checked(Piece piece, List<Edge> edges) {
        var ring = edges.stream().flatMap(edge -> edge.line().stream()).toList();
        if (Outline.ofRing(ring) instanceof Refused<Outline>(var why))
            return new Refused<>("That would not be a piece any more: it %s.".formatted(why));
        try {
            return new Understood<>(piece.withEdges(edges));
        } catch (IllegalArgumentException holes) {
            return new Refused<>("That would not be a piece any more. " + holes.getMessage());
        }
    }

    private static Point along(List<Point> run, double share) {
        var length = 0.0;
        for (var i = 1; i < run.size(); i++) length += run.get(i - 1).to(run.get(i));
        var left = share * length;
        for (var i = 1; i < run.size(); i++) {
            var step = run.get(i - 1).to(run.get(i));
            if (left <= step && step > 0)
                return run.get(i - 1).plus(run.get(i).minus(run.get(i - 1)).times(left / step));
            left -= step;
        }
        return run.getLast();
    }
}
