package welumen.cut;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.PlanFault.NoSuchCopy;
import welumen.cut.PlanFault.NotSo;
import welumen.cut.PlanFault.OffTheRepeat;
import welumen.cut.PlanFault.OverTheEdge;
import welumen.cut.PlanFault.PoorGrade;
import welumen.cut.PlanFault.TooClose;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/**
 * The independent judge of a plan: polygon overlay and distances of the geometry library on the pieces as they lie, none
 * of the nester's own code. Distances are judged to {@link #TOLERANCE}; an overlap counts once it is wider than that.
 */
public final class PlanCheck {
    /** In mm. */
    public static final double TOLERANCE = 0.01;

    private PlanCheck() {}

    /** Everything that is wrong; empty for a valid plan. */
    public static List<PlanFault> faults(CutProblem problem, List<Placement> placements) {
        var faults = new ArrayList<PlanFault>(copies(problem, placements));
        var lying = placements.stream()
                .map(placement -> Lies.of(problem, placement))
                .toList();
        Map<List<Object>, List<Polygon>> poor = new ConcurrentHashMap<>();
        faults.addAll(lying.parallelStream()
                .map(lies -> alone(
                        problem,
                        lies,
                        poor.computeIfAbsent(
                                List.of(lies.stock().id(), lies.piece().grade()),
                                _ -> Grades.worseThan(lies.piece().grade(), lies.stock()))))
                .flatMap(List::stream)
                .toList());
        for (var i = 0; i < lying.size(); i++)
            for (var j = i + 1; j < lying.size(); j++)
                if (lying.get(i).stock() == lying.get(j).stock()) together(problem, lying.get(i), lying.get(j), faults);
        return faults;
    }

    private static List<PlanFault> copies(CutProblem problem, List<Placement> placements) {
        var seen = new HashSet<List<Object>>();
        return placements.stream()
                .filter(placement -> placement.copy() < 1
                        || placement.copy() > problem.piece(placement.piece()).quantity()
                        || !seen.add(List.of(placement.piece(), placement.copy())))
                .<PlanFault>map(placement -> new NoSuchCopy(placement.piece(), placement.copy()))
                .toList();
    }

    /** @param poorPlaces what of its stock is worse than its grade */
    private static List<PlanFault> alone(CutProblem problem, Lies lies, List<Polygon> poorPlaces) {
        var faults = new ArrayList<PlanFault>();
        var pose = lies.placement().pose();
        if (!lies.piece().mayLie(pose.turnDegrees(), pose.flipped(), lies.stock()))
            faults.add(new NotSo(lies.name(), lies.stock().id()));
        if (Repeat.isOff(lies.piece(), pose, lies.stock())
                && !problem.isPinned(lies.placement().piece(), lies.placement().copy()))
            faults.add(new OffTheRepeat(lies.name(), lies.stock().id()));
        var piece = Planar.polygon(lies.shape());
        if (overTheEdge(piece, lies.stock().shape(), problem.gap()))
            faults.add(new OverTheEdge(lies.name(), lies.stock().id()));
        for (var poor : poorPlaces) {
            if (!poor.getEnvelopeInternal().intersects(piece.getEnvelopeInternal())) continue;
            var over = OverlayNGRobust.overlay(piece, poor, OverlayNG.INTERSECTION);
            if (overlap(over))
                faults.add(new PoorGrade(lies.name(), lies.stock().id(), over.getArea()));
        }
        return faults;
    }

    /** Flaws are judged one by one: they may reach over the edge or over each other. */
    private static boolean overTheEdge(Polygon piece, Shape ground, double gap) {
        var whole = Planar.polygon(ground.outline());
        if (overlap(OverlayNGRobust.overlay(piece, whole, OverlayNG.DIFFERENCE)) || tooNear(piece, whole, gap))
            return true;
        for (var hole : ground.holes()) {
            var flaw = Planar.polygon(hole);
            if (overlap(OverlayNGRobust.overlay(piece, flaw, OverlayNG.INTERSECTION)) || tooNear(piece, flaw, gap))
                return true;
        }
        return false;
    }

    private static boolean tooNear(Polygon piece, Polygon other, double gap) {
        return gap > 0 && IndexedFacetDistance.distance(piece.getBoundary(), other.getBoundary()) < gap - TOLERANCE;
    }

    private static void together(CutProblem problem, Lies one, Lies other, List<PlanFault> faults) {
        if (!near(one.shape(), other.shape(), problem.gap())) return;
        var a = Planar.polygon(one.shape());
        var b = Planar.polygon(other.shape());
        var crossed = overlap(OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION));
        var distance = crossed ? 0 : a.distance(b);
        if (crossed || distance < problem.gap() - TOLERANCE)
            faults.add(new TooClose(one.name(), other.name(), one.stock().id(), distance));
    }

    private static boolean near(Shape one, Shape other, double gap) {
        var box = envelope(one.outline());
        box.expandBy(gap);
        return box.intersects(envelope(other.outline()));
    }

    private static Envelope envelope(Outline outline) {
        var box = outline.box();
        return new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY());
    }

    /** Whether a shared area is more than a touch: something of it is left when a rim of the tolerance is taken off. */
    private static boolean overlap(Geometry shared) {
        if (shared.getArea() == 0) return false;
        return !shared.buffer(-TOLERANCE / 2).isEmpty();
    }
}
