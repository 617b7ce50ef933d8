package welumen.cut.judge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.cloth.Repeat;
import welumen.cut.cloth.StretchCourse;
import welumen.cut.judge.PlanFault.AgainstTheStretch;
import welumen.cut.judge.PlanFault.NoSuchCopy;
import welumen.cut.judge.PlanFault.NotSo;
import welumen.cut.judge.PlanFault.OffTheRepeat;
import welumen.cut.judge.PlanFault.OverTheEdge;
import welumen.cut.judge.PlanFault.PoorGrade;
import welumen.cut.judge.PlanFault.TooClose;
import welumen.cut.stock.Grades;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/**
 * The independent judge of a plan: polygon overlay and distances of the geometry library on the pieces as they lie, none
 * of the nester's own code. Distances are judged to {@link #TOLERANCE}; an overlap counts once it is wider than that.
 *
 * <p>Every pair whose boxes meet is overlaid, O(n²) at the worst; overlay and distance are Davis and others' (JTS,
 * OverlayNG), on coordinates of double precision.
 */
public final class PlanCheck {
    /** Distance in mm to which a plan is judged. */
    public static final double TOLERANCE = 0.01;

    private static final long MANY = 100_000;

    private final CutProblem problem;
    private final Map<String, Judged> grounds;

    private record PoorFor(String stock, int grade) {}

    private final Map<PoorFor, List<Polygon>> poor;
    private final Map<String, Grades> grades;
    private final Map<String, StretchCourse> courses;

    /** What lay in the last plan that was found valid, which is not judged again among itself. */
    private volatile Set<Placement> sound = Set.of();

    /**
     * A judge of many plans of one problem, who keeps what he has found out about its stocks and about what lies as it did;
     * any thread may ask him.
     */
    public PlanCheck(CutProblem problem) {
        this.problem = problem;
        this.grounds = new ConcurrentHashMap<>();
        this.poor = new ConcurrentHashMap<>();
        this.grades = new ConcurrentHashMap<>();
        this.courses = new ConcurrentHashMap<>();
    }

    private PlanCheck(CutProblem problem, PlanCheck before) {
        this.problem = problem;
        this.grounds = before.grounds;
        this.poor = before.poor;
        this.grades = before.grades;
        this.courses = before.courses;
    }

    /** A judge of the same with other pins, who need not look at the stocks again; of anything else a new one. */
    public PlanCheck with(CutProblem other) {
        if (other.gap() != problem.gap()
                || !other.pieces().equals(problem.pieces())
                || !other.stock().equals(problem.stock())) return new PlanCheck(other);
        var next = new PlanCheck(other, this);
        // a pin excuses what lies off the repeat: what was only excused by one that is gone is judged again
        next.sound = sound.stream()
                .filter(placement -> !problem.isPinned(placement.piece(), placement.copy())
                        || other.isPinned(placement.piece(), placement.copy()))
                .collect(Collectors.toUnmodifiableSet());
        return next;
    }

    /** Everything that is wrong; empty for a valid plan. */
    public static List<PlanFault> faults(CutProblem problem, List<Placement> placements) {
        return new PlanCheck(problem).faults(placements);
    }

    /** Everything that is wrong with one plan; empty for a valid one. */
    public List<PlanFault> faults(List<Placement> placements) {
        var faults = new ArrayList<PlanFault>(copies(placements));
        var known = sound;
        var isNew =
                placements.stream().map(placement -> !known.contains(placement)).toList();
        var lying = placements.stream()
                .map(placement -> Lies.of(problem, placement))
                .toList();
        faults.addAll(IntStream.range(0, lying.size())
                .parallel()
                .filter(isNew::get)
                .mapToObj(i -> alone(lying.get(i)))
                .flatMap(List::stream)
                .toList());
        for (var pair : neighbours(lying))
            if (isNew.get(pair.one()) || isNew.get(pair.other()))
                together(lying.get(pair.one()), lying.get(pair.other()), faults);
        if (faults.isEmpty()) sound = Set.copyOf(placements);
        return faults;
    }

    /** Two that may be too near each other, the lesser number first. */
    private record Pair(int one, int other) {}

    /** Of each stock, by their boxes; in order. */
    private List<Pair> neighbours(List<Lies> lying) {
        var trees = new HashMap<String, STRtree>();
        for (var i = 0; i < lying.size(); i++)
            trees.computeIfAbsent(lying.get(i).stock().id(), _ -> new STRtree())
                    .insert(envelope(lying.get(i).shape().outline()), i);
        var pairs = new ArrayList<Pair>();
        for (var i = 0; i < lying.size(); i++) {
            var one = i;
            var box = envelope(lying.get(i).shape().outline());
            box.expandBy(problem.gap());
            Objects.requireNonNull(trees.get(lying.get(i).stock().id())).query(box, found -> {
                if ((int) found > one) pairs.add(new Pair(one, (int) found));
            });
        }
        pairs.sort(Comparator.comparingInt(Pair::one).thenComparingInt(Pair::other));
        return pairs;
    }

    private List<PlanFault> copies(List<Placement> placements) {
        var seen = new HashSet<List<Object>>();
        return placements.stream()
                .filter(placement -> placement.copy() < 1
                        || placement.copy() > problem.piece(placement.piece()).quantity()
                        || !seen.add(List.of(placement.piece(), placement.copy())))
                .<PlanFault>map(placement -> new NoSuchCopy(placement.piece(), placement.copy()))
                .toList();
    }

    private List<PlanFault> alone(Lies lies) {
        var faults = new ArrayList<PlanFault>();
        var pose = lies.placement().pose();
        var notSo = lies.piece().notSoBecause(pose.turnDegrees(), pose.flipped(), lies.stock());
        if (notSo.isPresent()) faults.add(new NotSo(lies.name(), lies.stock().id(), notSo.get()));
        else if (!courses.computeIfAbsent(lies.stock().id(), _ -> StretchCourse.of(lies.stock()))
                .suits(lies.piece(), pose, Planar.centroid(lies.shape())))
            faults.add(new AgainstTheStretch(lies.name(), lies.stock().id()));
        if (Repeat.isOff(lies.piece(), pose, lies.stock())
                && !problem.isPinned(lies.placement().piece(), lies.placement().copy()))
            faults.add(new OffTheRepeat(lies.name(), lies.stock().id()));
        var piece = Planar.polygon(lies.shape());
        var ground = grounds.computeIfAbsent(
                lies.stock().id(), _ -> Judged.of(lies.stock().shape()));
        if (overTheEdge(piece, ground))
            faults.add(new OverTheEdge(lies.name(), lies.stock().id()));
        for (var place : poorPlaces(lies)) {
            if (!place.getEnvelopeInternal().intersects(piece.getEnvelopeInternal())) continue;
            var over = OverlayNGRobust.overlay(piece, place, OverlayNG.INTERSECTION);
            if (overlap(over))
                faults.add(new PoorGrade(lies.name(), lies.stock().id(), over.getArea()));
        }
        return faults;
    }

    /** What of its stock is worse than its grade. */
    private List<Polygon> poorPlaces(Lies lies) {
        return poor.computeIfAbsent(
                new PoorFor(lies.stock().id(), lies.piece().grade()),
                wanted -> grades.computeIfAbsent(wanted.stock(), _ -> Grades.of(lies.stock()))
                        .worseThan(wanted.grade()));
    }

    /** A stock as it is judged. */
    private record Judged(Polygon whole, IndexedFacetDistance edge, List<Polygon> flaws) {
        static Judged of(Shape shape) {
            var whole = Planar.polygon(shape.outline());
            return new Judged(
                    whole,
                    new IndexedFacetDistance(whole.getBoundary()),
                    shape.holes().stream().map(Planar::polygon).toList());
        }
    }

    /** Flaws are judged one by one: they may reach over the edge or over each other. */
    private boolean overTheEdge(Polygon piece, Judged ground) {
        if (overlap(OverlayNGRobust.overlay(piece, ground.whole(), OverlayNG.DIFFERENCE))
                || isTooNear(ground.edge().distance(piece.getBoundary()))) return true;
        var box = piece.getEnvelopeInternal();
        box.expandBy(problem.gap());
        for (var flaw : ground.flaws())
            if (box.intersects(flaw.getEnvelopeInternal())
                    && (overlap(OverlayNGRobust.overlay(piece, flaw, OverlayNG.INTERSECTION))
                            || isTooNear(distance(piece.getBoundary(), flaw.getBoundary())))) return true;
        return false;
    }

    private boolean isTooNear(double distance) {
        return problem.gap() > 0 && distance < problem.gap() - TOLERANCE;
    }

    private void together(Lies one, Lies other, List<PlanFault> faults) {
        if (!near(one.shape(), other.shape(), problem.gap())) return;
        var a = Planar.polygon(one.shape());
        var b = Planar.polygon(other.shape());
        var crossed = overlap(OverlayNGRobust.overlay(a, b, OverlayNG.INTERSECTION));
        var distance = crossed ? 0 : distance(a, b);
        if (crossed || distance < problem.gap() - TOLERANCE)
            faults.add(new TooClose(one.name(), other.name(), one.stock().id(), distance));
    }

    /** Of two that have nothing in common; of many corners by an index, since each with each would take for ever. */
    private static double distance(Geometry one, Geometry other) {
        return (long) one.getNumPoints() * other.getNumPoints() > MANY
                ? IndexedFacetDistance.distance(one, other)
                : one.distance(other);
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
