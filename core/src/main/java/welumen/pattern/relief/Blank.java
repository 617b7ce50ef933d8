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
            case Relief.Pleated pleated ->
                stretched(
                        line,
                        piece,
                        pleated.degrees() - 90,
                        pleats(piece, pleated).takeUp(),
                        1);
            case Relief.Fluted fluted -> stretched(line, piece, fluted.degrees() - 90, fluted.takeUp(), 1);
            case Relief.Quilted quilted ->
                stretched(line, piece, quilted.degrees(), quilted.takeUpWide(), quilted.takeUpHigh());
        };
    }

    /** As they lie across the piece. */
    public static Pleats pleats(Piece piece, Relief.Pleated wanted) {
        var across = new Frame(new Point(0, 0), wanted.degrees() - 90)
                .box(piece.net().corners());
        return Pleats.across(across.width(), wanted.wantedMm(), wanted.foldMm());
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
