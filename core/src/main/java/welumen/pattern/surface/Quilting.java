package welumen.pattern.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import welumen.pattern.Seam;
import welumen.pattern.piece.Against;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface.Quilted;
import welumen.shape.Point;
import welumen.shape.Run;

/** Diamonds that close on one piece, and go on across a seam onto the next so that their rows meet. */
public final class Quilting {
    private static final double ROUNDING = 1e-6;

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
     * How many diamonds lie across a piece whose lattice closes on both its sides; empty where it does not, or lies askew. Of
     * two rows one has so many whole ones, the next one fewer and a half at each end.
     */
    public static OptionalInt across(Piece piece, Quilted quilted) {
        var box = piece.net().box();
        var pitches = box.width() / quilted.wideMm();
        var off = (quilted.through().x() - box.minX()) / (quilted.wideMm() / 2);
        var closes = quilted.degrees() == 0 && isWhole(pitches) && isWhole(off);
        return closes ? OptionalInt.of((int) Math.round(pitches)) : OptionalInt.empty();
    }

    private static boolean isWhole(double number) {
        return Math.abs(number - Math.rint(number)) < ROUNDING;
    }

    /**
     * The lattice of one piece as it goes on over another that is laid against it.
     *
     * @param from the piece that has diamonds
     * @throws IllegalArgumentException if it has none
     */
    public static Quilted carried(Piece from, Seam.Side fromSide, Piece onto, Seam.Side ontoSide) {
        if (Against.laid(onto, ontoSide.edge(), from, fromSide.edge()).inside().surface() instanceof Quilted carried)
            return carried;
        throw new IllegalArgumentException("There are no diamonds on [%s].".formatted(from.name()));
    }

    /** By how much rows miss each other at the worst, where both edges lie side by side, in mm; measured along them alone. */
    public static double missMm(Piece one, Seam.Side oneSide, Piece other, Seam.Side otherSide) {
        var half = Math.min(one.lengthMm(oneSide.edge()), other.lengthMm(otherSide.edge())) / 2;
        var here = ends(one, oneSide.edge());
        var there = ends(other, otherSide.edge()).stream().map(at -> -at).toList();
        return Math.max(miss(here, there, half), miss(there, here, half));
    }

    /** Of those within half a length of the middle; none misses where there is none. */
    private static double miss(List<Double> some, List<Double> others, double half) {
        return some.stream()
                .filter(at -> Math.abs(at) <= half - ROUNDING)
                .mapToDouble(at -> others.stream()
                        .mapToDouble(other -> Math.abs(other - at))
                        .min()
                        .orElse(half))
                .max()
                .orElse(0);
    }

    /** Where rows run out of an edge, in mm along it from its middle. */
    private static List<Double> ends(Piece piece, int edge) {
        var half = piece.lengthMm(edge) / 2;
        var ends = new ArrayList<Double>();
        for (var row : SewnLines.of(piece).rows())
            for (var end : List.of(row.from(), row.to())) {
                var run = new Run(piece.run(edge));
                if (run.off(end) < ROUNDING) ends.add(run.nearest(end) - half);
            }
        return ends;
    }
}
