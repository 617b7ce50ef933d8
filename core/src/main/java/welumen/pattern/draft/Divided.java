package welumen.pattern.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
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
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeEdit;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Inside;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Run;

/**
 * Two pieces of one, parted along a straight line from edge to edge and sewn together there. What the old piece was sewn to
 * stays sewn, except in an edge that is parted itself.
 *
 * <p>Exact but for 1e-6 mm where the line meets a curve; linear in the points.
 */
public final class Divided {
    private static final String CUT = "to its other half";
    private static final double SLACK_MM = 1e-6;

    private final Piece piece;
    private final Line line;
    private final Optional<Names> names;

    private Divided(Piece piece, Line line, Optional<Names> names) {
        this.piece = piece;
        this.line = line;
        this.names = names;
    }

    /**
     * What the two are called.
     *
     * @param toward the way in which the far one lies from the near one
     */
    public record Names(String near, String far, Point toward) {}

    /**
     * Where a piece is parted.
     *
     * @param from an edge, from 0
     * @param fromShare how far along it, over 0 and under 1
     */
    public record Line(int from, double fromShare, int to, double toShare) {
        public List<Point> ends(Piece piece) {
            return List.of(end(piece, from, fromShare), end(piece, to, toShare));
        }

        private static Point end(Piece piece, int edge, double share) {
            var run = new Run(piece.run(edge));
            return run.at(share * run.lengthMm());
        }
    }

    /** What happens to the pattern; refused where the line leaves the piece, or goes through something in it. */
    public static Parsed<List<PatternChange>> along(Patterns patterns, Piece piece, Line line) {
        return along(patterns, piece, line, Optional.empty());
    }

    /** The same with names of one's own. */
    public static Parsed<List<PatternChange>> along(Patterns patterns, Piece piece, Line line, Optional<Names> names) {
        if (line.from() == line.to())
            return new Refused<>("A piece is parted from one edge to another, not to the same.");
        return new Divided(
                        piece,
                        line.from() < line.to()
                                ? line
                                : new Line(line.to(), line.toShare(), line.from(), line.fromShare()),
                        names)
                .changes(patterns);
    }

    private Parsed<List<PatternChange>> changes(Patterns patterns) {
        var wrong = fault();
        if (wrong.isPresent()) return new Refused<>(wrong.get());
        // the later edge first, so that the earlier one keeps its number
        var parted = EdgeEdit.split(piece, line.to(), line.toShare())
                .flatMap(once -> EdgeEdit.split(once, line.from(), line.fromShare()));
        if (!(parted instanceof Understood<Piece>(var both)))
            return new Refused<>("It cannot be parted there: the line begins or ends in a corner. Move it a little.");
        var count = both.edges().size();
        var first = line.from() + 1; // behind the line's beginning
        var last = line.to() + 2; // behind its end: one edge more lies before it
        var one = half(both, first, last, 0);
        var other = half(both, last, first + count, 1);
        var names = names(one, other);
        var drawnOne = one.named(names.getFirst());
        var drawnOther = other.named(names.getLast());
        var changes = new ArrayList<PatternChange>(List.of(
                new PieceDropped(piece.id()),
                new PieceDrawn(drawnOne),
                new PieceDrawn(drawnOther),
                new PieceMadeOf(drawnOne.id(), List.of(Parent.of(piece))),
                new PieceMadeOf(drawnOther.id(), List.of(Parent.of(piece))),
                new SeamJoined(new Seam(
                        new Side(drawnOne.id(), one.edges().size() - 1),
                        new Side(drawnOther.id(), other.edges().size() - 1),
                        0,
                        false))));
        for (var seam : patterns.seams())
            kept(seam, drawnOne.id(), drawnOther.id()).ifPresent(changes::add);
        return new Understood<>(List.copyOf(changes));
    }

    private Optional<String> fault() {
        var ends = line.ends(piece);
        var cut = line(ends);
        var room = Planar.polygon(piece.net());
        if (!room.buffer(SLACK_MM).covers(cut)
                || room.getExteriorRing().intersection(cut).getLength() > SLACK_MM)
            return Optional.of("A straight line between these places leaves the piece. Choose other ones.");
        for (var hole : piece.holes())
            if (Planar.polygon(hole).intersects(cut))
                return Optional.of(hit("a hole", hole.box().middle()));
        for (var keepOut : piece.inside().keepOuts())
            if (Planar.polygon(keepOut.room()).intersects(cut))
                return Optional.of(hit(keepOut.what(), keepOut.room().box().middle()));
        for (var piercing : piece.inside().piercings())
            if (new Run(ends).off(piercing.at()) < piercing.sizeMm() / 2 + EdgeFinish.SEWN.allowanceMm())
                return Optional.of(hit(piercing.what().isEmpty() ? "a hole" : piercing.what(), piercing.at()));
        return Optional.empty();
    }

    private static String hit(String what, Point at) {
        return "The line would go through %s at %.0f, %s. Move it.".formatted(what, at.x(), Lengths.near(at.y()));
    }

    private static LineString line(List<Point> ends) {
        return Planar.FACTORY.createLineString(
                ends.stream().map(end -> new Coordinate(end.x(), end.y())).toArray(Coordinate[]::new));
    }

    /** The edges from one up to another, and the line back. */
    private static Piece half(Piece both, int from, int to, int number) {
        var count = both.edges().size();
        var edges = new ArrayList<Edge>();
        for (var i = from; i < to; i++) edges.add(both.edges().get(i % count));
        var start = both.edges().get(to % count).line().getFirst();
        edges.add(new Edge(CUT, List.of(start), EdgeFinish.SEWN, EdgeFinish.SEWN.allowanceMm()));
        var bare = both.with(Inside.NOTHING.with(both.inside().surface()))
                .withEdges(edges)
                .named(both.name() + " " + (number + 1));
        return bare.with(within(both.inside(), bare.net()));
    }

    private static Inside within(Inside inside, Outline outline) {
        var room = Planar.polygon(outline);
        return new Inside(
                inside.holes().stream()
                        .filter(hole -> room.contains(Planar.polygon(hole)))
                        .toList(),
                inside.piercings().stream()
                        .filter(piercing -> room.contains(Planar.FACTORY.createPoint(
                                new Coordinate(piercing.at().x(), piercing.at().y()))))
                        .toList(),
                inside.keepOuts().stream()
                        .filter(keepOut -> room.contains(Planar.polygon(keepOut.room())))
                        .toList(),
                inside.surface());
    }

    private List<String> names(Piece one, Piece other) {
        var apart = other.net().box().middle().minus(one.net().box().middle());
        if (names.isPresent()) {
            var given = names.get();
            return given.toward().x() * apart.x() + given.toward().y() * apart.y() > 0
                    ? List.of(given.near(), given.far())
                    : List.of(given.far(), given.near());
        }
        var across = Math.abs(apart.x()) > Math.abs(apart.y());
        var isAhead = across ? apart.x() > 0 : apart.y() > 0;
        var near = piece.name() + (across ? ", left half" : ", front half");
        var far = piece.name() + (across ? ", right half" : ", rear half");
        return isAhead ? List.of(near, far) : List.of(far, near);
    }

    /** A seam of the old piece as one of the new ones', if its edge is whole. */
    private Optional<PatternChange> kept(Seam seam, String one, String other) {
        if (!seam.one().piece().equals(piece.id()) && !seam.other().piece().equals(piece.id())) return Optional.empty();
        var first = kept(seam.one(), one, other);
        var second = kept(seam.other(), one, other);
        if (first.isEmpty() || second.isEmpty()) return Optional.empty();
        return Optional.of(new SeamJoined(seam.between(first.get(), second.get())));
    }

    private Optional<Side> kept(Side side, String one, String other) {
        if (!side.piece().equals(piece.id())) return Optional.of(side);
        if (side.edge() == line.from() || side.edge() == line.to()) return Optional.empty();
        // the first half begins with what is left of the edge where the line begins
        if (side.edge() > line.from() && side.edge() < line.to())
            return Optional.of(new Side(one, side.edge() - line.from(), side.copy()));
        var count = piece.edges().size();
        return Optional.of(new Side(other, Math.floorMod(side.edge() - line.to(), count), side.copy()));
    }
}
