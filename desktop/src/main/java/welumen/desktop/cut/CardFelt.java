package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import welumen.cut.table.CutCard;
import welumen.cut.table.LargestRectangle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;

/** One hide as its cut card has it: every piece by its number in the order of cutting, and what is worth keeping. */
final class CardFelt extends FeltPane {
    private static final double MARGIN = 12;

    private Optional<CutCard> card = Optional.empty();
    private List<LargestRectangle> kept = List.of();

    CardFelt() {
        super("card-felt", "The hide with its pieces by number; the list beside it says where each lies");
        setMinHeight(220);
        setPrefHeight(260);
    }

    void show(CutCard shown, List<LargestRectangle> keep) {
        card = Optional.of(shown);
        kept = keep;
        redraw();
    }

    @Override
    protected void draw() {
        if (card.isEmpty()) return;
        var stock = card.get().stock();
        var chalk =
                Chalk.fitting(card.get().shown(), MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN);
        getChildren().addAll(HideChalk.ground(stock, chalk));
        for (var entry : card.get().entries()) {
            getChildren().add(chalk.draw(entry.outline(), "laid-piece"));
            var middle = entry.outline().box().middle();
            word(Integer.toString(entry.number()), chalk.x(middle.x()) - 6, chalk.y(middle.y()) - 9, "laid-word");
        }
        for (var rectangle : kept) getChildren().add(chalk.draw(rectangle.outline(), "offcut"));
    }
}
