package welumen.pattern.relief;

import java.util.ArrayList;
import java.util.List;
import welumen.pattern.Piece;
import welumen.pattern.Relief.Quilted;
import welumen.pattern.Seam;
import welumen.shape.Point;

/** Diamonds that close on one piece, and go on across a seam onto the next so that their rows meet. */
public final class Quilting {
    private Quilting() {}

    /**
     * The nearest to what is wanted that closes on the piece's centre line and on its edges.
     *
     * @param sideMm how long a diamond's side is to be
     * @param angle between its sides at its upper tip, in radians, over 0 and under π
     * @param paddingMm under the cover
     */
    public static Quilted on(Piece piece, double sideMm, double angle, double paddingMm) {
        var box = piece.net().box();
        var diamonds = Diamonds.on(box.width(), box.height(), sideMm, angle);
        return new Quilted(
                new Point(box.middle().x(), box.minY()),
                0,
                diamonds.wideMm(),
                diamonds.highMm(),
                Crown.takeUp(diamonds.wideMm(), paddingMm),
                Crown.takeUp(diamonds.highMm(), paddingMm));
    }

    /**
     * The lattice of one piece of a seam as it goes on over the other: laid beside it, the seam's edges chord on chord,
     * their middles together.
     *
     * @param from the piece that has diamonds, the first of the seam or the other
     * @throws IllegalArgumentException if it has none
     */
    public static Quilted carried(Piece from, Seam.Side fromSide, Piece onto, Seam.Side ontoSide) {
        if (!(from.inside().relief() instanceof Quilted quilted))
            throw new IllegalArgumentException("There are no diamonds on [%s].".formatted(from.name()));
        var here = chord(from, fromSide.edge());
        var there = chord(onto, ontoSide.edge());
        // face to face: the other edge runs the other way
        var turn = heading(there.reversed()) - heading(here);
        var across = new Frame(middle(here), 0).in(quilted.through());
        var cos = Math.cos(turn);
        var sin = Math.sin(turn);
        var through =
                middle(there).plus(new Point(across.x() * cos - across.y() * sin, across.x() * sin + across.y() * cos));
        return new Quilted(
                through,
                quilted.degrees() + Math.toDegrees(turn),
                quilted.wideMm(),
                quilted.highMm(),
                quilted.takeUpWide(),
                quilted.takeUpHigh());
    }

    /** By how much rows miss each other along a seam, at the worst, in mm; measured along the edges alone. */
    public static double missMm(Piece one, Seam.Side oneSide, Piece other, Seam.Side otherSide) {
        var here = ends(one, oneSide.edge());
        var there =
                ends(other, otherSide.edge()).stream().map(at -> -at).sorted().toList();
        var worst = 0.0;
        for (var at : here) {
            var nearest =
                    there.stream().mapToDouble(place -> Math.abs(place - at)).min();
            worst = Math.max(worst, nearest.orElse(Double.MAX_VALUE));
        }
        return worst;
    }

    /** Where rows run out of an edge, in mm along it from its middle. */
    private static List<Double> ends(Piece piece, int edge) {
        var half = piece.lengthMm(edge) / 2;
        var ends = new ArrayList<Double>();
        for (var row : SewnLines.of(piece).rows())
            for (var end : List.of(row.from(), row.to())) {
                var at = along(piece.run(edge), end);
                if (at >= 0 && at <= 2 * half) ends.add(at - half);
            }
        return ends;
    }

    /** How far along a run a place on it lies; below nought where it is not on it. */
    private static double along(List<Point> run, Point at) {
        var gone = 0.0;
        for (var i = 1; i < run.size(); i++) {
            var a = run.get(i - 1);
            var b = run.get(i);
            if (Math.abs(a.to(at) + at.to(b) - a.to(b)) < 1e-6) return gone + a.to(at);
            gone += a.to(b);
        }
        return -1;
    }

    private static List<Point> chord(Piece piece, int edge) {
        var run = piece.run(edge);
        return List.of(run.getFirst(), run.getLast());
    }

    private static Point middle(List<Point> chord) {
        return chord.getFirst().plus(chord.getLast()).times(0.5);
    }

    private static double heading(List<Point> chord) {
        var along = chord.getLast().minus(chord.getFirst());
        return Math.atan2(along.y(), along.x());
    }
}
