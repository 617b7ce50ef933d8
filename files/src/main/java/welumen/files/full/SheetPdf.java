package welumen.files.full;

import java.io.IOException;
import java.util.List;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.measure.Many;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/** What is cut from one hide at full size, to be laid over it: its rim, its flaws, and every piece with its number and name. */
public final class SheetPdf implements Drawing {
    private final CutCard card;

    private SheetPdf(CutCard card) {
        this.card = card;
    }

    public static byte[] on(Paper paper, CutProblem problem, CutPlan plan, Stock stock) {
        return Tiles.on(paper, new SheetPdf(CutCard.of(problem, plan, stock)));
    }

    @Override
    public String name() {
        return card.stock().id();
    }

    @Override
    public String facts() {
        return "%s, %s"
                .formatted(card.stock().material(), Many.of(card.entries().size(), "piece"));
    }

    /** Of a roll no more than is used. */
    @Override
    public Box box() {
        return card.shown();
    }

    @Override
    public void draw(FullPage page, Point shift) throws IOException {
        run(page, card.stock().shape().outline(), shift, true);
        for (var flaw : card.flaws()) run(page, flaw, shift, true);
        for (var entry : card.entries()) {
            run(page, entry.outline(), shift, false);
            var middle = entry.outline().box().middle().plus(shift);
            page.text(
                    middle.x() - 10,
                    middle.y(),
                    5,
                    "%d  %s".formatted(entry.number(), entry.piece().replace('-', ' ')));
        }
    }

    private static void run(FullPage page, Outline outline, Point shift, boolean isDashed) throws IOException {
        List<Point> moved =
                outline.corners().stream().map(corner -> corner.plus(shift)).toList();
        page.run(moved, true, isDashed);
    }
}
