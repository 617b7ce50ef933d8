package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import welumen.cut.CutPiece;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

/**
 * A piece turned and flipped one way, at the origin: its shape, the same a hair smaller for testing (so that pieces may
 * touch), and the corners with which it is offered up to what lies there already.
 */
final class Attitude {
    /** By how much the tested shape is smaller, in mm; far below the plan's tolerance. */
    static final double HAIR = 1e-4;

    private static final int MOST_CORNERS = 12;

    final CutPiece piece;
    final Pose pose;
    final Shape shape;
    final Rings tested;
    /** Of its area. */
    final Point middle;

    final List<Point> corners;
    final List<Point> lowest;
    final List<Point> inner;
    private final Box box;

    private Attitude(CutPiece piece, Pose pose) {
        this.piece = piece;
        this.pose = pose;
        this.shape = pose.apply(piece.shape());
        this.tested = Rings.of(smaller(shape));
        this.middle = Planar.centroid(shape);
        this.box = shape.outline().box();
        this.lowest = List.of(new Point(box.minX(), box.minY()));
        this.corners = Stream.concat(boxCorners(), reaching(shape.outline()).stream())
                .distinct()
                .toList();
        this.inner = inner();
    }

    static Attitude of(CutPiece piece, double turnDegrees, boolean flipped) {
        return new Attitude(piece, new Pose(0, 0, turnDegrees, flipped));
    }

    double[] box(double dx, double dy) {
        return new double[] {box.minX() + dx, box.minY() + dy, box.maxX() + dx, box.maxY() + dy};
    }

    private static Shape smaller(Shape shape) {
        var parameters = new BufferParameters(4, BufferParameters.CAP_SQUARE, BufferParameters.JOIN_MITRE, 10);
        var polygons = Planar.polygons(BufferOp.bufferOp(Planar.polygon(shape), -HAIR, parameters));
        return polygons.size() == 1 && !polygons.getFirst().isEmpty() ? Planar.shape(polygons.getFirst()) : shape;
    }

    private Stream<Point> boxCorners() {
        return Stream.of(
                lowest.getFirst(),
                new Point(box.maxX(), box.minY()),
                new Point(box.maxX(), box.maxY()),
                new Point(box.minX(), box.maxY()));
    }

    /** The corners that stand out; of a long outline those furthest out, evenly round. */
    private static List<Point> reaching(Outline outline) {
        var plain =
                DouglasPeuckerSimplifier.simplify(Planar.polygon(outline), 1).convexHull();
        var hull = Planar.points(plain.getCoordinates());
        if (hull.size() < 4) return outline.corners(); // thinner than what is taken for plain
        var all = hull.subList(0, hull.size() - 1);
        if (all.size() <= MOST_CORNERS) return all;
        var some = new ArrayList<Point>();
        for (var i = 0; i < MOST_CORNERS; i++) some.add(all.get(i * all.size() / MOST_CORNERS));
        return some;
    }

    /** Points well inside, for a first glance: near each corner, and in the middle. */
    private List<Point> inner() {
        var middle = new Point((box.minX() + box.maxX()) / 2, (box.minY() + box.maxY()) / 2);
        return Stream.concat(
                        Stream.of(middle),
                        corners.stream()
                                .map(corner -> corner.plus(middle.minus(corner).times(0.2))))
                .filter(point -> tested.contains(point.x(), point.y()))
                .toList();
    }
}
