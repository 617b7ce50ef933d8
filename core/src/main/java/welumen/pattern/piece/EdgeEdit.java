package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Run;

/** Corrections by hand to one edge of a piece; refused where the piece would cross itself. */
public final class EdgeEdit {
    /** Sine of the angle below which a neighbour runs along an edge and leads nowhere. */
    private static final double LEAST_RISE = 0.1;

    private EdgeEdit() {}

    /** Two edges of one, parted at a share of its length, over 0 and under 1. */
    public static Parsed<Piece> split(Piece piece, int edge, double share) {
        var run = piece.run(edge);
        var here = new Run(run).at(share * piece.lengthMm(edge));
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
        edges.set(edge, old.along(first).another());
        edges.add(edge + 1, old.along(second).another());
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
        edges.set(edge, old.along(line).another());
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

    /** The whole edge so much farther out, or in where it is below nought; its neighbours follow along their own lines. */
    public static Parsed<Piece> moved(Piece piece, int edge, double outMm) {
        var count = piece.edges().size();
        if (count < 3) return new Refused<>("A piece of two edges has none that can be moved out.");
        var run = piece.run(edge);
        var chord = run.getLast().minus(run.getFirst());
        var out = new Point(chord.y(), -chord.x()).times(1 / Math.hypot(chord.x(), chord.y()));
        var before = piece.run(Math.floorMod(edge - 1, count));
        var after = piece.run((edge + 1) % count);
        var first = slid(before.get(before.size() - 2), run.getFirst(), out, outMm);
        var last = slid(after.get(1), run.getLast(), out, outMm);
        if (first == null || last == null)
            return new Refused<>("Its neighbours run along it, so that it cannot be moved out.");
        var line = new ArrayList<Point>();
        var length = new Run(run).lengthMm();
        var gone = 0.0;
        for (var i = 0; i + 1 < run.size(); i++) {
            var share = gone / length;
            line.add(run.get(i).plus(first.times(1 - share)).plus(last.times(share)));
            gone += run.get(i).to(run.get(i + 1));
        }
        var edges = new ArrayList<>(piece.edges());
        edges.set(edge, edges.get(edge).along(line));
        var next = (edge + 1) % count;
        var nextLine = new ArrayList<>(edges.get(next).line());
        nextLine.set(0, run.getLast().plus(last));
        edges.set(next, edges.get(next).along(nextLine));
        return checked(piece, edges);
    }

    /** How far a corner slides along its neighbour so that it comes so far out. */
    private static @Nullable Point slid(Point neighbour, Point corner, Point out, double outMm) {
        var along = corner.minus(neighbour).times(1 / neighbour.to(corner));
        var rise = along.x() * out.x() + along.y() * out.y();
        return Math.abs(rise) < LEAST_RISE ? null : along.times(outMm / rise);
    }

    /** With a notch let into an edge, its middle so far along it, for a pipe or a pedal; what is cut there is raw. */
    public static Parsed<Piece> notched(Piece piece, int edge, double atMm, double wideMm, double deepMm) {
        var run = new Run(piece.run(edge));
        var from = atMm - wideMm / 2;
        var to = atMm + wideMm / 2;
        if (!(wideMm > 0 && deepMm > 0 && from > 0 && to < run.lengthMm()))
            return new Refused<>("A notch %s wide at %s does not lie within this edge of %s."
                    .formatted(Lengths.near(wideMm), Lengths.near(atMm), Lengths.near(run.lengthMm())));
        var a = run.at(from);
        var b = run.at(to);
        var along = b.minus(a).times(1 / a.to(b));
        var in = new Point(-along.y(), along.x()).times(deepMm);
        var parted = split(piece, edge, to / run.lengthMm()).flatMap(once -> split(once, edge, from / to));
        if (!(parted instanceof Understood<Piece>(var both))) return parted;
        var edges = new ArrayList<>(both.edges());
        edges.set(
                edge + 1,
                new Edge(
                        NotchMove.NOTCH,
                        List.of(a, a.plus(in), b.plus(in)),
                        EdgeFinish.RAW,
                        EdgeFinish.RAW.allowanceMm()));
        return checked(piece, edges);
    }

    private static Parsed<Piece> with(Piece piece, int edge, List<Point> line) {
        var edges = new ArrayList<>(piece.edges());
        edges.set(edge, edges.get(edge).along(line));
        return checked(piece, edges);
    }

    /** The piece within other edges, or why they make none. */
    static Parsed<Piece> checked(Piece piece, List<Edge> edges) {
        var ring = edges.stream().flatMap(edge -> edge.line().stream()).toList();
        if (Outline.ofRing(ring) instanceof Refused<Outline>(var why))
            return new Refused<>("That would not be a piece any more: it %s.".formatted(why));
        try {
            return new Understood<>(piece.withEdges(edges));
        } catch (IllegalArgumentException holes) {
            return new Refused<>("That would not be a piece any more. " + holes.getMessage());
        }
    }
}
