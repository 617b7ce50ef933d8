package welumen.cut.nest.separation;

import java.util.List;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import welumen.cut.CutPiece;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;

/**
 * One copy of a piece, grown by half the gap.
 *
 * @param centre of the piece's area, in its own coordinates
 * @param ways how it may lie on each stock
 */
public record Item(CutPiece piece, int copy, Form plain, Form flipped, Point centre, List<Ways> ways) {
    /** Slack in mm by which an item is grown less, so that pieces may touch; far below what the judge takes for an overlap. */
    static final double SLACK_MM = 0.003;

    private static final double MITRE = 1.3;

    public Item {
        ways = List.copyOf(ways);
    }

    static Item of(CutPiece piece, double gap, List<Stock> stocks, Resolution fineness) {
        var plain = form(piece, gap, false, fineness);

        return new Item(
                piece,
                1,
                plain,
                piece.flip() ? form(piece, gap, true, fineness) : plain,
                Planar.centroid(piece.shape()),
                stocks.stream().map(stock -> Ways.of(piece, stock)).toList());
    }

    private static Form form(CutPiece piece, double gap, boolean flipped, Resolution fineness) {
        var shape = new Pose(0, 0, 0, flipped).apply(piece.shape());
        var polygon = Planar.polygon(shape);
        var grown = Planar.polygons(BufferOp.bufferOp(
                polygon,
                gap / 2 - SLACK_MM,
                new BufferParameters(2, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, MITRE)));
        // what is thinner than the slack would fall apart, and is laid as it is
        var isWhole = grown.size() == 1 && !grown.getFirst().isEmpty();
        return Form.of(isWhole ? grown.getFirst() : polygon, fineness.piecePoles, fineness.across);
    }

    Item copy(int number) {
        return new Item(piece, number, plain, flipped, centre, ways);
    }

    /** Which way a field stretches in the middle of this item's area, where its body lies so; in radians. */
    double course(Container field, double x, double y, double turn, boolean isFlipped) {
        var form = form(isFlipped);
        var toRight = centre.x() - form.middleX;
        var toTop = (isFlipped ? -centre.y() : centre.y()) - form.middleY;
        var cos = Math.cos(turn);
        var sin = Math.sin(turn);
        return field.course().radiansAt(x + toRight * cos - toTop * sin, y + toRight * sin + toTop * cos);
    }

    public Form form(boolean isFlipped) {
        return isFlipped ? flipped : plain;
    }

    /** How the piece itself lies where its body does. */
    public Placement placement(Stock stock, double x, double y, double turn, boolean isFlipped) {
        var form = form(isFlipped);
        var pose = new Pose(0, 0, degrees(turn), false);
        var middle = pose.apply(new Point(form.middleX, form.middleY));
        return new Placement(
                piece.id(), copy, stock.id(), new Pose(x - middle.x(), y - middle.y(), degrees(turn), isFlipped));
    }

    /** To a hundred-thousandth of a degree, so that quarter turns are whole. */
    static double degrees(double turn) {
        return Math.rint(Math.toDegrees(turn) * 1e5) / 1e5;
    }
}
