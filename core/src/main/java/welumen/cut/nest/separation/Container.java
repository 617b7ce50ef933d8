package welumen.cut.nest.separation;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReferenceArray;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.CutProblem;
import welumen.cut.cloth.StretchCourse;
import welumen.cut.judge.Lies;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

/**
 * A stock to lay pieces on: a box that bounds them, and bodies that do not move: what lies outside it, its flaws, leather
 * that is too poor, pieces that are pinned.
 */
public final class Container {
    private static final int WORST_GRADE = 4;
    private static final double SMALLEST = 4;
    private static final int PLACES = 400;
    private static final int TRIED = 1200;
    private static final double PLASTIC = 1.324717957244746;

    public final Stock stock;
    private final Resolution fineness;
    public final double minX;
    public final double minY;
    public final double maxX;
    public final double maxY;
    /** The same for pieces of every grade. */
    private final List<PlacedForm> fixed = new ArrayList<>();

    private final double inset;
    private @Nullable Grades grades;
    private volatile @Nullable StretchCourse course;
    private @Nullable Geometry inner;
    /** By the worst grade on which a piece may lie; made when a piece of that grade first asks. */
    private final AtomicReferenceArray<@Nullable Good> byGrade = new AtomicReferenceArray<>(WORST_GRADE + 1);

    /**
     * What is good enough for a grade.
     *
     * @param obstacles what a piece must not lie on
     * @param places spread evenly over what is left, each as x and y; none where that is all of the box
     */
    private record Good(Obstacles obstacles, List<double[]> places) {}

    public Container(CutProblem problem, Stock stock, Resolution fineness) {
        this.stock = stock;
        this.fineness = fineness;
        inset = problem.gap() / 2 - Item.SLACK_MM;
        var box = stock.shape().outline().box();
        minX = box.minX() + inset;
        minY = box.minY() + inset;
        maxX = box.maxX() - inset;
        maxY = box.maxY() - inset;
        for (var flaw : stock.shape().holes()) add(grown(Planar.polygon(flaw), inset), fineness.flawPoles, fixed);
        for (var pinned : problem.pinned())
            if (pinned.stock().equals(stock.id()))
                add(grown(Planar.polygon(Lies.of(problem, pinned).shape()), inset), fineness.flawPoles, fixed);
    }

    /** All that a piece of a grade must not lie on: what is fixed, and in one with the outside the leather that is too poor. */
    private Good made(int grade) {
        var bodies = new ArrayList<>(fixed);
        var ground = Planar.polygon(stock.shape().outline());
        var good = stock instanceof Stock.Hide ? inner(ground) : ground;
        for (var zone : grades().worseThan(grade)) good = OverlayNGRobust.overlay(good, zone, OverlayNG.DIFFERENCE);
        var wide =
                grown(ground.getEnvelope(), 0.25 * ground.getEnvelopeInternal().getWidth());
        var box = grown(ground.getEnvelope(), -inset);
        if (stock instanceof Stock.Roll || Math.abs(good.getArea() - box.getArea()) < 1)
            return new Good(new Obstacles(bodies, width()), List.of());
        add(OverlayNGRobust.overlay(wide, good, OverlayNG.DIFFERENCE), fineness.rimPoles, bodies);
        return new Good(new Obstacles(bodies, width()), spread(good));
    }

    /** By a low-discrepancy sequence in two dimensions, of the golden ratio's cousin (Roberts, 2018). */
    private static List<double[]> spread(Geometry good) {
        var box = good.getEnvelopeInternal();
        var within = new IndexedPointInAreaLocator(good);
        var places = new ArrayList<double[]>();
        for (var i = 1; i <= TRIED && places.size() < PLACES; i++) {
            var x = box.getMinX() + box.getWidth() * (i / PLASTIC % 1);
            var y = box.getMinY() + box.getHeight() * (i / (PLASTIC * PLASTIC) % 1);
            if (within.locate(new Coordinate(x, y)) == Location.INTERIOR) places.add(new double[] {x, y});
        }
        return List.copyOf(places);
    }

    /** Where a piece of a grade may have its middle; none where that is anywhere in the box. */
    public List<double[]> places(int grade) {
        return good(grade).places();
    }

    private Good good(int grade) {
        var known = byGrade.getAcquire(grade);
        return known == null ? firstAsked(grade) : known;
    }

    private synchronized Good firstAsked(int grade) {
        var known = byGrade.get(grade);
        if (known != null) return known;
        var made = made(grade);
        byGrade.setRelease(grade, made);
        return made;
    }

    /** Which way it stretches. */
    StretchCourse course() {
        var known = course;
        if (known != null) return known;
        var found = StretchCourse.of(stock);
        course = found;
        return found;
    }

    private Grades grades() {
        if (grades == null) grades = Grades.of(stock);
        return grades;
    }

    /** Without its rim. */
    private Geometry inner(Polygon ground) {
        if (inner == null) inner = grown(ground, -inset);
        return inner;
    }

    private static Geometry grown(Geometry geometry, double by) {
        var parameters = new BufferParameters(4, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2);
        return BufferOp.bufferOp(geometry, by, parameters);
    }

    private void add(Geometry geometry, int poles, List<PlacedForm> bodies) {
        for (var polygon : Planar.polygons(geometry)) {
            if (polygon.getArea() < SMALLEST) continue;
            var form = Form.of(polygon, poles, fineness.across);
            var body = new PlacedForm(form);
            body.lay(form, form.middleX, form.middleY, 0);
            bodies.add(body);
        }
    }

    /** What a piece of a grade must not lie on. */
    public Obstacles obstacles(int grade) {
        return good(grade).obstacles();
    }

    public double width() {
        return maxX - minX;
    }

    public double height() {
        return maxY - minY;
    }
}
