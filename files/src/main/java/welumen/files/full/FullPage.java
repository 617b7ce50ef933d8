package welumen.files.full;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import welumen.files.report.Letters;
import welumen.shape.Box;
import welumen.shape.Point;

/** Sheets on which a millimetre is a millimetre, measured from their lower left; every one carries a 100 mm square. */
final class FullPage implements AutoCloseable {
    private static final float POINTS_PER_MM = 72 / 25.4f;
    private static final double SQUARE_MM = 100;
    private static final float HAIR = 0.35f;

    private final PDDocument document = new PDDocument();
    private final Letters letters;
    private PDPageContentStream page;

    FullPage(Paper first) throws IOException {
        letters = new Letters(document);
        page = opened(first);
    }

    void next(Paper paper) throws IOException {
        page.close();
        page = opened(paper);
    }

    private PDPageContentStream opened(Paper paper) throws IOException {
        var sheet = new PDPage(new PDRectangle(points(paper.widthMm()), points(paper.heightMm())));
        document.addPage(sheet);
        var stream = new PDPageContentStream(document, sheet);
        stream.setLineWidth(points(HAIR));
        return stream;
    }

    private static float points(double mm) {
        return (float) mm * POINTS_PER_MM;
    }

    void run(List<Point> points, boolean isClosed, boolean isDashed) throws IOException {
        page.setLineDashPattern(isDashed ? new float[] {points(3), points(2)} : new float[0], 0);
        page.moveTo(points(points.getFirst().x()), points(points.getFirst().y()));
        for (var point : points.subList(1, points.size())) page.lineTo(points(point.x()), points(point.y()));
        if (isClosed) page.closeAndStroke();
        else page.stroke();
    }

    void frame(double x, double y, double wide, double high, boolean isDashed) throws IOException {
        run(new Box(x, y, x + wide, y + high).outline().corners(), true, isDashed);
    }

    void line(double x, double y, double toX, double toY) throws IOException {
        run(List.of(new Point(x, y), new Point(toX, toY)), false, false);
    }

    void fill(double x, double y, double wide, double high) throws IOException {
        page.setNonStrokingColor(0f);
        page.addRect(points(x), points(y), points(wide), points(high));
        page.fill();
    }

    /** What lies outside is not drawn, until {@link #unclip}. */
    void clip(double x, double y, double wide, double high) throws IOException {
        page.saveGraphicsState();
        page.addRect(points(x), points(y), points(wide), points(high));
        page.clip();
    }

    void unclip() throws IOException {
        page.restoreGraphicsState();
    }

    void text(double x, double y, double sizeMm, String text) throws IOException {
        letters.write(page, letters.regular(), points(sizeMm), points(x), points(y), text);
    }

    /** To be measured with a ruler before anything is cut. */
    void calibration(double x, double y) throws IOException {
        frame(x, y, SQUARE_MM, SQUARE_MM, false);
        text(x + 4, y + 4, 3.2, "This square is 100 mm each way. If not, print again without fitting to the page.");
    }

    /** The same beneath a drawing, in grey. */
    void faintSquare(double x, double y) throws IOException {
        page.setStrokingColor(0.75f);
        frame(x, y, SQUARE_MM, SQUARE_MM, false);
        page.setStrokingColor(0f);
        text(x + 4, y + SQUARE_MM - 5, 2.6, "this grey square is 100 mm");
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
}
