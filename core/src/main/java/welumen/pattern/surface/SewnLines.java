package welumen.pattern.surface;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.shape.Axes;
import welumen.shape.Kept;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * The rows of stitches, or the folds, that a surface is worked with, cut off at its edges and holes.
 *
 * @param rows on the finished piece, in its own mm
 *  @param widthMm of a flute or a pleat, or of a diamond; 0 on a plain piece
 * @param count how many flutes there are across, or how many diamonds the rows close
 */
public record SewnLines(List<Row> rows, double widthMm, int count) {
    private static final SewnLines NONE = new SewnLines(List.of(), 0, 0);

    /** Distance in mm from an edge below which a row is the edge's own. */
    private static final double ON_EDGE_MM = 0.5;

    private static final double SHORTEST_MM = 2;

    /** A row of stitches. */
    public record Row(Point from, Point to) {
        public double lengthMm() {
            return from.to(to);
        }
    }

    public SewnLines {
        rows = List.copyOf(rows);
    }

    /** Rows of the pieces that were asked for last: each drawing asks for all again. */
    private static final Kept<Piece, SewnLines> LAST = new Kept<>(200);

    public static SewnLines of(Piece piece) {
        return piece.inside().surface() instanceof Surface.Plain ? NONE : LAST.of(piece, SewnLines::drawn);
    }

    private static SewnLines drawn(Piece piece) {
        return switch (piece.inside().surface()) {
            case Surface.Plain plain -> NONE;
            case Surface.Perforated holes -> NONE;
            case Surface.Fluted fluted -> channels(piece, fluted.degrees(), fluted.wantedMm());
            case Surface.Pleated pleated -> channels(piece, pleated.degrees(), pleated.wantedMm());
            case Surface.Quilted quilted -> quilted(piece, quilted);
        };
    }

    private static SewnLines channels(Piece piece, double degrees, double wantedMm) {
        var frame = new Axes(new Point(0, 0), degrees - 90); // its x runs across them

        var box = frame.box(piece.net().corners());
        var flutes = Flutes.across(box.width(), wantedMm, 1);
        var rows = new ArrayList<Row>();
        for (var i = 1; i < flutes.count(); i++) {
            var x = box.minX() + i * flutes.widthMm();
            rows.addAll(
                    clipped(piece, frame.out(new Point(x, box.minY() - 1)), frame.out(new Point(x, box.maxY() + 1))));
        }
        return new SewnLines(rows, flutes.widthMm(), flutes.count());
    }

    private static SewnLines quilted(Piece piece, Surface.Quilted quilted) {
        var frame = new Axes(quilted.through(), quilted.degrees());
        var box = frame.box(piece.net().corners());
        var slope = quilted.highMm() / quilted.wideMm();
        var reach = Math.max(Math.abs(box.minY()), Math.abs(box.maxY())) / slope;
        var rows = new ArrayList<Row>();
        for (var k = Math.floor((box.minX() - reach) / quilted.wideMm());
                k * quilted.wideMm() <= box.maxX() + reach;
                k++) {
            var start = k * quilted.wideMm();
            for (var rise : new double[] {slope, -slope})
                rows.addAll(clipped(
                        piece,
                        frame.out(new Point(start + (box.minY() - 1) / rise, box.minY() - 1)),
                        frame.out(new Point(start + (box.maxY() + 1) / rise, box.maxY() + 1))));
        }
        var diamond = quilted.wideMm() * quilted.highMm() / 2;
        return new SewnLines(
                rows, quilted.wideMm(), (int) Math.round(piece.net().area() / diamond));
    }

    /** What of a line lies on the piece, and not along its edge. */
    private static List<Row> clipped(Piece piece, Point from, Point to) {
        var line = Planar.FACTORY.createLineString(
                new Coordinate[] {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())});
        var left = Planar.polygon(new Shape(piece.net(), piece.holes())).intersection(line);
        var edge = Planar.polygon(piece.net()).getExteriorRing();
        var rows = new ArrayList<Row>();
        for (var i = 0; i < left.getNumGeometries(); i++)
            if (left.getGeometryN(i) instanceof LineString run
                    && run.getLength() >= SHORTEST_MM
                    && !liesAlong(run, edge)) {
                var ends = Planar.points(run.getCoordinates());
                rows.add(new Row(ends.getFirst(), ends.getLast()));
            }
        return rows;
    }

    private static boolean liesAlong(LineString run, Geometry edge) {
        return edge.distance(run.getCentroid()) < ON_EDGE_MM;
    }

    public double lengthMm() {
        return rows.stream().mapToDouble(Row::lengthMm).sum();
    }

    /** Where two rows cross within the piece. */
    public int crossings() {
        var lines = rows.stream()
                .map(row -> Planar.FACTORY.createLineString(new Coordinate[] {
                    new Coordinate(row.from().x(), row.from().y()),
                    new Coordinate(row.to().x(), row.to().y())
                }))
                .toList();
        var count = 0;
        for (var i = 0; i < lines.size(); i++)
            for (var k = i + 1; k < lines.size(); k++) if (lines.get(i).crosses(lines.get(k))) count++;
        return count;
    }

    /** Edges in which rows end in the open, so that nothing holds them: neither sewn nor turned. */
    public static List<Integer> openEdges(Piece piece) {
        var rows = of(piece).rows();
        var open = new ArrayList<Integer>();
        for (var edge = 0; edge < piece.edges().size(); edge++) {
            var finish = piece.edges().get(edge).finish();
            if (finish != EdgeFinish.RAW && finish != EdgeFinish.TRIMMED_IN_PLACE) continue;
            var number = edge;
            if (rows.stream()
                    .anyMatch(row -> edgeAt(piece, row.from()).equals(OptionalInt.of(number))
                            || edgeAt(piece, row.to()).equals(OptionalInt.of(number)))) open.add(edge);
        }
        return open;
    }

    /** The edge on which a place lies. */
    static OptionalInt edgeAt(Piece piece, Point at) {
        var point = Planar.FACTORY.createPoint(new Coordinate(at.x(), at.y()));
        for (var edge = 0; edge < piece.edges().size(); edge++) {
            var run = piece.run(edge).stream()
                    .map(corner -> new Coordinate(corner.x(), corner.y()))
                    .toArray(Coordinate[]::new);
            if (Planar.FACTORY.createLineString(run).distance(point) < 1e-6) return OptionalInt.of(edge);
        }
        return OptionalInt.empty();
    }
}
