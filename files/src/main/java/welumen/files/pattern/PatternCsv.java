package welumen.files.pattern;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Piece;

/** A table of pieces, one a line, for whoever buys material; fields as RFC 4180 quotes them. */
public final class PatternCsv {
    private PatternCsv() {}

    public static String write(List<Piece> pieces) {
        return Stream.concat(
                        Stream.of("piece,part,material,cut,grade,width mm,height mm,net area cm2,cut area cm2,edges"),
                        pieces.stream().map(PatternCsv::line))
                .collect(Collectors.joining("\r\n", "", "\r\n"));
    }

    private static String line(Piece piece) {
        var box = CuttingLine.of(piece).box();
        var edges = piece.edges().stream()
                .map(edge -> (edge.name().isEmpty() ? "" : edge.name() + ": ")
                        + edge.finish().word())
                .collect(Collectors.joining("; "));
        return Stream.of(
                        words(piece.name()),
                        piece.part().value(),
                        words(piece.material()),
                        piece.pairing().word(),
                        Integer.toString(piece.grade()),
                        number(box.width()),
                        number(box.height()),
                        number(piece.net().area() / 100),
                        number(CuttingLine.of(piece).area() / 100),
                        words(edges))
                .map(PatternCsv::field)
                .collect(Collectors.joining(","));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    /** What a table would take for a formula is parted from its sign; no words are a number. */
    private static String words(String text) {
        return text.matches("(?s)\\s*[=+@\\-\\t\\r].*") || text.startsWith("\t") || text.startsWith("\r")
                ? "'" + text
                : text;
    }

    /** Quoted where it must be. */
    private static String field(String text) {
        return text.matches("(?s).*[\",\r\n].*") ? '"' + text.replace("\"", "\"\"") + '"' : text;
    }
}
