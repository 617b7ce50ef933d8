package welumen.files.full;

import java.io.IOException;
import java.util.List;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.leather.Worked;
import welumen.cut.pieces.RoughCut;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.measure.Many;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * A card for each hide: its picture with every piece by number, and the chalk list in the order of cutting, with two corners
 * measured by hand from backbone and butt, and a box to tick.
 */
public final class CutCardPdf {
    private static final double MARGIN_MM = 14;
    private static final double PICTURE_HIGH_MM = 128;
    private static final double ROW_MM = 5.6;
    private static final double FOOT_MM = 16;
    private static final Paper SHEET = Paper.Sheet.A4;

    private final FullPage page;
    private final CutCard card;
    private final Worked worked;
    private double y;

    private CutCardPdf(FullPage page, CutCard card, Worked worked) {
        this.page = page;
        this.card = card;
        this.worked = worked;
    }

    /** Of every stock on which something lies, in their order, of a plan that holds. */
    public static byte[] of(CutProblem problem, CutPlan plan, Worked worked) {
        return of(problem, plan, worked, "");
    }

    /** @param since what was drawn since, so that the plan does not hold any more, as it is said; empty where it holds */
    public static byte[] of(CutProblem problem, CutPlan plan, Worked worked, String since) {
        try (var page = new FullPage(SHEET)) {
            var isFirst = true;
            for (var use : plan.sheets()) {
                if (!isFirst) page.next(SHEET);
                isFirst = false;
                new CutCardPdf(page, CutCard.of(problem, plan, problem.stock(use.stock())), worked).write(use, since);
            }
            return page.finish();
        } catch (IOException inMemory) {
            throw new IllegalStateException(inMemory);
        }
    }

    private void write(CutPlan.SheetUse use, String since) throws IOException {
        var stock = card.stock();
        y = SHEET.heightMm() - MARGIN_MM - 4;
        page.text(MARGIN_MM, y, 6, stock.id());
        y -= 7;
        page.text(
                MARGIN_MM,
                y,
                3.4,
                "%s%s · %s, %.0f %% of it · large and best first"
                        .formatted(
                                stock.material(),
                                lot(stock),
                                Many.of(card.entries().size(), "piece"),
                                100 * use.pieceArea() / use.openedArea()));
        if (!since.isEmpty()) {
            y -= 5;
            page.text(MARGIN_MM, y, 3.4, "This plan does not hold any more: " + since);
        }
        y -= 4;
        picture();
        y -= 8;
        head(stock);
        for (var entry : card.entries()) row(entry);
        if (card.entries().stream().anyMatch(entry -> RoughCut.isRough(entry.piece(), worked)))
            page.text(MARGIN_MM, y, 3, "Rough: worked and rested first, then trimmed to its line by the pattern.");
    }

    private static String lot(Stock stock) {
        return stock.lot().dye().isEmpty() ? "" : ", lot " + stock.lot().dye();
    }

    private void picture() throws IOException {
        var box = card.shown();
        var wide = SHEET.widthMm() - 2 * MARGIN_MM;
        var scale = Math.min(wide / box.width(), PICTURE_HIGH_MM / box.height());
        var left = MARGIN_MM + (wide - box.width() * scale) / 2;
        var low = y - box.height() * scale;
        run(card.stock().shape().outline(), box, scale, left, low, false);
        for (var flaw : card.flaws()) run(flaw, box, scale, left, low, true);
        for (var entry : card.entries()) {
            run(entry.outline(), box, scale, left, low, false);
            var middle = entry.outline().box().middle();
            page.text(
                    left + (middle.x() - box.minX()) * scale - 1.5,
                    low + (middle.y() - box.minY()) * scale - 1.2,
                    3.6,
                    Integer.toString(entry.number()));
        }
        var from = CutCard.from(card.stock());
        var x = left + (from.x() - box.minX()) * scale;
        if (from.x() > box.minX()) page.run(List.of(new Point(x, low), new Point(x, y)), false, true);
        y = low;
    }

    private void run(Outline outline, Box box, double scale, double left, double low, boolean isDashed)
            throws IOException {
        var points = outline.corners().stream()
                .map(corner -> new Point(
                        left + (Math.min(corner.x(), box.maxX()) - box.minX()) * scale,
                        low + (corner.y() - box.minY()) * scale))
                .toList();
        page.run(points, true, isDashed);
    }

    private void head(Stock stock) throws IOException {
        page.text(
                MARGIN_MM,
                y,
                3,
                stock instanceof Stock.Roll
                        ? "Measured in mm from the cut end and the lower selvedge: its nearest corner, then its farthest."
                        : "Measured in mm from the backbone and up from the butt: its lowest corner, then the one farthest from it.");
        y -= ROW_MM;
    }

    private void row(CutCard.Entry entry) throws IOException {
        if (y < FOOT_MM) {
            page.next(SHEET);
            y = SHEET.heightMm() - MARGIN_MM - 4;
            page.text(MARGIN_MM, y, 4, card.stock().id() + ", continued");
            y -= 2 * ROW_MM;
        }
        page.frame(MARGIN_MM, y - 0.6, 3.4, 3.4, false);
        page.text(MARGIN_MM + 6, y, 3.2, "%d  %s".formatted(entry.number(), name(entry)));
        page.text(
                MARGIN_MM + 84,
                y,
                3.2,
                "%s  to  %s"
                        .formatted(
                                CutCard.words(entry.near(), card.stock()), CutCard.words(entry.far(), card.stock())));
        y -= ROW_MM;
    }

    private String name(CutCard.Entry entry) {
        var alike = card.entries().stream()
                .filter(other -> other.piece().equals(entry.piece()))
                .count();
        return entry.piece().replace('-', ' ')
                + (alike > 1 ? ", no. " + entry.copy() : "")
                + (RoughCut.isRough(entry.piece(), worked) ? ", rough" : "");
    }
}
