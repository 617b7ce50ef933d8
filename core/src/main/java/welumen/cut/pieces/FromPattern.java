package welumen.cut.pieces;

import java.util.List;
import java.util.Objects;
import java.util.function.Predicate;
import java.util.stream.Stream;
import welumen.cut.CutPiece;
import welumen.cut.Turns;
import welumen.cut.stock.Stretch;
import welumen.pattern.Patterns;
import welumen.pattern.ReadyToCut;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Mirrored;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.surface.Blank;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/** Turns the pieces of a pattern, with their allowances, into pieces to be cut. */
public final class FromPattern {
    /** Angle in degrees by which leather may lie from its wanted stretch. */
    static final double WITHIN = 20;

    /** Grade of what may lie anywhere. */
    private static final int WORST = 4;

    private static final String LEFT = "-left";
    private static final String RIGHT = "-right";

    private FromPattern() {}

    /** Those of which the pattern says that they can be cut. */
    public static List<CutPiece> pieces(Patterns patterns) {
        return pieces(patterns, piece -> ReadyToCut.reasons(patterns, piece).isEmpty());
    }

    /** Those that can be cut. */
    public static List<CutPiece> pieces(Patterns patterns, Predicate<Piece> canBeCut) {
        var onLines = AcrossSeams.of(patterns.pieces(), patterns.seams());
        return patterns.pieces().stream()
                .filter(canBeCut)
                .flatMap(piece -> copies(
                        piece, Objects.requireNonNull(onLines.get(piece.id())).place()))
                .toList();
    }

    /** All pieces, each for itself, in its material; of a handed pair the right one is the mirror image, its stretch mirrored too. */
    public static List<CutPiece> pieces(List<Piece> pieces) {
        return pieces.stream()
                .flatMap(piece -> copies(piece, Blank.of(piece).box().middle()))
                .toList();
    }

    /** Whether something that is cut is a copy of a piece. */
    public static boolean isOf(String cut, String piece) {
        return cut.equals(piece) || cut.equals(piece + LEFT) || cut.equals(piece + RIGHT);
    }

    /** @param onLine the place of it that lies on the pattern of a stock that has one */
    private static Stream<CutPiece> copies(Piece piece, Point onLine) {
        var line = Blank.of(piece);
        return switch (piece.pairing()) {
            case ONE -> Stream.of(cut(piece, piece.id(), line, 1, "", onLine));
            case TWO_ALIKE -> Stream.of(cut(piece, piece.id(), line, 2, "", onLine));
            case LEFT_AND_RIGHT -> {
                var left = piece.id() + LEFT;
                var right = piece.id() + RIGHT;
                var other = Mirrored.of(piece, piece.part(), piece.name());
                yield Stream.of(
                        cut(piece, left, line, 1, right, onLine),
                        cut(other, right, Mirrored.of(line), 1, left, Mirrored.of(onLine)));
            }
        };
    }

    /** A piece in which something is sewn is cut as one blank; its holes are cut once it is sewn. */
    private static CutPiece cut(Piece piece, String id, Outline line, int quantity, String pair, Point onLine) {
        var holes = piece.inside().surface() instanceof Surface.Plain ? piece.holes() : List.<Outline>of();
        return new CutPiece(
                id,
                new Shape(line, holes),
                quantity,
                piece.material(),
                turns(piece.grain()),
                false,
                piece.grade() == 0 ? WORST : piece.grade(),
                stretch(piece.grain()),
                pair,
                onLine);
    }

    /** On a roll nap runs toward x. */
    private static Turns turns(Grain grain) {
        return grain instanceof Grain.NapToward(var degrees) ? new Turns.Listed(List.of(-degrees)) : new Turns.Free();
    }

    private static Stretch stretch(Grain grain) {
        return grain instanceof Grain.StretchAlong(var degrees)
                ? new Stretch.Along(degrees, WITHIN)
                : new Stretch.Any();
    }
}
