package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import welumen.cut.cloth.StretchCourse;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/** One empty stock made ready for laying out: its edge, its flaws, and what is too poor for each grade. Never changes. */
final class PreparedStock {
    private static final double MITRE = 4;
    private static final double CURVE = 2;
    private static final double GRID = 1500;

    final Stock stock;
    final Rings edge;
    final List<Rings> flaws;
    final List<Point> anchors;
    final List<Point> grid;
    final StretchCourse course;
    private final Map<Integer, Raster> rasters = new HashMap<>();
    private final Map<Integer, List<Rings>> poor = new HashMap<>();
    private final Map<Integer, List<Point>> poorAnchors = new HashMap<>();

    PreparedStock(Stock stock, double gap) {
        this.stock = stock;
        this.edge = Rings.of(stock.shape().outline());
        this.flaws = stock.shape().holes().stream().map(Rings::of).toList();
        this.anchors = anchors(stock, gap);
        this.grid = grid();
        this.course = StretchCourse.of(stock);
        var whole = Raster.over(edge);
        for (var flaw : flaws) whole.take(flaw, 0, 0);
        var grades = Grades.of(stock);
        for (var grade = 1; grade <= 4; grade++) {
            var worse = grades.worseThan(grade);
            poor.put(grade, worse.stream().map(Rings::of).toList());
            var raster = whole.copy();
            for (var place : poor.get(grade)) raster.take(place, 0, 0);
            rasters.put(grade, raster);
            poorAnchors.put(
                    grade, worse.stream().flatMap(one -> corners(one).stream()).toList());
        }
    }

    /** A picture of the sheet with nothing laid on it yet, to be drawn on. */
    Raster emptyRaster() {
        return raster(4).copy();
    }

    /** A picture of where a piece of a grade cannot lie. Not to be changed. */
    Raster raster(int grade) {
        return Objects.requireNonNull(rasters.get(grade));
    }

    List<Rings> tooPoorFor(int grade) {
        return Objects.requireNonNull(poor.get(grade));
    }

    List<Point> anchorsOfPoor(int grade) {
        return Objects.requireNonNull(poorAnchors.get(grade));
    }

    /** Whether a piece, shifted, lies wholly inside, off the flaws, on leather good enough and with its stretch. */
    boolean takes(Attitude lying, double dx, double dy, double gap) {
        if (lying.tested.minX + dx < edge.minX
                || lying.tested.maxX + dx > edge.maxX
                || lying.tested.minY + dy < edge.minY
                || lying.tested.maxY + dy > edge.maxY) return false;
        if (!course.suits(lying.piece, lying.pose, lying.middle.plus(new Point(dx, dy)))) return false;
        if (!edge.containsStartOf(lying.tested, dx, dy) || edge.comesNear(lying.tested, dx, dy, gap)) return false;
        for (var flaw : flaws) if (flaw.meets(lying.tested, dx, dy, gap)) return false;
        for (var place : tooPoorFor(lying.piece.grade())) if (place.meets(lying.tested, dx, dy, 0)) return false;
        return true;
    }

    /** The corners of an outline grown by the gap: where a corner of another piece can touch. */
    static List<Point> grown(Outline outline, double gap) {
        return corners(moved(Planar.polygon(outline), gap));
    }

    private static List<Point> anchors(Stock stock, double gap) {
        var anchors = new ArrayList<>(corners(moved(Planar.polygon(stock.shape().outline()), -gap)));
        for (var hole : stock.shape().holes()) anchors.addAll(grown(hole, gap));
        return anchors;
    }

    /** Points all over the box of the sheet: a round piece touches no corner with a corner. */
    private List<Point> grid() {
        var step = Math.sqrt((edge.maxX - edge.minX) * (edge.maxY - edge.minY) / GRID);
        var grid = new ArrayList<Point>();
        for (var y = edge.minY; y < edge.maxY; y += step)
            for (var x = edge.minX; x < edge.maxX; x += step) grid.add(new Point(x, y));
        return grid;
    }

    private static Geometry moved(Polygon polygon, double by) {
        if (by == 0) return polygon;
        return BufferOp.bufferOp(
                polygon, by, new BufferParameters(2, BufferParameters.CAP_SQUARE, BufferParameters.JOIN_MITRE, MITRE));
    }

    /** The corners that stand out by more than a little: a place beside a curve needs not every one of its points. */
    private static List<Point> corners(Geometry geometry) {
        return Planar.points(DouglasPeuckerSimplifier.simplify(geometry, CURVE).getCoordinates());
    }
}
