package welumen.files.report;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A4 paper that is written from top to bottom: headings, lines in two columns, a new page where one is full. */
final class Paper implements AutoCloseable {
    private static final float MARGIN = 54;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    private static final float SIZE = 10;
    private static final float LEADING = 14.5f;

    private final PDDocument document = new PDDocument();
    private final PDType0Font regular;
    private final PDType0Font bold;
    private final String footer;
    private PDPageContentStream page;
    private float y;

    Paper(String footer) throws IOException {
        this.footer = footer;
        this.regular = font("Lato-Regular.ttf");
        this.bold = font("Lato-Bold.ttf");
        this.page = newPage();
    }

    private PDType0Font font(String file) throws IOException {
        try (var in = Paper.class.getResourceAsStream("/welumen/files/fonts/" + file)) {
            return PDType0Font.load(document, in);
        }
    }

    void title(String text) throws IOException {
        room(40);
        write(bold, 20, MARGIN, text);
        y -= 28;
    }

    void heading(String text) throws IOException {
        room(50);
        y -= 10;
        write(bold, 12, MARGIN, text);
        y -= 18;
    }

    /** A short text at the left and a longer one beside it, broken into lines. */
    void line(String left, String text) throws IOException {
        var column = 92f;
        var lines = broken(text, WIDTH - column);
        room(LEADING * lines.size());
        write(bold, SIZE, MARGIN, left);
        for (var one : lines) {
            write(regular, SIZE, MARGIN + column, one);
            y -= LEADING;
        }
    }

    byte[] finish() throws IOException {
        page.close();
        var bytes = new ByteArrayOutputStream();
        document.save(bytes);
        return bytes.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }

    private void room(float height) throws IOException {
        if (y - height > MARGIN + 20) return;
        page.close();
        page = newPage();
    }

    private PDPageContentStream newPage() throws IOException {
        var sheet = new PDPage(PDRectangle.A4);
        document.addPage(sheet);
        page = new PDPageContentStream(document, sheet);
        y = MARGIN - 20;
        write(regular, 8, MARGIN, footer + " · page " + document.getNumberOfPages());
        y = PDRectangle.A4.getHeight() - MARGIN - 10;
        return page;
    }

    private void write(PDType0Font font, float size, float x, String text) throws IOException {
        page.beginText();
        page.setFont(font, size);
        page.newLineAtOffset(x, y);
        page.showTextWithPositioning(
                printable(font, text).split("(?<=f)")); // so no ligature hides letters from a search
        page.endText();
    }

    private List<String> broken(String text, float width) throws IOException {
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        for (var word : text.split("\\s+")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && regular.getStringWidth(printable(regular, longer)) / 1000 * SIZE > width) {
                lines.add(line.toString());
                line = new StringBuilder(word);
            } else line = new StringBuilder(longer);
        }
        lines.add(line.toString());
        return lines;
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
