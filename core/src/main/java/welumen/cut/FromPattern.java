package welumen.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import welumen.pattern.CuttingLine;
import welumen.pattern.Grain;
import welumen.pattern.Pairing;
import welumen.pattern.Piece;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/** Turns the pieces of a pattern, with their allowances, into pieces to be cut. */
public final class FromPattern {
    /** How far leather may lie from its wanted stretch, in degrees. */
    static final double WITHIN = 20;

    private FromPattern() {}

    /** All pieces, each in its material; of a handed pair the right one is the mirror image, its stretch mirrored too. */
    public static List<CutPiece> pieces(List<Piece> pieces) {
        return pieces.stream().flatMap(FromPattern::copies).toList();
    }

    private static Stream<CutPiece> copies(Piece piece) {
        var line = CuttingLine.of(piece);
        return switch (piece.pairing()) {
            case ONE -> Stream.of(cut(piece, piece.id(), line, 1, stretch(piece, false), ""));
            case TWO_ALIKE -> Stream.of(cut(piece, piece.id(), line, 2, stretch(piece, false), ""));
            case LEFT_AND_RIGHT -> {
                var left = piece.id() + "-left";
                var right = piece.id() + "-right";
                yield Stream.of(
                        cut(piece, left, line, 1, stretch(piece, false), right),
                        cut(piece, right, mirrored(line), 1, stretch(piece, true), left));
            }
        };
    }

    private static CutPiece cut(Piece piece, String id, Outline line, int quantity, Stretch stretch, String pair) {
        var isMirrored = id.endsWith("-right") && piece.pairing() == Pairing.LEFT_AND_RIGHT;
        var holes =
                isMirrored ? piece.holes().stream().map(FromPattern::mirrored).toList() : piece.holes();
        return new CutPiece(
                id,
                new Shape(line, holes),
                quantity,
                piece.material(),
                new Turns.Free(),
                false,
                piece.grade(),
                stretch,
                pair);
    }

    private static Stretch stretch(Piece piece, boolean mirrored) {
        return switch (piece.grain()) {
            case Grain.AnyWay() -> new Stretch.Any();
            case Grain.StretchAlong(var degrees) -> new Stretch.Along(mirrored ? 180 - degrees : degrees, WITHIN);
        };
    }

    /** About the car's centre line, which is the piece's y. */
    private static Outline mirrored(Outline line) {
        List<Point> corners = new ArrayList<>();
        for (var corner : line.corners().reversed()) corners.add(new Point(-corner.x(), corner.y()));
        return new Outline(corners);
    }
}
