package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.PatternChange;
import welumen.pattern.PatternChange.PieceDrawn;
import welumen.pattern.PatternChange.PieceDropped;
import welumen.pattern.PatternChange.PieceMadeOf;
import welumen.pattern.PatternChange.PieceMadeOf.Parent;
import welumen.pattern.PatternChange.SeamJoined;
import welumen.pattern.Patterns;
import welumen.pattern.Seam;
import welumen.pattern.Seam.Side;
import welumen.pattern.piece.Against;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Piece;
import welumen.shape.Run;

/**
 * One piece of two that were sewn to each other: the second is laid against the first, and the seam is gone.
 *
 * <p>Exact where the two edges are congruent; else the second is laid by {@value #PLACES} places of the seam, and is
 * refused where they part by more than {@value #APART_MM} mm.
 */
public final class Merged {
    /** Distance in mm that the two edges may lie apart and still be one line. */
    private static final double APART_MM = 3;

    private static final int PLACES = 41;

    private final Patterns patterns;
    private final Seam seam;
    private final Piece one;
    private final Piece other;

    private Merged(Patterns patterns, Seam seam, Piece one, Piece other) {
        this.patterns = patterns;
        this.seam = seam;
        this.one = one;
        this.other = other;
    }

    /** What happens to the pattern; refused where the edges do not lie on each other, with where they part. */
    public static Parsed<List<PatternChange>> at(Patterns patterns, Seam seam) {
        var one = patterns.findOne(seam.one().piece());
        var other = patterns.findOne(seam.other().piece());
        if (one.isEmpty() || other.isEmpty() || one.equals(other))
            return new Refused<>("One piece is made of two different ones.");
        if (one.get().pairing() != other.get().pairing())
            return new Refused<>("The one is cut %s, the other %s: they cannot be one piece."
                    .formatted(one.get().pairing().word(), other.get().pairing().word()));
        var laid = Against.laid(
                one.get(), seam.one().edge(), other.get(), seam.other().edge());
        return new Merged(patterns, seam, one.get(), laid).changes();
    }

    private Parsed<List<PatternChange>> changes() {
        var gap = widestGap();
        if (gap.mm() > APART_MM)
            return new Refused<>("Laid against each other, the two edges are %s apart %s along. Redraw one first."
                    .formatted(Lengths.said(gap.mm()), Lengths.near(gap.atMm())));
        var edges = new ArrayList<Edge>();
        for (var i = 1; i < one.edges().size(); i++)
            edges.add(one.edges().get((seam.one().edge() + i) % one.edges().size()));
        for (var i = 1; i < other.edges().size(); i++)
            edges.add(
                    other.edges().get((seam.other().edge() + i) % other.edges().size()));
        try {
            var merged = one.with(Inside.NOTHING)
                    .withEdges(edges)
                    .with(both(one.inside(), other.inside()))
                    .named(name());
            var changes = new ArrayList<PatternChange>(List.of(
                    new PieceDropped(one.id()),
                    new PieceDropped(other.id()),
                    new PieceDrawn(merged),
                    new PieceMadeOf(merged.id(), List.of(Parent.of(one), Parent.of(other)))));
            for (var kept : patterns.seams()) kept(kept).ifPresent(changes::add);
            return new Understood<>(List.copyOf(changes));
        } catch (IllegalArgumentException noPiece) {
            return new Refused<>("Laid against each other, the two lie over each other. They cannot be one piece.");
        }
    }

    /** Of two halves, what they were before. */
    private String name() {
        var parents = patterns.known().parentsOf(one.id());
        if (parents.size() == 1 && parents.equals(patterns.known().parentsOf(other.id())))
            return parents.getFirst().name();
        // as an earlier Welumen called them, which did not keep what they were made of
        return one.name().replaceFirst(", (left|right|front|rear) half$", "");
    }

    private record Gap(double mm, double atMm) {}

    private Gap widestGap() {
        var here = new Run(one.run(seam.one().edge()));
        var there = new Run(other.run(seam.other().edge()));
        var widest = new Gap(0, 0);
        for (var at : here.evenly(PLACES)) {
            var off = there.off(at);
            if (off > widest.mm()) widest = new Gap(off, here.nearest(at));
        }
        return widest;
    }

    private static Inside both(Inside one, Inside other) {
        return new Inside(
                all(one.holes(), other.holes()),
                all(one.piercings(), other.piercings()),
                all(one.keepOuts(), other.keepOuts()),
                one.surface());
    }

    private static <T> List<T> all(List<T> one, List<T> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    private Optional<PatternChange> kept(Seam other) {
        if (other.equals(seam) || !(touches(other.one()) || touches(other.other()))) return Optional.empty();
        var first = kept(other.one());
        var second = kept(other.other());
        return Optional.of(new SeamJoined(other.between(first, second)));
    }

    private boolean touches(Side side) {
        return side.piece().equals(one.id()) || side.piece().equals(other.id());
    }

    private Side kept(Side side) {
        if (side.piece().equals(one.id()))
            return new Side(
                    Piece.idOf(one.part(), name()),
                    Math.floorMod(
                            side.edge() - seam.one().edge() - 1, one.edges().size()),
                    side.copy());
        if (side.piece().equals(other.id()))
            return new Side(
                    Piece.idOf(one.part(), name()),
                    one.edges().size()
                            - 1
                            + Math.floorMod(
                                    side.edge() - seam.other().edge() - 1,
                                    other.edges().size()),
                    side.copy());
        return side;
    }
}
