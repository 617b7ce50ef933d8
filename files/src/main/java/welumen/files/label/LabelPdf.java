package welumen.files.label;

import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.Encoder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import welumen.cabin.Spot;
import welumen.files.report.Letters;
import welumen.strip.label.TrimLabel;

/**
 * Sheets of labels, 1:1: at the left the code, beside it what is read from two paces and what is read close by, and a
 * little cabin with the place marked. Print without fitting to the page.
 */
public final class LabelPdf {
    private static final float POINTS_PER_MM = 72 / 25.4f;
    private static final float RIM = 2.5f;

    /** The least code with a fourth mark, without which a slanted photo cannot be straightened. */
    private static final Map<EncodeHintType, ?> VERSION_TWO = Map.of(EncodeHintType.QR_VERSION, 2);

    /** The letters that it holds at this strength. */
    private static final int MOST_IN_TWO = 29;

    private final LabelSheet sheet;
    private final PDPageContentStream page;
    private final Letters letters;

    private LabelPdf(LabelSheet sheet, PDPageContentStream page, Letters letters) {
        this.sheet = sheet;
        this.page = page;
        this.letters = letters;
    }

    /** @param start how many labels of the first sheet are gone already, 0 or more */
    public static byte[] write(List<TrimLabel> labels, LabelSheet sheet, int start) {
        try (var document = new PDDocument()) {
            var letters = new Letters(document);
            var perSheet = sheet.perSheet();
            var first = start % perSheet;
            for (var from = -first; from < labels.size(); from += perSheet) {
                var paper = new PDPage(PDRectangle.A4);
                document.addPage(paper);
                try (var stream = new PDPageContentStream(document, paper)) {
                    var pdf = new LabelPdf(sheet, stream, letters);
                    for (var i = Math.max(0, from); i < Math.min(labels.size(), from + perSheet); i++)
                        pdf.label(labels.get(i), i - from);
                }
            }
            var bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException | WriterException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    private void label(TrimLabel label, int place) throws IOException, WriterException {
        var left = (float) sheet.x(place) + RIM;
        var top = (float) sheet.y(place) + RIM;
        var high = (float) sheet.height() - 2 * RIM;
        var code = Math.min(high, (float) sheet.width() * 0.36f);
        qr(label.code().text(), left, top, code);
        var cabinHigh = Math.min(high * 0.62f, 24);
        var cabinWide = cabinHigh * (float) (Spot.WIDTH / Spot.HEIGHT);
        var cabinLeft = (float) (sheet.x(place) + sheet.width()) - RIM - cabinWide;
        cabin(label.places(), cabinLeft, top, cabinHigh);
        words(label, left + code + 2, top, cabinLeft - left - code - 4, (float) (sheet.x(place) + sheet.width()) - RIM);
        text(letters.regular(), 5.5f, left + code + 2, top + high - 0.3f, label.job());
    }

    private void words(TrimLabel label, float left, float top, float narrow, float right) throws IOException {
        var bigSize = label.big().length() <= 4 ? 30f : 13f;
        var y = top;
        for (var line : letters.broken(letters.bold(), bigSize, label.big(), narrow * POINTS_PER_MM)) {
            y += bigSize / POINTS_PER_MM * 0.86f;
            text(letters.bold(), bigSize, left, y, line);
        }
        y += 1.2f;
        var lowest = top + (float) sheet.height() - 2 * RIM - 3;
        for (var line : label.lines())
            for (var broken : letters.broken(
                    letters.regular(), 7f, line, (y > top + 18 ? right - left : narrow) * POINTS_PER_MM)) {
                y += 2.9f;
                if (y > lowest) return;
                text(letters.regular(), 7f, left, y, broken);
            }
    }

    /** Drawn as one area, so that no printer leaves hairlines between its squares. */
    private void qr(String text, float left, float top, float side) throws IOException, WriterException {
        var code = Encoder.encode(text, ErrorCorrectionLevel.Q, text.length() > MOST_IN_TWO ? Map.of() : VERSION_TWO)
                .getMatrix();
        var quiet = 2;
        var step = side / (code.getWidth() + 2 * quiet);
        page.setNonStrokingColor(0f);
        for (var row = 0; row < code.getHeight(); row++)
            for (var column = 0; column < code.getWidth(); column++)
                if (code.get(column, row) == 1)
                    rectangle(left + (column + quiet) * step, top + (row + quiet) * step, step);
        page.fill();
    }

    private void rectangle(float x, float y, float side) throws IOException {
        page.addRect(x(x), y(y + side), side * POINTS_PER_MM, side * POINTS_PER_MM);
    }

    private void cabin(List<Spot> marked, float left, float top, float high) throws IOException {
        var scale = high / (float) Spot.HEIGHT;
        page.setLineWidth(0.25f);
        for (var spot : Spot.values()) {
            if (spot == Spot.BENCH && !marked.contains(spot)) continue;
            var corners = spot.corners();
            for (var i = 0; i < corners.size(); i++) {
                var x = x(left + (float) corners.get(i).x() * scale);
                var y = y(top + (float) corners.get(i).y() * scale);
                if (i == 0) page.moveTo(x, y);
                else page.lineTo(x, y);
            }
            page.closePath();
            page.setNonStrokingColor(0f);
            if (marked.contains(spot)) page.fill();
            else page.stroke();
        }
    }

    private void text(org.apache.pdfbox.pdmodel.font.PDType0Font font, float size, float x, float y, String text)
            throws IOException {
        letters.write(page, font, size, x(x), y(y), text);
    }

    private static float x(float mm) {
        return mm * POINTS_PER_MM;
    }

    private static float y(float mmFromTop) {
        return PDRectangle.A4.getHeight() - mmFromTop * POINTS_PER_MM;
    }
}
