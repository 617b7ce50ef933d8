package welumen.files.full;

import java.io.IOException;
import welumen.measure.Lengths;
import welumen.trace.TargetCode;

/**
 * Targets to be laid round a piece, one a sheet of A4 or two where they are small, each to be cut out along its line with its
 * white rim. Print without fitting to the page, and measure the black square: that is the size to type.
 */
public final class TargetPdf {
    private static final double RIM = 0.15;
    private static final double MARGIN_MM = 12;
    private static final double SMALLEST_MM = 20;
    private static final double LARGEST_MM = 150;

    private TargetPdf() {}

    /**
     * @param first the number of the first
     * @param count how many, up to as many as there are
     * @throws IllegalArgumentException if they are not from 20 to 150 mm, or there are not so many
     */
    public static byte[] write(double targetMm, int first, int count) {
        if (!(targetMm >= SMALLEST_MM && targetMm <= LARGEST_MM))
            throw new IllegalArgumentException("A target of [%s mm] is not from 20 to 150 mm.".formatted(targetMm));
        if (first < 0 || count < 1 || first + count > TargetCode.count())
            throw new IllegalArgumentException("There are no [%d] targets from [%d] on.".formatted(count, first));
        var paper = Paper.Sheet.A4;
        var side = targetMm * (1 + 2 * RIM);
        var across = Math.max(1, (int) ((paper.widthMm() - 2 * MARGIN_MM) / (side + 4)));
        var up = Math.max(1, (int) ((paper.heightMm() - 2 * MARGIN_MM - 14) / (side + 10)));
        try (var page = new FullPage(paper)) {
            for (var i = 0; i < count; i++) {
                var place = i % (across * up);
                if (i > 0 && place == 0) page.next(paper);
                if (place == 0)
                    page.text(
                            MARGIN_MM,
                            8,
                            3,
                            "Print at 100 %%. Black square as wanted: %s. Cut along the line, lay flat, leave the white rim."
                                    .formatted(Lengths.said(targetMm)));
                target(
                        page,
                        first + i,
                        MARGIN_MM + place % across * (side + 4),
                        MARGIN_MM + 6 + place / across * (side + 10),
                        targetMm);
            }
            return page.finish();
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    private static void target(FullPage page, int number, double x, double y, double targetMm) throws IOException {
        var rim = RIM * targetMm;
        var cell = targetMm / TargetCode.CELLS;
        var black = TargetCode.black(number);
        for (var row = 0; row < TargetCode.CELLS; row++)
            for (var column = 0; column < TargetCode.CELLS; column++)
                if (black[row][column])
                    page.fill(
                            x + rim + column * cell - 0.01,
                            y + rim + (TargetCode.CELLS - 1 - row) * cell - 0.01,
                            cell + 0.02,
                            cell + 0.02);
        var side = targetMm + 2 * rim;
        page.frame(x, y, side, side, true);
        page.text(x + 2, y + side + 2, 3, "target " + number);
    }
}
