package welumen.files.pattern;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.files.json.CsvField;
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
                        CsvField.words(piece.name()),
                        piece.part().value(),
                        CsvField.words(piece.material()),
                        piece.pairing().word(),
                        Integer.toString(piece.grade()),
                        number(box.width()),
                        number(box.height()),
                        number(piece.net().area() / 100),
                        number(CuttingLine.of(piece).area() / 100),
                        CsvField.words(edges))
                .map(CsvField::quoted)
                .collect(Collectors.joining(","));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
