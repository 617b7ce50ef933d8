package welumen.pattern.piece;

import java.util.ArrayList;
import java.util.List;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.shape.Axes;
import welumen.shape.Point;
import welumen.shape.Run;

/** A notch that was let into an edge goes along that edge, as wide and as deep as it was. */
public final class NotchMove {
    /** What an edge is called that {@link EdgeEdit#notched} cut. */
    static final String NOTCH = "notch";

    /** In mm; beside a notch the edge may curve so little before it would get a step. */
    private static final double STRAIGHT_MM = 0.5;

    private NotchMove() {}

    /** Whether an edge of a piece is a notch. */
    public static boolean isNotch(Piece piece, int edge) {
        var one = piece.edges().get(edge);
        return one.name().equals(NOTCH)
                && one.finish() == EdgeFinish.RAW
                && one.line().size() == 3;
    }

    /** How far along the edge into which it is let, beside it as it is now, its middle lies, in mm. */
    public static double middleMm(Piece piece, int edge) {
        return piece.lengthMm(Math.floorMod(edge - 1, piece.edges().size()))
                + mouth(piece, edge).lengthMm() / 2;
    }

    /** Across its mouth, from where it begins to where its edge goes on. */
    public static Run mouth(Piece piece, int edge) {
        var run = piece.run(edge);
        return new Run(List.of(run.getFirst(), run.getLast()));
    }

    /** So much farther along, in mm; back where it is below nought. Refused where the edge ends or bends before. */
    public static Parsed<Piece> moved(Piece piece, int edge, double alongMm) {
        var count = piece.edges().size();
        var before = piece.run(Math.floorMod(edge - 1, count));
        var after = piece.run((edge + 1) % count);
        var axes = Axes.along(mouth(piece, edge).points());
        var back = axes.in(before.get(before.size() - 2));
        var on = axes.in(after.get(1));
        if (Math.max(Math.abs(back.y()), Math.abs(on.y())) > STRAIGHT_MM)
            return new Refused<>("The edge is curved beside it: take the notch out, and cut it anew.");
        var room = alongMm < 0 ? -back.x() : on.x() - mouth(piece, edge).lengthMm();
        if (Math.abs(alongMm) >= room) return new Refused<>("So far along, the edge ends before the notch does.");
        var by = axes.out(new Point(alongMm, 0)).minus(axes.out(new Point(0, 0)));
        var edges = new ArrayList<>(piece.edges());
        edges.set(
                edge,
                edges.get(edge)
                        .along(edges.get(edge).line().stream()
                                .map(point -> point.plus(by))
                                .toList()));
        var next = (edge + 1) % count;
        var line = new ArrayList<>(edges.get(next).line());
        line.set(0, line.getFirst().plus(by));
        edges.set(next, edges.get(next).along(line));
        return EdgeEdit.checked(piece, edges);
    }
}
