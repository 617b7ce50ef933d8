package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Stock;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

/** The hides side by side on felt, with their grades, flaws and the pieces that lie on them. */
final class HideTable extends FeltPane {
    private static final double GAP = 120;
    private static final double PADDING = 16;

    private record Shown(CutProblem problem, CutPlan plan) {}

    private Optional<Shown> shown = Optional.empty();

    HideTable() {
        super("hide-table", "The hides on the cutting table; the list beside it says what lies on them");
    }

    void show(CutProblem problem, CutPlan plan) {
        shown = Optional.of(new Shown(problem, plan));
        setAccessibleText("%d pieces laid out on %d hides"
                .formatted(plan.placements().size(), problem.stock().size()));
        redraw();
    }

    @Override
    protected void draw() {
        if (shown.isEmpty() || shown.get().problem().stock().isEmpty()) return;
        var stock = shown.get().problem().stock();
        var chalk = Chalk.fitting(
                whole(stock), PADDING, PADDING + 18, getWidth() - 2 * PADDING, getHeight() - 2 * PADDING - 18);
        var x = 0.0;
        for (var one : stock) {
            var box = one.shape().outline().box();
            draw(one, new Chalk(chalk.scale(), chalk.x(x - box.minX()), chalk.y(-box.minY())));
            x += box.width() + GAP;
        }
    }

    private static Box whole(List<Stock> stock) {
        var width = -GAP;
        var height = 0.0;
        for (var one : stock) {
            var box = one.shape().outline().box();
            width += box.width() + GAP;
            height = Math.max(height, box.height());
        }
        return new Box(0, 0, width, height);
    }

    private void draw(Stock stock, Chalk chalk) {
        var outline = stock.shape().outline();
        var ground = chalk.draw(outline, "hide");
        getChildren().add(ground);
        var clip = chalk.draw(outline, "hide");
        clip.setFill(Color.BLACK);
        var zones = new Pane();
        zones.setClip(clip);
        for (var zone : stock.zones()) zones.getChildren().add(chalk.draw(zone.outline(), "zone"));
        for (var zone : stock.zones()) {
            var box = zone.outline().box();
            var y = box.minY() + box.height() * (0.55 - 0.045 * zone.grade());
            var grade = Nodes.whole(Integer.toString(zone.grade()), "zone-word");
            grade.relocate(chalk.x(leftmost(zone.outline(), y)) + 3, chalk.y(y) - 8);
            zones.getChildren().add(grade);
        }
        getChildren().add(zones);
        for (var flaw : stock.shape().holes()) getChildren().add(chalk.draw(flaw, "flaw"));
        for (var placement : shown.orElseThrow().plan().on(stock.id())) {
            var piece = shown.get().problem().piece(placement.piece());
            lay(
                    placement.pose().apply(piece.shape()),
                    PieceName.of(shown.get().problem(), piece),
                    piece.grade(),
                    chalk);
        }
        var box = outline.box();
        var word = Nodes.whole(stock.id(), "chalk-word");
        word.relocate(chalk.x((box.minX() + box.maxX()) / 2) - 18, 8);
        getChildren().add(word);
    }

    /** The leftmost place of an outline near a height. */
    private static double leftmost(Outline outline, double y) {
        return outline.corners().stream()
                .filter(corner -> Math.abs(corner.y() - y) < outline.box().height() / 12)
                .mapToDouble(Point::x)
                .min()
                .orElse(outline.box().minX());
    }

    private void lay(Shape shape, PieceName name, int grade, Chalk chalk) {
        var path = chalk.draw(shape, "laid-piece");
        Tooltip.install(path, new Tooltip("%d  %s, grade %d or better".formatted(name.number(), name.words(), grade)));
        getChildren().add(path);
        var box = shape.outline().box();
        var text = name.fitting(box.width() * chalk.scale(), box.height() * chalk.scale());
        var word = Nodes.label(text, "laid-word");
        word.setMouseTransparent(true);
        word.setTextAlignment(javafx.scene.text.TextAlignment.CENTER);
        word.setAlignment(javafx.geometry.Pos.CENTER);
        word.setMinSize(box.width() * chalk.scale() - 4, box.height() * chalk.scale());
        word.setMaxSize(box.width() * chalk.scale() - 4, box.height() * chalk.scale());
        word.relocate(chalk.x(box.minX()) + 2, chalk.y(box.maxY()));
        getChildren().add(word);
    }
}
