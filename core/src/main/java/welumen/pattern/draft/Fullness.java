package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Piercing;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * A piece made fuller along an edge, for gathers, ease or a crown: as if it were slashed across that edge and spread.
 *
 * <p>The length is met by bisection, to a millionth of a mm; the far side stays as it is drawn.
 */
public final class Fullness {
    private static final double MOST = 3;
    private static final int ROUNDS = 40;

    private Fullness() {}

    /** How far the spread reaches. */
    public enum Reach {
        /** Full along the edge, and nothing at the far side. */
        FANNED("fanned out from the far side"),
        /** As full all the way through. */
        THROUGH("all the way through");

        private final String word;

        Reach(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** The edge longer by so many mm, measured along it. */
    public static Parsed<Piece> along(Piece piece, int edge, double mm, Reach reach) {
        var length = piece.lengthMm(edge);
        if (!(mm > 0)) return new Refused<>("How much fuller? Type it as 20 mm.");
        if (mm > (MOST - 1) * length)
            return new Refused<>("%s more on %s is more than three times as full."
                    .formatted(Lengths.near(mm), Lengths.near(length)));
        // the edge may be a curve, which does not lengthen as much as it is spread
        double low = 0;
        var high = MOST * mm / Math.max(1e-6, chordShare(piece, edge));
        for (var round = 0; round < ROUNDS; round++) {
            var spread = (low + high) / 2;
            if (spreadBy(piece, edge, spread, reach).lengthMm(edge) < length + mm) low = spread;
            else high = spread;
        }
        try {
            return new Understood<>(spreadBy(piece, edge, (low + high) / 2, reach));
        } catch (IllegalArgumentException noPiece) {
            return new Refused<>("So full it would not be a piece any more.");
        }
    }

    private static double chordShare(Piece piece, int edge) {
        var run = piece.run(edge);
        return run.getFirst().to(run.getLast()) / piece.lengthMm(edge);
    }

    private static Piece spreadBy(Piece piece, int edge, double spread, Reach reach) {
        var way = new Way(piece, edge, spread, reach);
        var edges = new ArrayList<Edge>();
        for (var one : piece.edges())
            edges.add(one.along(one.line().stream().map(way::moved).toList()));
        var holes = new ArrayList<Outline>();
        for (var hole : piece.holes()) {
            var middle = hole.box().middle();
            var shift = way.moved(middle).minus(middle);
            holes.add(new Outline(
                    hole.corners().stream().map(corner -> corner.plus(shift)).toList()));
        }
        var piercings = piece.inside().piercings().stream()
                .map(piercing -> new Piercing(
                        piercing.what(),
                        piercing.kind(),
                        way.moved(piercing.at()),
                        piercing.sizeMm(),
                        piercing.degrees(),
                        piercing.made()))
                .toList();
        return piece.with(new Inside(
                        List.of(), piercings, List.of(), piece.inside().surface()))
                .withEdges(edges)
                .with(new Inside(
                        holes,
                        piercings,
                        piece.inside().keepOuts(),
                        piece.inside().surface()));
    }

    /** Where a place comes to lie: along the edge, out from its middle, the more the nearer to it. */
    private static final class Way {
        private final Point middle;
        private final Point along;
        private final double deep;
        private final double share;
        private final Reach reach;

        Way(Piece piece, int edge, double spread, Reach reach) {
            var run = piece.run(edge);
            var chord = run.getLast().minus(run.getFirst());
            var length = Math.hypot(chord.x(), chord.y());
            this.middle = run.getFirst().plus(run.getLast()).times(0.5);
            this.along = chord.times(1 / length);
            this.share = spread / length;
            this.reach = reach;
            this.deep = piece.net().corners().stream()
                    .mapToDouble(this::depth)
                    .max()
                    .orElse(1);
        }

        /** How far inward of the edge's chord a place lies. */
        private double depth(Point point) {
            var from = point.minus(middle);
            return along.x() * from.y() - along.y() * from.x();
        }

        Point moved(Point point) {
            var from = point.minus(middle);
            var out = from.x() * along.x() + from.y() * along.y();
            var part = reach == Reach.THROUGH ? 1 : Math.clamp(1 - depth(point) / deep, 0, 1);
            return point.plus(along.times(out * share * part));
        }
    }
}
