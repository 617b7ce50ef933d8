package welumen.files.full;

import java.io.IOException;
import java.util.List;
import welumen.pattern.CuttingLine;
import welumen.pattern.Notches.Notch;
import welumen.pattern.Piece;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * A piece at full size: the cutting line, the finished line dashed within, its holes and its edges by name. Over several
 * sheets it is tiled; each tile overlaps its neighbours, has a cross in each corner of what it shows, which lies on the
 * neighbours' crosses, and a little map of the whole. A last sheet carries the 100 mm square; on a roll it stands beside.
 */
public final class PiecePdf {
    private static final double MARGIN_MM = 12;
    private static final double CROSS_MM = 5;
    private static final double BESIDE_MM = 120;

    private final Piece piece;
    private final List<Notch> notches;
    private final Outline cut;
    private final Box box;

    private PiecePdf(Piece piece, List<Notch> notches) {
        this.piece = piece;
        this.notches = notches;
        this.cut = CuttingLine.of(piece);
        this.box = cut.box();
    }

    /** Tiled over sheets. */
    public static byte[] tiled(Piece piece, List<Notch> notches, Paper.Sheet sheet) {
        return new PiecePdf(piece, notches).tiles(sheet);
    }

    /** In one, from a roll of that width; the longer side along it. */
    public static byte[] onRoll(Piece piece, List<Notch> notches, double rollMm) {
        return new PiecePdf(piece, notches).roll(rollMm);
    }

    private byte[] tiles(Paper.Sheet sheet) {
        var wide = sheet.widthMm() - 2 * MARGIN_MM;
        var high = sheet.heightMm() - 2 * MARGIN_MM;
        var columns = (int) Math.ceil(box.width() / wide - 1e-9);
        var rows = (int) Math.ceil(box.height() / high - 1e-9);
        try (var page = new FullPage(sheet)) {
            page.calibration(MARGIN_MM, MARGIN_MM);
            page.text(MARGIN_MM, sheet.heightMm() - 20, 5, piece.name());
            page.text(
                    MARGIN_MM,
                    sheet.heightMm() - 28,
                    3.5,
                    "%s, %s. %d sheets after this one, %d across and %d up; cut each along its frame, lay cross on cross."
                            .formatted(piece.material(), piece.pairing().word(), columns * rows, columns, rows));
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
                                            piece.name(),
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
        draw(page, new Point(MARGIN_MM - box.minX() - column * wide, MARGIN_MM - box.minY() - row * high));
        page.unclip();
        page.frame(MARGIN_MM, MARGIN_MM, wide, high, true);
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
            page.text(MARGIN_MM + 106, MARGIN_MM + 6, 5, piece.name());
            draw(page, new Point(MARGIN_MM - box.minX(), MARGIN_MM + BESIDE_MM - box.minY()));
            return page.finish();
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    private void draw(FullPage page, Point shift) throws IOException {
        page.run(moved(cut.corners(), shift), true, false);
        page.run(moved(piece.net().corners(), shift), true, true);
        for (var hole : piece.holes()) page.run(moved(hole.corners(), shift), true, false);
        for (var notch : notches) page.run(moved(List.of(notch.outer(), notch.inner()), shift), false, false);
        for (var i = 0; i < piece.edges().size(); i++) {
            var run = piece.run(i);
            var middle =
                    run.get(run.size() / 2).plus(run.get((run.size() - 1) / 2)).times(0.5);
            var edge = piece.edges().get(i);
            var at = middle.plus(shift);
            page.text(
                    at.x() + 2,
                    at.y() + 2,
                    3,
                    (edge.name().isEmpty() ? "" : edge.name() + ": ")
                            + edge.finish().word());
        }
    }

    private static List<Point> moved(List<Point> ring, Point shift) {
        return ring.stream().map(point -> point.plus(shift)).toList();
    }
}
