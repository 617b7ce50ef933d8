package welumen.files.pattern;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;
import welumen.cabin.PartId;
import welumen.files.json.BadFile;
import welumen.files.outside.Outside;
import welumen.pattern.piece.Piece;

/** The drawings that are read, each by its reader. What a file holds goes before what its name ends in. */
public enum DrawingFormat {
    SVG(List.of(".svg"), text -> text.stripLeading().startsWith("<"), PatternSvg::read),
    DXF(List.of(".dxf"), text -> text.stripLeading().matches("(?s)(0|999)\\s*\\R.*"), PatternDxf::read);

    private interface Reader {
        List<Piece> read(String text, PartId part) throws BadFile;
    }

    private final List<String> endings;
    private final Predicate<String> begins;
    private final Reader reader;

    DrawingFormat(List<String> endings, Predicate<String> begins, Reader reader) {
        this.endings = endings;
        this.begins = begins;
        this.reader = reader;
    }

    /** “*.svg” and so on, as a choice of files has them. */
    public static List<String> patterns() {
        return Stream.of(values())
                .flatMap(format -> format.endings.stream())
                .map("*"::concat)
                .toList();
    }

    /**
     * The pieces of a drawing, of that part where it names none.
     *
     * @throws BadFile if it cannot be read, or is no drawing
     */
    public static List<Piece> read(Path file, PartId part) throws BadFile {
        var text = Outside.text(file);
        return of(text, String.valueOf(file.getFileName())).reader.read(text, part);
    }

    private static DrawingFormat of(String text, String name) throws BadFile {
        var ending = name.toLowerCase(Locale.ROOT);
        return Stream.concat(
                        Stream.of(values())
                                .filter(format -> format.begins.test(text.substring(0, Math.min(200, text.length())))),
                        Stream.of(values())
                                .filter(format -> format.endings.stream().anyMatch(ending::endsWith)))
                .findFirst()
                .orElseThrow(() -> new BadFile("It is no drawing that is read here: %s."
                        .formatted(String.join(
                                ", ", Stream.of(values()).map(Enum::name).toList()))));
    }
}
