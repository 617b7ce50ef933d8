package welumen.pattern.sides;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.pattern.Mirrored;
import welumen.pattern.Moved;
import welumen.pattern.Piece;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Run;

/**
 * A piece of one side mirrored and laid over its fellow: every place where they differ by more than a trimmer would let pass.
 *
 * @param mirrored the one side's piece, mirrored, as it lies on the other
 * @param places the largest first
 */
public record SidesCompared(Piece mirrored, List<Place> places) {
    /** What is nearer is the same. */
    public static final double SAME_MM = 3;

    private static final double LEAST_AREA = 60;
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
    public record Place(Outline where, int edge, double mm, boolean isMore) {}

    public SidesCompared {
        places = List.copyOf(places);
    }

    /** @param fellow the piece of the other side */
    public static SidesCompared of(Piece piece, Piece fellow) {
        var mirrored = laid(Mirrored.of(piece, fellow.part(), fellow.name()), fellow);
        var places = new ArrayList<Place>();
        places(fellow, mirrored, true, fellow, places);
        places(mirrored, fellow, false, fellow, places);
        places.sort(Comparator.comparingDouble(Place::mm).reversed());
        return new SidesCompared(mirrored, places);
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
            if (mm > SAME_MM) places.add(new Place(where, nearestEdge(fellow, farthest), mm, isMore));
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
