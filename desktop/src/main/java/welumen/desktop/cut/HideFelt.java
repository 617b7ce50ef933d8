package welumen.desktop.cut;

import java.util.Optional;
import java.util.function.Consumer;
import welumen.cut.cloth.StretchCourse;
import welumen.cut.stock.Stock;
import welumen.cut.table.CutCard;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.shape.Point;

/** One hide as large as the felt takes: its grades, its flaws, its backbone; a click says where. */
final class HideFelt extends FeltPane {
    private static final double MARGIN = 26;
    private static final double STROKES_MM = 160;

    private final Consumer<Point> onPlace;
    private Optional<Stock> stock = Optional.empty();

    HideFelt(Consumer<Point> onPlace) {
        super("hide-felt", "The hide with its grades and flaws; the line above marks places by number");
        this.onPlace = onPlace;
    }

    void show(Optional<Stock> shown) {
        stock = shown;
        redraw();
    }

    @Override
    protected void draw() {
        if (stock.isEmpty()) {
            empty("Nothing to cut from has come in yet: say beside it what did, a hide, a roll or a sheet.");
            return;
        }
        var one = stock.get();
        var box = one.shape().outline().box();
        var chalk =
                zoomed().on(Chalk.fitting(box, MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN - 14));
        var ground = HideChalk.ground(one, chalk);
        ground.getFirst().setOnMouseClicked(mouse -> {
            if (mouse.isStillSincePress()) onPlace.accept(chalk.at(mouse.getX(), mouse.getY()));
        });
        getChildren().addAll(ground);
        for (var stroke : StretchCourse.strokes(one, STROKES_MM)) {
            var drawn = chalk.draw(stroke, "stretch");
            drawn.setMouseTransparent(true);
            getChildren().add(drawn);
        }
        var from = CutCard.from(one);
        line(chalk.x(from.x()), chalk.y(box.minY()), chalk.x(from.x()), chalk.y(box.maxY()), "backbone");
        getChildren().getLast().setMouseTransparent(true);
        foot(
                one instanceof Stock.Roll
                        ? "Click where a flaw is · dashed: the cut end · arrow: the way its pile lies"
                        : "Click where a flaw is · dashed upright: the backbone, the butt below · strokes: how it stretches most");
    }
}
