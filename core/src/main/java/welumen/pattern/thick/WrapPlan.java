package welumen.pattern.thick;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;
import welumen.shape.Run;

/**
 * Where the turn-in of a wrapped piece is slit, notched or folded: on its outside curves there is too much of it, and it is
 * notched in V; on its inside curves too little, and it is slit; in a sharp corner it is folded, or cut to within 3 mm.
 *
 * <p>Linear in the points of the edge; surplus is turn-in length times the angle it turns, exact for round curves.
 *
 * @param reliefs in the order of the way round
 */
public record WrapPlan(TurnIn turnIn, List<Relief> reliefs) {
    private static final double SHARP = Math.toRadians(50);
    private static final double FLAT = Math.toRadians(0.2);
    /** Distance in mm below which two bends are one curve. */
    private static final double SAME_CURVE_MM = 40;

    /** What is done there. */
    public enum Kind {
        NOTCH("notched in V"),
        SLIT("slit"),
        FOLD("folded, or cut to within 3 mm"),
        INSIDE_CORNER("slit into the corner");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /**
     * One cut or fold.
     *
     * @param at on the board's edge
     * @param out where the turn-in ends
     * @param surplusMm how much too long the turned edge is here, or too short
     */
    public record Relief(Kind kind, int edge, Point at, Point out, double surplusMm) {}

    public WrapPlan {
        reliefs = List.copyOf(reliefs);
    }

    /** Of all edges that are wrapped. */
    public static WrapPlan of(Piece piece, TurnIn turnIn) {
        var reliefs = new ArrayList<Relief>();
        for (var edge = 0; edge < piece.edges().size(); edge++) {
            if (piece.edges().get(edge).finish() != EdgeFinish.WRAPPED) continue;
            curves(piece, edge, turnIn, reliefs);
            corner(piece, edge, turnIn, reliefs);
        }
        return new WrapPlan(turnIn, reliefs);
    }

    /** As its wrapped edges are drawn; nothing on a piece that is not wrapped. */
    public static Optional<WrapPlan> asDrawn(Piece piece) {
        return piece.edges().stream()
                .filter(edge -> edge.finish() == EdgeFinish.WRAPPED && edge.allowanceMm() > 0)
                .map(Edge::allowanceMm)
                .max(Comparator.naturalOrder())
                .map(allowance -> of(piece, TurnIn.within(allowance)));
    }

    /** A turn of the edge, so far along it. */
    private record Bent(double atMm, double turn) {}

    private static void curves(Piece piece, int edge, TurnIn turnIn, List<Relief> reliefs) {
        var run = new Run(piece.run(edge));
        var bends = bends(run);
        for (var from = 0; from < bends.size(); ) {
            var to = from + 1;
            while (to < bends.size()
                    && Math.signum(bends.get(to).turn())
                            == Math.signum(bends.get(from).turn())
                    && bends.get(to).atMm() - bends.get(to - 1).atMm() < SAME_CURVE_MM) to++;
            curve(edge, run, bends.subList(from, to), turnIn, reliefs);
            from = to;
        }
    }

    private static List<Bent> bends(Run run) {
        var bends = new ArrayList<Bent>();
        var points = run.points();
        var gone = 0.0;
        for (var i = 1; i + 1 < points.size(); i++) {
            gone += points.get(i - 1).to(points.get(i));
            var turn = points.get(i).turn(points.get(i - 1), points.get(i + 1));
            if (Math.abs(turn) > FLAT) bends.add(new Bent(gone, turn));
        }
        return bends;
    }

    /** As many cuts as it wants, each in the middle of an equal share of the turn. */
    private static void curve(int edge, Run run, List<Bent> bends, TurnIn turnIn, List<Relief> reliefs) {
        var whole = bends.stream().mapToDouble(Bent::turn).sum();
        var count = turnIn.reliefs(whole);
        for (var i = 0; i < count; i++) {
            var wanted = Math.abs(whole) * (i + 0.5) / count;
            var turned = 0.0;
            var at = bends.getLast().atMm();
            for (var bend : bends) {
                turned += Math.abs(bend.turn());
                if (turned >= wanted - 1e-12) {
                    at = bend.atMm();
                    break;
                }
            }
            var kind = whole > 0 ? Kind.NOTCH : Kind.SLIT;
            reliefs.add(new Relief(
                    kind, edge, run.at(at), outward(run, at, turnIn.allowanceMm()), turnIn.surplusMm(whole) / count));
        }
    }

    private static Point outward(Run run, double atMm, double outMm) {
        var before = run.at(Math.max(0, atMm - 0.5));
        var after = run.at(Math.min(run.lengthMm(), atMm + 0.5));
        var length = before.to(after);
        return run.at(atMm)
                .plus(new Point((after.y() - before.y()) / length, (before.x() - after.x()) / length).times(outMm));
    }

    /** The corner in which an edge ends, where the next one is wrapped too. */
    private static void corner(Piece piece, int edge, TurnIn turnIn, List<Relief> reliefs) {
        var next = (edge + 1) % piece.edges().size();
        if (piece.edges().get(next).finish() != EdgeFinish.WRAPPED) return;
        var run = piece.run(edge);
        var following = piece.run(next);
        var at = run.getLast();
        var turn = at.turn(run.get(run.size() - 2), following.get(1));
        if (Math.abs(turn) < SHARP) return;
        var in = at.minus(run.get(run.size() - 2))
                .times(1 / run.get(run.size() - 2).to(at));
        var out = following.get(1).minus(at).times(1 / at.to(following.get(1)));
        var way = in.minus(out);
        var length = Math.hypot(way.x(), way.y());
        reliefs.add(new Relief(
                turn > 0 ? Kind.FOLD : Kind.INSIDE_CORNER,
                edge,
                at,
                at.plus(way.times((turn > 0 ? 1 : -1) * turnIn.allowanceMm() / length)),
                turnIn.surplusMm(turn)));
    }
}
