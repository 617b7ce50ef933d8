package welumen.files.full;

import java.io.IOException;
import java.util.List;
import welumen.pattern.CuttingLine;
import welumen.pattern.Grain;
import welumen.pattern.Notches;
import welumen.pattern.Notches.Notch;
import welumen.pattern.Patterns;
import welumen.pattern.Piece;
import welumen.pattern.Piercing;
import welumen.pattern.Relief;
import welumen.pattern.relief.Perforation;
import welumen.pattern.relief.SewnLines;
import welumen.pattern.seam.SeamCodes;
import welumen.pattern.seam.SeamCodes.Code;
import welumen.pattern.thick.WrapPlan;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * A piece at full size: the cutting line, the finished line dashed within, its holes and its edges by name. Over several
 * sheets it is tiled; each tile overlaps its neighbours, has a cross in each corner of what it shows, which lies on the
 * neighbours' crosses, and a little map of the whole. Every sheet carries a 100 mm square; on a roll it stands beside.
 */
public final class PiecePdf {
    private static final double MARGIN_MM = 12;
    private static final double CROSS_MM = 5;
    private static final double BESIDE_MM = 120;
    private static final double ARROW_MM = 40;

    private final Piece piece;
    private final List<Notch> notches;
    private final List<Code> codes;
    private final Outline cut;
    private final Box box;

    private PiecePdf(Piece piece, Patterns patterns) {
        this.piece = piece;
        this.notches = Notches.of(piece, patterns.seams(), patterns);
        this.codes = SeamCodes.on(piece, patterns);
        this.cut = CuttingLine.of(piece);
        this.box = cut.box();
    }

    /** Tiled over sheets, or in one from a roll. */
    public static byte[] on(Paper paper, Piece piece, Patterns patterns) {
        return switch (paper) {
            case Paper.Sheet sheet -> tiled(piece, patterns, sheet);
            case Paper.Roll roll -> onRoll(piece, patterns, roll.widthMm());
        };
    }

    /** Tiled over sheets. */
    public static byte[] tiled(Piece piece, Patterns patterns, Paper.Sheet sheet) {
        return new PiecePdf(piece, patterns).tiles(sheet);
    }

    /** In one, from a roll of that width; the longer side along it. */
    public static byte[] onRoll(Piece piece, Patterns patterns, double rollMm) {
        return new PiecePdf(piece, patterns).roll(rollMm);
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
        for (var row : SewnLines.of(piece).rows()) page.run(moved(List.of(row.from(), row.to()), shift), false, true);
        if (piece.inside().relief() instanceof Relief.Perforated wanted) perforated(page, wanted, shift);
        for (var piercing : piece.inside().piercings()) pierced(page, piercing, shift);
        for (var keepOut : piece.inside().keepOuts()) {
            page.run(moved(keepOut.room().corners(), shift), true, true);
            var at = keepOut.room().box().middle().plus(shift);
            page.text(at.x() - 8, at.y(), 3, "stays free: " + keepOut.what());
        }
        lies(page, shift);
        WrapPlan.asDrawn(piece).ifPresent(plan -> plan.reliefs().forEach(relief -> turned(page, relief, shift)));
        for (var code : codes)
            page.text(code.at().x() + shift.x() - 2, code.at().y() + shift.y() - 1, 3.2, code.word());
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
                            + edge.finish().word()
                            + (edge.leftLongMm() > 0 ? ", %.0f mm left long".formatted(edge.leftLongMm()) : ""));
        }
    }

    /** Where the turn-in is slit, notched or folded. */
    private static void turned(FullPage page, WrapPlan.Relief relief, Point shift) {
        try {
            var out = relief.out().plus(shift);
            page.run(List.of(relief.at().plus(shift), out), false, relief.kind() == WrapPlan.Kind.FOLD);
            page.text(out.x() + 1, out.y() + 1, 2.2, relief.kind().word());
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    private void perforated(FullPage page, Relief.Perforated wanted, Point shift) throws IOException {
        var half = wanted.holeMm() / 2;
        for (var hole : Perforation.of(piece, wanted).holes()) {
            var at = hole.plus(shift);
            page.fill(at.x() - half, at.y() - half, wanted.holeMm(), wanted.holeMm());
        }
    }

    private static void pierced(FullPage page, Piercing piercing, Point shift) throws IOException {
        var at = piercing.at().plus(shift);
        if (piercing.kind().isRound()) {
            page.run(moved(piercing.ring(), shift), true, false);
        } else page.run(List.of(at.minus(piercing.halfSlit()), at.plus(piercing.halfSlit())), false, false);
        page.line(at.x() - 2, at.y(), at.x() + 2, at.y());
        page.line(at.x(), at.y() - 2, at.x(), at.y() + 2);
        page.text(
                at.x() + piercing.sizeMm() / 2 + 1,
                at.y() + 1,
                2.6,
                "%s %s %.1f".formatted(piercing.what(), piercing.kind().word(), piercing.sizeMm()));
    }

    /** The way of its stretch or its nap, and the side that is up. */
    private void lies(FullPage page, Point shift) throws IOException {
        var middle = piece.net().box().middle().plus(shift);
        var words = piece.face().word();
        if (piece.grain().way().isPresent()) {
            var turn = Math.toRadians(piece.grain().way().getAsDouble());
            var along = new Point(Math.cos(turn), Math.sin(turn));
            var across = new Point(-along.y(), along.x());
            var tip = middle.plus(along.times(ARROW_MM));
            var back = tip.minus(along.times(8));
            page.run(List.of(middle.minus(along.times(ARROW_MM)), tip), false, false);
            page.run(List.of(back.plus(across.times(4)), tip, back.minus(across.times(4))), false, false);
            words += piece.grain() instanceof Grain.NapToward ? ", nap this way" : ", stretch along";
        }
        page.text(middle.x() + 3, middle.y() + 3, 3, words);
    }

    private static List<Point> moved(List<Point> ring, Point shift) {
        return ring.stream().map(point -> point.plus(shift)).toList();
    }
}
