package welumen.files.full;

import java.io.IOException;
import welumen.shape.Box;
import welumen.shape.Point;

/**
 * A drawing at full size: over several sheets it is tiled; each tile overlaps its neighbours, has a cross in each corner of
 * what it shows, which lies on the neighbours' crosses, and a little map of the whole. Every sheet carries a 100 mm square;
 * on a roll it stands beside.
 */
final class Tiles {
    private static final double MARGIN_MM = 12;
    private static final double CROSS_MM = 5;
    private static final double BESIDE_MM = 120;

    private final Drawing drawing;
    private final Box box;

    private Tiles(Drawing drawing) {
        this.drawing = drawing;
        this.box = drawing.box();
    }

    /** Tiled over sheets, or in one from a roll, the longer side along it. */
    static byte[] on(Paper paper, Drawing drawing) {
        var tiles = new Tiles(drawing);
        return switch (paper) {
            case Paper.Sheet sheet -> tiles.tiles(sheet);
            case Paper.Roll roll -> tiles.roll(roll.widthMm());
        };
    }

    private byte[] tiles(Paper.Sheet sheet) {
        var wide = sheet.widthMm() - 2 * MARGIN_MM;
        var high = sheet.heightMm() - 2 * MARGIN_MM;
        var columns = (int) Math.ceil(box.width() / wide - 1e-9);
        var rows = (int) Math.ceil(box.height() / high - 1e-9);
        try (var page = new FullPage(sheet)) {
            page.calibration(MARGIN_MM, MARGIN_MM);
            page.text(MARGIN_MM, sheet.heightMm() - 20, 5, drawing.name());
            page.text(
                    MARGIN_MM,
                    sheet.heightMm() - 28,
                    3.5,
                    "%s. %d sheets after this one, %d across and %d up; cut each along its frame, lay cross on cross."
                            .formatted(drawing.facts(), columns * rows, columns, rows));
            map(page, columns, rows, -1, -1, MARGIN_MM + 110, MARGIN_MM, 70);
            for (var row = 0; row < rows; row++)
                for (var column = 0; column < columns; column++) {
                    page.next(sheet);
                    tile(page, column, row, wide, high);
                    page.text(
                            MARGIN_MM,
                            5,
                            3,
                            "%s · sheet %d of %d · column %d, row %d from below"
                                    .formatted(
                                            drawing.name(),
                                            row * columns + column + 1,
                                            columns * rows,
                                            column + 1,
                                            row + 1));
                    map(page, columns, rows, column, row, sheet.widthMm() - MARGIN_MM - 16, 2, 9);
                }
            return page.finish();
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    private void tile(FullPage page, int column, int row, double wide, double high) throws IOException {
        page.clip(MARGIN_MM, MARGIN_MM, wide, high);
        drawing.draw(page, new Point(MARGIN_MM - box.minX() - column * wide, MARGIN_MM - box.minY() - row * high));
        page.unclip();
        page.frame(MARGIN_MM, MARGIN_MM, wide, high, true);
        page.faintSquare(MARGIN_MM, MARGIN_MM);
        for (var x : new double[] {MARGIN_MM, MARGIN_MM + wide})
            for (var y : new double[] {MARGIN_MM, MARGIN_MM + high}) {
                page.line(x - CROSS_MM, y, x + CROSS_MM, y);
                page.line(x, y - CROSS_MM, x, y + CROSS_MM);
            }
    }

    /** The whole in small, the sheet at hand filled. */
    private void map(FullPage page, int columns, int rows, int here, int hereRow, double x, double y, double size)
            throws IOException {
        var cell = size / Math.max(columns, rows);
        for (var row = 0; row < rows; row++)
            for (var column = 0; column < columns; column++) {
                var left = x + column * cell;
                var low = y + row * cell;
                if (column == here && row == hereRow) page.fill(left, low, cell, cell);
                page.frame(left, low, cell, cell, false);
            }
    }

    private byte[] roll(double rollMm) {
        var paper = new Paper.Roll(rollMm, box.height() + 2 * MARGIN_MM + BESIDE_MM);
        try (var page = new FullPage(paper)) {
            page.calibration(MARGIN_MM, MARGIN_MM);
            page.text(MARGIN_MM + 106, MARGIN_MM + 6, 5, drawing.name());
            drawing.draw(page, new Point(MARGIN_MM - box.minX(), MARGIN_MM + BESIDE_MM - box.minY()));
            return page.finish();
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }
}
