package welumen.pattern.seam;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

/**
 * Where edges that are sewn get notches: none farther from the next than 180 mm, and none in the middle, so that a piece
 * cannot be sewn back to front. Of a seam both edges get as many, at the same shares of their lengths, the one from its
 * beginning and the other from its end, since they lie face to face; where the seam says which places meet, there. They are snipped from the cutting line, well short of
 * the stitches.
 *
 * <p>Linear in the edge; places are kept to the share of the length, so that both edges' notches meet when the seam
 * is walked without ease.
 */
public final class Notches {
    private static final double FARTHEST_MM = 180;
    private static final double OFF_MIDDLE_MM = 15;
    private static final double SNIP_MM = 4.5;
    private static final double SHORTEST_EDGE_MM = 60;

    private Notches() {}

    /**
     * A snip.
     *
     * @param at on the finished line
     * @param outer on the cutting line
     * @param inner where the snip ends
     */
    public record Notch(int edge, Point at, Point outer, Point inner) {}

    /** Of one piece, its seams among these; an edge without an allowance cannot be snipped. */
    public static List<Notch> of(Piece piece, List<Seam> seams, Patterns patterns) {
        var notches = new ArrayList<Notch>();
        for (var edge = 0; edge < piece.edges().size(); edge++) {
            var one = piece.edges().get(edge);
            if (!one.finish().isShared() || one.allowanceMm() <= SNIP_MM) continue;
            for (var share : shares(piece, edge, seams, patterns)) notches.add(notch(piece, edge, share));
        }
        return notches;
    }

    /** An edge that is the second of a seam has what the first has, from its other end. */
    private static List<Double> shares(Piece piece, int edge, List<Seam> seams, Patterns patterns) {
        var side = new Side(piece.id(), edge);
        for (var seam : seams)
            if (seam.other().isDrawnAs(side)) {
                var first = patterns.findOne(seam.one().piece());
                if (first.isPresent() && seam.one().edge() < first.get().edges().size())
                    return (seam.matches().isEmpty()
                                    ? shares(first.get().lengthMm(seam.one().edge())).stream()
                                    : seam.matches().stream().map(match -> match.otherMm() / piece.lengthMm(edge)))
                            .map(share -> 1 - share)
                            .filter(share -> share > 0 && share < 1)
                            .toList();
            } else if (seam.one().isDrawnAs(side) && !seam.matches().isEmpty())
                return seam.matches().stream()
                        .map(match -> match.oneMm() / piece.lengthMm(edge))
                        .filter(share -> share < 1)
                        .toList();
        return shares(piece.lengthMm(edge));
    }

    static List<Double> shares(double lengthMm) {
        if (lengthMm < SHORTEST_EDGE_MM) return List.of();
        var parts = Math.max(2, (int) Math.ceil((lengthMm + 2 * OFF_MIDDLE_MM) / FARTHEST_MM));
        var shares = new ArrayList<Double>();
        for (var i = 1; i < parts; i++) shares.add((double) i / parts + OFF_MIDDLE_MM / lengthMm);
        return shares;
    }

    private static Notch notch(Piece piece, int edge, double share) {
        var run = piece.run(edge);
        var left = share * piece.lengthMm(edge);
        for (var i = 1; i < run.size(); i++) {
            var a = run.get(i - 1);
            var b = run.get(i);
            var step = a.to(b);
            if (left <= step || i == run.size() - 1) {
                var along = b.minus(a).times(1 / step);
                var at = a.plus(along.times(left));
                var out = new Point(along.y(), -along.x());
                var allowance = piece.edges().get(edge).cutMm();
                return new Notch(edge, at, at.plus(out.times(allowance)), at.plus(out.times(allowance - SNIP_MM)));
            }
            left -= step;
        }
        throw new IllegalStateException("The edge %d of [%s] has no length.".formatted(edge, piece.name()));
    }
}
