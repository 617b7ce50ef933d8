package welumen.files.report;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import welumen.shape.Outline;
import welumen.shape.Point;

/** A4 paper that is written from top to bottom: headings, lines in two columns, a new page where one is full. */
final class WrittenPage implements AutoCloseable {
    private static final float MARGIN = 54;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * MARGIN;
    private static final float SIZE = 10;
    private static final float LEADING = 14.5f;
    private static final float PICTURE = 62;

    private final PDDocument document = new PDDocument();
    private final Letters letters;
    private final String footer;
    private PDPageContentStream page;
    private float y;
    private float pictureEnds;

    WrittenPage(String footer) throws IOException {
        this.footer = footer;
        this.letters = new Letters(document);
        this.page = newPage();
    }

    void title(String text) throws IOException {
        room(40);
        write(letters.bold(), 20, MARGIN, text);
        y -= 28;
    }

    void heading(String text) throws IOException {
        room(50);
        y -= 10;
        write(letters.bold(), 12, MARGIN, text);
        y -= 18;
    }

    /** A short text at the left and a longer one beside it, broken into lines. */
    void line(String left, String text) throws IOException {
        var column = 92f;
        var lines = letters.broken(letters.regular(), SIZE, text, WIDTH - column - PICTURE - 8);
        room(LEADING * lines.size());
        write(letters.bold(), SIZE, MARGIN, left);
        for (var one : lines) {
            write(letters.regular(), SIZE, MARGIN + column, one);
            y -= LEADING;
        }
    }

    /** A small outline at the right margin, with numbers on it; the lines that follow stand beside it. */
    void picture(Outline outline, Map<Integer, Point> numbers) throws IOException {
        room(PICTURE + 8);
        var box = outline.box();
        var scale = PICTURE / (float) Math.max(box.width(), box.height());
        var left = MARGIN + WIDTH - PICTURE;
        var base = y + SIZE - PICTURE;
        page.setLineWidth(0.8f);
        var corners = outline.corners();
        page.moveTo(
                left + scale * (float) corners.getFirst().x(),
                base + scale * (float) corners.getFirst().y());
        for (var corner : corners.subList(1, corners.size()))
            page.lineTo(left + scale * (float) corner.x(), base + scale * (float) corner.y());
        page.closePath();
        page.stroke();
        for (var number : numbers.entrySet())
            letters.write(
                    page,
                    letters.bold(),
                    7,
                    left + scale * (float) number.getValue().x() - 2,
                    base + scale * (float) number.getValue().y() - 2,
                    number.getKey().toString());
        pictureEnds = base - 6;
    }

    /** Room below what was written, and below a picture beside it. */
    void gap() {
        y = Math.min(y - 6, pictureEnds);
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
        write(letters.regular(), 8, MARGIN, footer + " · page " + document.getNumberOfPages());
        y = PDRectangle.A4.getHeight() - MARGIN - 10;
        return page;
    }

    private void write(PDType0Font font, float size, float x, String text) throws IOException {
        letters.write(page, font, size, x, y, text);
    }
}
