package welumen.pattern.cutting;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

/** A straight stretch of an edge, from a to b, with the unit normal that points out of the piece, and its allowance in mm. */
record OffsetSegment(Point a, Point b, double allowance, Point out) {
    /** Sine of the turn up to which two segments lie on one line. */
    static final double STRAIGHT = 1e-9;

    private static final double FLOWS = Math.cos(Math.toRadians(25));

    private static OffsetSegment of(Point a, Point b, double allowance) {
        var along = b.minus(a).times(1 / a.to(b));
        return new OffsetSegment(a, b, allowance, new Point(along.y(), -along.x()));
    }

    /** Those of all edges, in the order of the ring. */
    static List<OffsetSegment> of(Piece piece) {
        var stretches = new ArrayList<OffsetSegment>();
        for (var i = 0; i < piece.edges().size(); i++) {
            var run = piece.run(i);
            for (var j = 1; j < run.size(); j++)
                stretches.add(
                        of(run.get(j - 1), run.get(j), piece.edges().get(i).cutMm()));
        }
        return stretches;
    }

    double length() {
        return a.to(b);
    }

    Point movedA() {
        return a.plus(out.times(allowance));
    }

    Point movedB() {
        return b.plus(out.times(allowance));
    }

    /** The sine of the angle to the next one: above nought at an outer corner. */
    double turn(OffsetSegment next) {
        return out.x() * next.out.y() - out.y() * next.out.x();
    }

    private double cos(OffsetSegment next) {
        return out.x() * next.out.x() + out.y() * next.out.y();
    }

    /** Whether the next goes on from it in a curve with the same allowance. */
    boolean goesOn(OffsetSegment next) {
        return allowance == next.allowance && cos(next) > FLOWS;
    }

    /** Where the two moved lines cross. */
    Point meeting(OffsetSegment next) {
        var turn = turn(next);
        return new Point(
                b.x() + (allowance * next.out.y() - next.allowance * out.y()) / turn,
                b.y() + (next.allowance * out.x() - allowance * next.out.x()) / turn);
    }

    /**
     * The cutting line's own corners between it and the next. Where one allowance stands out beyond the other's line, it ends
     * square, in a step; else the two lines meet in a mitre, which is clipped where it would stand out further than
     * {@link CuttingLine#MITRE_LIMIT} allowances.
     */
    List<Point> joint(OffsetSegment next) {
        if (allowance == 0 && next.allowance == 0) return List.of(b);
        if (standsOutBeyond(next)) return List.of(movedB(), foot(next));
        if (next.standsOutBeyond(this)) return List.of(next.footBefore(this), next.movedA());
        var tip = meeting(next);
        var reach = Math.max(allowance, next.allowance);
        var limit = CuttingLine.MITRE_LIMIT * reach;
        if (!isOuterCorner(next) || tip.to(b) <= limit) return List.of(tip);
        var share = (limit - reach) / (tip.to(b) - reach);
        return List.of(between(movedB(), tip, share), between(next.movedA(), tip, share));
    }

    /** What is to be filled between its strip and the next's at an outer corner; empty at others. */
    List<Point> fill(OffsetSegment next) {
        if (!isOuterCorner(next)) return List.of();
        if (standsOutBeyond(next)) return List.of(b, foot(next), next.movedA());
        if (next.standsOutBeyond(this)) return List.of(b, movedB(), next.footBefore(this));
        var corners = new ArrayList<>(List.of(b, movedB()));
        corners.addAll(joint(next));
        corners.add(next.movedA());
        return corners;
    }

    private boolean standsOutBeyond(OffsetSegment other) {
        return allowance * cos(other) > other.allowance;
    }

    /** Where its square end crosses the next one's line. */
    private Point foot(OffsetSegment next) {
        return b.plus(out.times(next.allowance / cos(next)));
    }

    private Point footBefore(OffsetSegment before) {
        return a.plus(out.times(before.allowance / cos(before)));
    }

    boolean isOuterCorner(OffsetSegment next) {
        return turn(next) > STRAIGHT;
    }

    static Point between(Point from, Point to, double share) {
        return from.plus(to.minus(from).times(share));
    }
}
