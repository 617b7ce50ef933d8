package welumen.pattern.sides;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Moved;
import welumen.pattern.piece.Piece;
import welumen.shape.Axes;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Run;

/**
 * A piece of one side mirrored and laid over its fellow: every place where they differ. They are laid from a datum, corner on
 * corner and edge along edge, so that a difference is as large as one would measure it there. A best fit shares one difference
 * out over many places; it is a second reading.
 *
 * <p>From a datum, places are exact to the drawing of curves. The best fit is a pattern search (Hooke and Jeeves,
 * 1961) to 0.1 mm; it finds a near minimum, not always the least.
 *
 * @param mirrored the one side's piece, mirrored, as it lies on the other
 * @param datum the edge of the fellow from whose beginning they are laid, from 0; below nought for a best fit
 * @param places the largest first
 */
public record SidesCompared(Piece mirrored, int datum, List<Place> places) {
    /** Number that stands for a best fit in place of a datum. */
    public static final int BEST_FIT = -1;

    /** Difference in mm below which two sides are the same. */
    public static final double SAME_MM = 3;

    /** Difference in mm below which nobody measures. */
    private static final double LISTED_MM = 0.5;

    private static final double LEAST_AREA = 20;
    private static final double STEP_MM = 2;
    private static final double[] STEPS = {8, 4, 2, 1, 0.5, 0.25, 0.1};
    private static final double TURN_A_MM = 0.05;
    private static final int MOST_ROUNDS = 200;

    /**
     * A place where the two differ.
     *
     * @param where the part of it that lies in the one and not in the other
     * @param edge of the fellow, the nearest, from 0
     * @param mm how far the two outlines are apart there, at the most
     * @param isMore whether the fellow has more there than the mirrored piece
     */
    public record Place(Outline where, int edge, double mm, boolean isMore) {
        /** Whether a trimmer would let it pass. */
        public boolean isSame() {
            return mm <= SAME_MM;
        }
    }

    public SidesCompared {
        places = List.copyOf(places);
    }

    /**
     * From the datum from which the most of the two borders is the same: what is left is what differs.
     *
     * @param fellow the piece of the other side
     */
    public static SidesCompared of(Piece piece, Piece fellow) {
        var fitted = laid(Mirrored.of(piece, fellow.part(), fellow.name()), fellow);
        return IntStream.range(0, fellow.edges().size())
                .mapToObj(edge -> alongEdge(fitted, fellow, edge))
                .max(Comparator.comparingLong((SidesCompared one) -> one.same(fellow))
                        .thenComparingDouble(one ->
                                -one.places.stream().mapToDouble(Place::mm).sum()))
                .orElseThrow();
    }

    /** How many of the places on the fellow's border lie on the mirrored one's. */
    private long same(Piece fellow) {
        var border = new Run(closed(mirrored.net()));
        var rim = new Run(closed(fellow.net()));
        return rim.evenly(Math.max(2, (int) (rim.lengthMm() / STEP_MM))).stream()
                .filter(point -> border.off(point) <= LISTED_MM)
                .count();
    }

    /** From the corner where an edge of the fellow begins, along that edge. */
    public static SidesCompared fromDatum(Piece piece, Piece fellow, int edge) {
        return alongEdge(laid(Mirrored.of(piece, fellow.part(), fellow.name()), fellow), fellow, edge);
    }

    private static SidesCompared alongEdge(Piece fitted, Piece fellow, int edge) {
        var onto = Axes.along(fellow.run(edge));
        var from = Axes.along(fitted.run(like(fitted, fellow.run(edge))));
        var turned = new Pose(0, 0, onto.degrees() - from.degrees(), false);
        var shift = onto.origin().minus(turned.apply(from.origin()));
        return compared(Moved.by(fitted, turned.at(shift.x(), shift.y())), fellow, edge);
    }

    /** Laid so that what is in the one and not in the other is least: small differences everywhere, where one is large. */
    public static SidesCompared byBestFit(Piece piece, Piece fellow) {
        return compared(laid(Mirrored.of(piece, fellow.part(), fellow.name()), fellow), fellow, BEST_FIT);
    }

    /** The edge whose ends lie nearest to those of a run. */
    private static int like(Piece piece, List<Point> run) {
        return IntStream.range(0, piece.edges().size())
                .boxed()
                .min(Comparator.comparingDouble(edge -> {
                    var own = piece.run(edge);
                    return own.getFirst().to(run.getFirst()) + own.getLast().to(run.getLast());
                }))
                .orElseThrow();
    }

    /** Where they differ by more than a trimmer would let pass. */
    public List<Place> differing() {
        return places.stream().filter(place -> !place.isSame()).toList();
    }

    private static SidesCompared compared(Piece mirrored, Piece fellow, int datum) {
        var places = new ArrayList<Place>();
        places(fellow, mirrored, true, fellow, places);
        places(mirrored, fellow, false, fellow, places);
        places.sort(Comparator.comparingDouble(Place::mm).reversed());
        return new SidesCompared(mirrored, datum, places);
    }

    private static void places(Piece more, Piece less, boolean isMore, Piece fellow, List<Place> places) {
        var rest =
                OverlayNGRobust.overlay(Planar.polygon(more.net()), Planar.polygon(less.net()), OverlayNG.DIFFERENCE);
        var border = new Run(closed(less.net()));
        for (var polygon : Planar.polygons(rest)) {
            if (polygon.getArea() < LEAST_AREA) continue;
            var where = Planar.outline(polygon);
            var rim = new Run(closed(where));
            // a notch's corners all lie on the border that has it; its mouth does not
            var farthest = rim.evenly(Math.max(2, (int) (rim.lengthMm() / STEP_MM))).stream()
                    .max(Comparator.comparingDouble(border::off))
                    .orElseThrow();
            var mm = border.off(farthest);
            if (mm > LISTED_MM) places.add(new Place(where, nearestEdge(fellow, farthest), mm, isMore));
        }
    }

    private static int nearestEdge(Piece piece, Point to) {
        var best = 0;
        for (var edge = 1; edge < piece.edges().size(); edge++)
            if (new Run(piece.run(edge)).off(to) < new Run(piece.run(best)).off(to)) best = edge;
        return best;
    }

    private static List<Point> closed(Outline outline) {
        var ring = new ArrayList<>(outline.corners());
        ring.add(ring.getFirst());
        return ring;
    }

    /** Shifted and turned until what is in the one and not in the other is least. */
    private static Piece laid(Piece mirrored, Piece onto) {
        var goal = Planar.polygon(onto.net());
        var shape = mirrored.net();
        var shift = onto.net().box().middle().minus(shape.box().middle());
        var best = new Pose(shift.x(), shift.y(), 0, false);
        var least = apart(shape, best, goal);
        for (var step : STEPS) {
            var improved = true;
            for (var round = 0; improved && round < MOST_ROUNDS; round++) {
                improved = false;
                for (var pose : around(best, step, shape)) {
                    var area = apart(shape, pose, goal);
                    if (area < least - 1e-9) {
                        least = area;
                        best = pose;
                        improved = true;
                    }
                }
            }
        }
        return Moved.by(mirrored, best);
    }

    private static List<Pose> around(Pose pose, double step, Outline shape) {
        var middle = pose.apply(shape.box().middle());
        var poses = new ArrayList<Pose>();
        poses.add(pose.at(pose.x() + step, pose.y()));
        poses.add(pose.at(pose.x() - step, pose.y()));
        poses.add(pose.at(pose.x(), pose.y() + step));
        poses.add(pose.at(pose.x(), pose.y() - step));
        for (var turn : new double[] {step * TURN_A_MM, -step * TURN_A_MM}) {
            var turned = new Pose(0, 0, pose.turnDegrees() + turn, false);
            var shift = middle.minus(turned.apply(shape.box().middle()));
            poses.add(turned.at(shift.x(), shift.y()));
        }
        return poses;
    }

    private static double apart(Outline shape, Pose pose, Geometry goal) {
        return OverlayNGRobust.overlay(Planar.polygon(pose.apply(shape)), goal, OverlayNG.SYMDIFFERENCE)
                .getArea();
    }
}
