package welumen.desktop.cut;

import java.util.stream.Stream;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;

/**
 * What a piece is called on the table: in words where they fit on it, else by its number, which the list beside the table
 * explains.
 */
record PieceName(int number, String words) {
    private static final double LETTER = 7;
    private static final double LINE = 17;

    static PieceName of(CutProblem problem, CutPiece piece) {
        return new PieceName(problem.numberOf(piece.id()), piece.id().replace('-', ' '));
    }

    /** The words where each of them fits in the width, and all their lines in the height; else the number. */
    String fitting(double width, double height) {
        var longest = Stream.of(words.split(" ")).mapToInt(String::length).max().orElse(0);
        var lines = Math.ceil(words.length() * LETTER / Math.max(1, width - LETTER)) + (words.contains(" ") ? 0.5 : 0);
        return longest * LETTER < width - 4 && lines * LINE < height ? words : Integer.toString(number);
    }
}
