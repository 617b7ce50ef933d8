package welumen.desktop.cut;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import welumen.cut.cloth.Repeat;
import welumen.cut.stock.Stock;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.Nodes;
import welumen.shape.Outline;
import welumen.shape.Point;

/** The ground that pieces lie on: a hide with its grades and flaws, a roll with its pattern and the way its pile lies. */
final class HideChalk {
    private HideChalk() {}

    /** Its rim, the grades within it, its flaws; only the first of them takes the pen. */
    static List<Node> ground(Stock stock, Chalk chalk) {
        var rim = chalk.draw(stock.shape().outline(), "hide");
        var within = new Pane();
        var clip = chalk.draw(stock.shape().outline(), "hide");
        clip.setFill(Color.BLACK);
        within.setClip(clip);
        for (var zone : stock.zones()) within.getChildren().add(chalk.draw(zone.outline(), "zone"));
        for (var zone : stock.zones()) {
            var box = zone.outline().box();
            var y = box.minY() + box.height() * (0.55 - 0.045 * zone.grade());
            var grade = Nodes.whole(Integer.toString(zone.grade()), "zone-word");
            grade.relocate(chalk.x(leftmost(zone.outline(), y)) + 3, chalk.y(y) - 8);
            within.getChildren().add(grade);
        }
        for (var line : Repeat.lines(stock)) within.getChildren().add(chalk.draw(line, "zone"));
        if (stock instanceof Stock.Roll roll) within.getChildren().add(chalk.draw(pile(roll), "relief-notch"));
        for (var flaw : stock.shape().holes()) within.getChildren().add(chalk.draw(flaw, "flaw"));
        within.setMouseTransparent(true);
        return List.of(rim, within);
    }

    /** An arrow along the roll, near its end, where pieces come last. */
    private static List<Point> pile(Stock.Roll roll) {
        var y = roll.width() / 2;
        var tip = new Point(roll.length() * 0.97, y);
        var head = roll.width() * 0.05;
        return List.of(
                new Point(roll.length() * 0.8, y),
                tip,
                tip.minus(new Point(head, head / 2)),
                tip,
                tip.minus(new Point(head, -head / 2)));
    }

    /** The leftmost place of an outline near a height. */
    private static double leftmost(Outline outline, double y) {
        var box = outline.box();
        return outline.corners().stream()
                .filter(corner -> Math.abs(corner.y() - y) < box.height() / 12)
                .mapToDouble(Point::x)
                .min()
                .orElse(box.minX());
    }
}
