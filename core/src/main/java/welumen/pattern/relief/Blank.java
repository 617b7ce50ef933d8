package welumen.pattern.relief;

import welumen.pattern.CuttingLine;
import welumen.pattern.Piece;
import welumen.pattern.Relief;
import welumen.shape.Frame;
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

    private static Outline stretched(Outline line, Piece piece) {
        return switch (piece.inside().relief()) {
            case Relief.Plain plain -> line;
            case Relief.Perforated holes -> line;
            case Relief.Pleated pleated -> pleated(line, piece, pleated);
            case Relief.Fluted fluted -> stretched(line, piece, fluted.degrees() - 90, fluted.takeUp(), 1);
            case Relief.Quilted quilted ->
                stretched(line, piece, quilted.degrees(), quilted.takeUpWide(), quilted.takeUpHigh());
        };
    }

    /** Folds take as much cloth whatever is allowed at the edges. */
    private static Outline pleated(Outline line, Piece piece, Relief.Pleated pleated) {
        var across = across(pleated).box(line.corners()).width();
        var extra = pleats(piece, pleated).extraMm();
        return stretched(line, piece, pleated.degrees() - 90, (across + extra) / across, 1);
    }

    private static Frame across(Relief.Pleated pleated) {
        return new Frame(new Point(0, 0), pleated.degrees() - 90);
    }

    /** As they lie across the piece. */
    public static Pleats pleats(Piece piece, Relief.Pleated wanted) {
        var width = across(wanted).box(piece.net().corners()).width();
        return Pleats.across(width, wanted.wantedMm(), wanted.foldMm());
    }

    /** About the middle of the piece. */
    private static Outline stretched(Outline line, Piece piece, double degrees, double wide, double high) {
        var frame = new Frame(piece.net().box().middle(), degrees);
        return new Outline(line.corners().stream()
                .map(frame::in)
                .map(corner -> frame.out(new Point(corner.x() * wide, corner.y() * high)))
                .toList());
    }
}
