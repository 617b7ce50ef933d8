package welumen.cut.nest.quick;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.Turns;
import welumen.cut.cloth.StretchCourse;
import welumen.cut.judge.Lies;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.shape.Box;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;

/**
 * Thousands of pieces in rows by the boxes round them, the deepest first (next fit by decreasing height: Coffman and others,
 * SIAM Journal on Computing 9, 1980): far from close, but there in a moment where a search would not come round. Not checked yet.
 */
public final class RowsPlan {
    private static final double STEP_MM = 20;
    private static final int MOST_TURNS = 4;

    private final CutProblem problem;
    private final StopSignal stop;
    private final List<Placement> placements = new ArrayList<>();
    private final Map<String, StretchCourse> courses = new HashMap<>();
    private Deque<Copy> left;

    private record Copy(CutPiece piece, int number) {}

    /** A piece as it lies at the origin. */
    private record Lying(Pose pose, Box box) {}

    private RowsPlan(CutProblem problem, StopSignal stop) {
        this.problem = problem;
        this.stop = stop;
        this.left = new ArrayDeque<>(problem.pieces().stream()
                .flatMap(piece -> Stream.iterate(1, copy -> copy <= piece.quantity(), copy -> copy + 1)
                        .filter(copy -> !problem.isPinned(piece.id(), copy))
                        .map(copy -> new Copy(piece, copy)))
                .sorted(Comparator.comparingDouble(
                        copy -> -copy.piece().shape().outline().box().height()))
                .toList());
    }

    /** The pinned ones, and all that found a place until it was stopped. */
    public static List<Placement> of(CutProblem problem, StopSignal stop) {
        var rows = new RowsPlan(problem, stop);
        rows.placements.addAll(problem.pinned());
        for (var stock : problem.stock()) rows.fill(stock);
        return List.copyOf(rows.placements);
    }

    private void fill(Stock stock) {
        var box = stock.shape().outline().box();
        var aside = new ArrayList<Copy>();
        var hopeless = new HashSet<String>();
        var x = box.minX();
        while (!left.isEmpty() && !stop.stopRequested()) {
            var front = left.peek();
            var lying = hopeless.contains(front.piece().id()) ? Optional.<Lying>empty() : lying(front.piece(), stock);
            if (lying.isEmpty() || x + lying.get().box().width() > box.maxX()) {
                hopeless.add(front.piece().id());
                aside.add(left.poll());
                continue;
            }
            var depth = row(stock, x, box);
            x += depth > 0 ? depth + problem.gap() : STEP_MM;
        }
        aside.addAll(left);
        left = new ArrayDeque<>(aside);
    }

    /** One row across the stock; how deep it is, nought where nothing found a place in it. */
    private double row(Stock stock, double x, Box box) {
        var depth = 0.0;
        var y = box.minY();
        while (!left.isEmpty() && y < box.maxY() && !stop.stopRequested()) {
            var front = left.peek();
            var lying = lying(front.piece(), stock);
            if (lying.isEmpty()) break;
            var own = lying.get().box();
            if (depth > 0 && own.width() > depth) break; // the next row is its own
            var pose = lying.get().pose().at(x - own.minX(), y - own.minY());
            if (!ground(stock, front.piece().grade()).covers(rectangle(x, y, own.width(), own.height()))
                    || !courses.computeIfAbsent(stock.id(), _ -> StretchCourse.of(stock))
                            .suits(front.piece(), pose, pose.apply(own(front)))) {
                y += STEP_MM;
                continue;
            }
            placements.add(new Placement(front.piece().id(), front.number(), stock.id(), pose));
            left.poll();
            depth = Math.max(depth, own.width());
            y += own.height() + problem.gap();
        }
        return depth;
    }

    private static Point own(Copy copy) {
        return Planar.centroid(copy.piece().shape());
    }

    private String lyingOf = "";
    private Optional<Lying> lyingNow = Optional.empty();

    /** Of the ways in which it may lie, that in which it takes least of a row's depth; the last one is known. */
    private Optional<Lying> lying(CutPiece piece, Stock stock) {
        var which = piece.id() + " " + stock.id();
        if (which.equals(lyingOf)) return lyingNow;
        var turns = piece.turns() instanceof Turns.Listed(var angles)
                ? angles.subList(0, Math.min(MOST_TURNS, angles.size()))
                : List.of(0.0, 90.0, 180.0, 270.0);
        lyingOf = which;
        lyingNow = turns.stream()
                .filter(turn -> piece.mayLie(turn, false, stock))
                .map(turn -> new Pose(0, 0, turn, false))
                .map(pose -> new Lying(pose, pose.apply(piece.shape().outline()).box()))
                .min(Comparator.comparingDouble(lying -> lying.box().width()));
        return lyingNow;
    }

    private String groundOf = "";
    private PreparedGeometry groundNow = PreparedGeometryFactory.prepare(Planar.FACTORY.createPolygon());

    /** Where a piece of a grade may lie, its distances kept; the last one is known. */
    private PreparedGeometry ground(Stock stock, int grade) {
        var which = grade + " " + stock.id();
        if (which.equals(groundOf)) return groundNow;
        Geometry good = Planar.polygon(stock.shape()).buffer(-problem.gap());
        for (var poor : Grades.of(stock).worseThan(grade)) good = without(good, poor);
        for (var pinned : problem.pinned())
            if (pinned.stock().equals(stock.id()))
                good = without(
                        good, Planar.polygon(Lies.of(problem, pinned).shape()).buffer(problem.gap()));
        groundOf = which;
        groundNow = PreparedGeometryFactory.prepare(good);
        return groundNow;
    }

    private static Geometry without(Geometry good, Geometry poor) {
        return OverlayNGRobust.overlay(good, poor, OverlayNG.DIFFERENCE);
    }

    private static Geometry rectangle(double x, double y, double wide, double high) {
        return Planar.FACTORY.toGeometry(new Envelope(x, x + wide, y, y + high));
    }
}
