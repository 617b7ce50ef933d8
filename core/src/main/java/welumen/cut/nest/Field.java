package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.cut.CutProblem;
import welumen.cut.Grades;
import welumen.cut.Lies;
import welumen.cut.Stock;
import welumen.shape.Planar;

/**
 * A stock to lay pieces on: a box that bounds them, and bodies that do not move: what lies outside it, its flaws, leather
 * that is too poor, pieces that are pinned.
 */
final class Field {
    private static final int RIM_POLES = 90;
    private static final int FLAW_POLES = 6;
    private static final double SMALLEST = 4;

    final Stock stock;
    final double minX;
    final double minY;
    final double maxX;
    final double maxY;
    /** The same for pieces of every grade. */
    private final List<Body> fixed = new ArrayList<>();

    private final double inset;
    /** By the worst grade on which a piece may lie; made when a piece of that grade first asks. */
    private final Map<Integer, List<Body>> byGrade = new ConcurrentHashMap<>();

    Field(CutProblem problem, Stock stock) {
        this.stock = stock;
        inset = problem.gap() / 2 - Item.SLACK_MM;
        var box = stock.shape().outline().box();
        minX = box.minX() + inset;
        minY = box.minY() + inset;
        maxX = box.maxX() - inset;
        maxY = box.maxY() - inset;
        for (var flaw : stock.shape().holes()) add(grown(Planar.polygon(flaw), inset), FLAW_POLES, fixed);
        for (var pinned : problem.pinned())
            if (pinned.stock().equals(stock.id()))
                add(grown(Planar.polygon(Lies.of(problem, pinned).shape()), inset), FLAW_POLES, fixed);
    }

    /** All that a piece of a grade must not lie on: what is fixed, and in one with the outside the leather that is too poor. */
    private List<Body> made(int grade) {
        var bodies = new ArrayList<>(fixed);
        var ground = Planar.polygon(stock.shape().outline());
        Geometry good = stock instanceof Stock.Hide ? grown(ground, -inset) : ground;
        for (var zone : Grades.worseThan(grade, stock))
            good = OverlayNGRobust.overlay(good, zone, OverlayNG.DIFFERENCE);
        var wide =
                grown(ground.getEnvelope(), 0.25 * ground.getEnvelopeInternal().getWidth());
        var box = grown(ground.getEnvelope(), -inset);
        if (stock instanceof Stock.Roll || Math.abs(good.getArea() - box.getArea()) < 1) return bodies;
        add(OverlayNGRobust.overlay(wide, good, OverlayNG.DIFFERENCE), RIM_POLES, bodies);
        return bodies;
    }

    private static Geometry grown(Geometry geometry, double by) {
        var parameters = new BufferParameters(4, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2);
        return BufferOp.bufferOp(geometry, by, parameters);
    }

    private static void add(Geometry geometry, int poles, List<Body> bodies) {
        for (var polygon : Planar.polygons(geometry)) {
            if (polygon.getArea() < SMALLEST) continue;
            var form = Form.of(polygon, poles);
            var body = new Body(form);
            body.lay(form, form.middleX, form.middleY, 0);
            bodies.add(body);
        }
    }

    /** What a piece of a grade must not lie on. */
    List<Body> obstacles(int grade) {
        return byGrade.computeIfAbsent(grade, this::made);
    }

    double width() {
        return maxX - minX;
    }

    double height() {
        return maxY - minY;
    }
}
