package welumen.pattern.surface;

import java.util.function.UnaryOperator;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.shape.Axes;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * What is cut for a piece: its cutting line, and where something is sewn into its face, that line stretched by what the
 * padding takes up. The finished piece is marked on it once the rows are sewn.
 */
public final class Blank {
    private Blank() {}

    public static Outline of(Piece piece) {
        return stretched(CuttingLine.of(piece), piece);
    }

    /** Whether something is sewn into it first, so that the piece is only marked on it afterwards. */
    public static boolean isSewnFirst(Piece piece) {
        return switch (piece.inside().surface()) {
            case Surface.Plain _, Surface.Perforated _ -> false;
            case Surface.Pleated _, Surface.Fluted _, Surface.Quilted _ -> true;
        };
    }

    private static Outline stretched(Outline line, Piece piece) {
        if (!isSewnFirst(piece)) return line;
        var onBlank = onBlank(piece);
        return new Outline(line.corners().stream().map(onBlank).toList());
    }

    /** Where a place of the finished piece lies on the blank before anything takes it up. */
    public static UnaryOperator<Point> onBlank(Piece piece) {
        return switch (piece.inside().surface()) {
            case Surface.Plain _, Surface.Perforated _ -> UnaryOperator.identity();
            case Surface.Pleated pleated -> stretched(piece, pleated.degrees() - 90, takeUp(piece, pleated), 1);
            case Surface.Fluted fluted -> stretched(piece, fluted.degrees() - 90, fluted.takeUp(), 1);
            case Surface.Quilted quilted ->
                stretched(piece, quilted.degrees(), quilted.takeUpWide(), quilted.takeUpHigh());
        };
    }

    /** Folds take as much cloth whatever is allowed at the edges. */
    private static double takeUp(Piece piece, Surface.Pleated pleated) {
        var across = across(pleated).box(CuttingLine.of(piece).corners()).width();
        return (across + pleats(piece, pleated).extraMm()) / across;
    }

    private static Axes across(Surface.Pleated pleated) {
        return new Axes(new Point(0, 0), pleated.degrees() - 90);
    }

    /** As they lie across the piece. */
    public static Pleats pleats(Piece piece, Surface.Pleated wanted) {
        var width = across(wanted).box(piece.net().corners()).width();
        return Pleats.across(width, wanted.wantedMm(), wanted.foldMm());
    }

    /** About the middle of the piece. */
    private static UnaryOperator<Point> stretched(Piece piece, double degrees, double wide, double high) {
        var frame = new Axes(piece.net().box().middle(), degrees);
        return point -> {
            var at = frame.in(point);
            return frame.out(new Point(at.x() * wide, at.y() * high));
        };
    }
}
