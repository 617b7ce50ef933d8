package welumen.cut.cloth;

import java.util.ArrayList;
import java.util.List;
import welumen.cut.CutPiece;
import welumen.cut.stock.Stock;
import welumen.shape.Point;
import welumen.shape.Pose;

/**
 * Stripes and checks: on a roll whose pattern repeats, every piece lies with its {@link CutPiece#onLine() middle} on a line of the pattern,
 * which is k × repeat from the cut end and from the lower selvedge. So a panel has the pattern centred on it, and two pieces
 * alike show the same of it.
 *
 * <p>Exact to {@value #WITHIN_MM} mm.
 */
public final class Repeat {
    /** The lines of a roll's pattern that run over it, each from end to end; none where nothing repeats. */
    public static List<List<Point>> lines(Stock stock) {
        if (!(stock instanceof Stock.Roll roll)) return List.of();
        var lines = new ArrayList<List<Point>>();
        for (var x = roll.repeatX(); roll.repeatX() > 0 && x < roll.length(); x += roll.repeatX())
            lines.add(List.of(new Point(x, 0), new Point(x, roll.width())));
        for (var y = roll.repeatY(); roll.repeatY() > 0 && y < roll.width(); y += roll.repeatY())
            lines.add(List.of(new Point(0, y), new Point(roll.length(), y)));
        return List.copyOf(lines);
    }

    /** Tolerance of a pattern's line, in mm: what can be seen to be off. */
    static final double WITHIN_MM = 0.6;

    private Repeat() {}

    public static boolean isIn(Stock stock) {
        return stock instanceof Stock.Roll roll && (roll.repeatX() > 0 || roll.repeatY() > 0);
    }

    /** How far apart the lines across a stock are, along it; nought where nothing repeats so, as on a hide. */
    public static double along(Stock stock) {
        return stock instanceof Stock.Roll roll ? roll.repeatX() : 0;
    }

    /** How far apart the lines along a stock are, across it; nought where nothing repeats so, as on a hide. */
    public static double across(Stock stock) {
        return stock instanceof Stock.Roll roll ? roll.repeatY() : 0;
    }

    /** How far a piece that lies so is off the nearest lines, along and across; nought where nothing repeats. */
    static Point off(CutPiece piece, Pose lies, Stock stock) {
        var middle = lies.apply(piece.onLine());
        return new Point(off(middle.x(), along(stock)), off(middle.y(), across(stock)));
    }

    public static boolean isOff(CutPiece piece, Pose lies, Stock stock) {
        var off = off(piece, lies, stock);
        return Math.abs(off.x()) > WITHIN_MM || Math.abs(off.y()) > WITHIN_MM;
    }

    /** The same place moved onto the nearest lines. */
    public static Pose snapped(CutPiece piece, Pose pose, Stock stock) {
        var off = off(piece, pose, stock);
        return pose.at(pose.x() - off.x(), pose.y() - off.y());
    }

    private static double off(double at, double repeat) {
        return repeat > 0 ? Math.IEEEremainder(at, repeat) : 0;
    }
}
