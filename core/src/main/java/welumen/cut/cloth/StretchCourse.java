package welumen.cut.cloth;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import welumen.cut.CutPiece;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;

/**
 * Which way a stock stretches most, place by place. Of a hide as it grew, the lines of tightness run along the backbone, and along
 * the rim wherever that is not the butt's or the neck's end, so that they go down the legs; it stretches most across them. Hides
 * differ: it is where to begin, and the hand that pulls at the leather has the last word.
 *
 * <p>Directions are a field of least bending between those that are known (Knöppel, Crane, Pinkall and Schröder,
 * 2013), on a grid; linear in its cells for each round. What a hand has drawn is kept exactly.
 */
public final class StretchCourse {
    private static final int CELLS = 26;
    /** Cells over which a rim's direction is taken, so that a notch does not turn it. */
    private static final double RIM = 2.5;
    /** Distance from the backbone, in parts of half the width, within which the rim is the butt's or the neck's. */
    private static final double END = 0.45;

    /** Places of the rim to a cell. */
    private static final int STEPS = 4;

    private final Stretch stretch;
    /** Its lines of tightness, where they are not straight. */
    private final @Nullable LineField tight;

    private StretchCourse(Stretch stretch, @Nullable LineField tight) {
        this.stretch = stretch;
        this.tight = tight;
    }

    public static StretchCourse of(Stock stock) {
        return new StretchCourse(
                stock.stretch(),
                stock.stretch() instanceof Stretch.AsGrown
                        ? tightness(stock.shape().outline())
                        : null);
    }

    private static LineField tightness(Outline outline) {
        var box = outline.box();
        var cell = Math.max(box.width(), box.height()) / CELLS;
        // as far to either side of the backbone, which runs through a column of the grid
        var half = cell * Math.ceil(Math.max(-box.minX(), box.maxX()) / cell);
        var field = new LineField(new Box(-half, box.minY(), half, box.maxY()), cell);
        for (var y = box.minY(); y <= box.maxY(); y += cell / 2) field.give(0, y, Math.PI / 2);
        alongRim(outline, cell, END * box.width() / 2, field);
        field.spread();
        return field;
    }

    private static void alongRim(Outline outline, double cell, double end, LineField field) {
        var rim = Densifier.densify(Planar.polygon(outline).getExteriorRing(), cell / STEPS)
                .getCoordinates();
        var count = rim.length - 1;
        var reach = (int) Math.ceil(RIM * STEPS / 2);
        for (var i = 0; i < count; i++) {
            if (Math.abs(rim[i].x) < end) continue;
            var from = rim[Math.floorMod(i - reach, count)];
            var to = rim[Math.floorMod(i + reach, count)];
            field.give(rim[i].x, rim[i].y, Math.atan2(to.y - from.y, to.x - from.x));
        }
    }

    /**
     * Lines all over a stock in the direction in which it stretches there; none where nobody minds.
     *
     * @param apart from the middle of one to the next, across and up, in mm; they are half as long
     */
    public static List<List<Point>> strokes(Stock stock, double apart) {
        if (stock.stretch() instanceof Stretch.Any) return List.of();
        var course = of(stock);
        var within = Planar.polygon(stock.shape().outline());
        var box = stock.shape().outline().box();
        var strokes = new ArrayList<List<Point>>();
        // every other row between those above and below
        for (var row = 0; row * apart < box.height(); row++)
            for (var x = apart * Math.ceil(box.minX() / apart) + row % 2 * apart / 2; x < box.maxX(); x += apart) {
                var y = box.minY() + (row + 0.5) * apart;
                var turn = course.radiansAt(x, y);
                var half = new Point(Math.cos(turn), Math.sin(turn)).times(apart / 4);
                var middle = new Point(x, y);
                var stroke = List.of(middle.minus(half), middle.plus(half));
                if (stroke.stream()
                        .allMatch(end -> within.contains(Planar.FACTORY.createPoint(new Coordinate(end.x(), end.y())))))
                    strokes.add(stroke);
            }
        return List.copyOf(strokes);
    }

    /** Whether it is not the same everywhere. */
    public boolean isCurved() {
        return tight != null;
    }

    /**
     * The direction in which it stretches most, in radians, counter-clockwise from x, at most a quarter turn from it where that
     * differs from place to place; nought where nobody minds.
     */
    public double radiansAt(double x, double y) {
        if (tight != null) return Math.IEEEremainder(tight.angleAt(x, y) + Math.PI / 2, Math.PI);
        return Math.toRadians(Stretch.onTheWhole(stretch).orElse(0));
    }

    /**
     * Whether a piece that lies so stretches as it should.
     *
     * @param at where the middle of its area lies
     */
    public boolean suits(CutPiece piece, Pose lies, Point at) {
        if (stretch instanceof Stretch.Any || piece.stretch() instanceof Stretch.Any) return true;
        return Stretch.agree(
                piece.stretch(), lies.turnDegrees(), lies.flipped(), Math.toDegrees(radiansAt(at.x(), at.y())));
    }
}
