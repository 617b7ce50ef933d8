package welumen.files.report;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Welumen's own letters on paper: written where they are wanted, broken into lines, never failing over a strange sign. */
public final class Letters {
    private final PDType0Font regular;
    private final PDType0Font bold;

    public Letters(PDDocument document) throws IOException {
        this.regular = font(document, "Lato-Regular.ttf");
        this.bold = font(document, "Lato-Bold.ttf");
    }

    public PDType0Font regular() {
        return regular;
    }

    public PDType0Font bold() {
        return bold;
    }

    /** Writes at a place in points from the lower left. */
    public void write(PDPageContentStream page, PDType0Font font, float size, float x, float y, String text)
            throws IOException {
        page.beginText();
        page.setNonStrokingColor(0f);
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showTextWithPositioning(
                printable(font, text).split("(?<=[ft])")); // so no ligature hides letters from a search
        page.endText();
    }

    /** The text in lines no wider than so many points; a single word may be wider. */
    public List<String> broken(PDType0Font font, float size, String text, float width) throws IOException {
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        for (var word : text.split("\\s+")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && font.getStringWidth(printable(font, longer)) / 1000 * size > width) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else line = new StringBuilder(longer);
        }
        lines.add(line.toString());
        return lines;
    }

    private static PDType0Font font(PDDocument document, String file) throws IOException {
        try (var in = Letters.class.getResourceAsStream("/welumen/files/fonts/" + file)) {
            return PDType0Font.load(document, in);
        }
    }

    /** A sign that the font lacks becomes a question mark: a strange letter must not cost the whole page. */
    private static String printable(PDType0Font font, String text) {
        var out = new StringBuilder();
        text.codePoints().forEach(sign -> {
            try {
                font.encode(Character.toString(sign));
                out.appendCodePoint(sign);
            } catch (IOException | IllegalArgumentException lacking) {
                out.append('?');
            }
        });
        return out.toString();
    }
}
