package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import welumen.cut.stock.Stretch;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.measure.Lengths;
import welumen.shape.Box;
import welumen.shape.Outline;
import welumen.shape.Point;

/** A piece of leather: the line along which it is cut, and within it the one to which it is trimmed once it has rested. */
final class RoughFelt extends FeltPane {
    private static final double MARGIN = 30;

    private static final double ARROW = 0.16;
    private static final double HEAD = 0.02;

    /** @param rough the same where it is cut to its line at once */
    record Shown(Outline line, Outline rough, Stretch stretch) {}

    private Optional<Shown> shown = Optional.empty();

    RoughFelt() {
        super("rough-felt", "The piece as it is cut, and within it the line to which it is trimmed");
    }

    void show(Optional<Shown> newShown) {
        shown = newShown;
        redraw();
    }

    @Override
    protected void draw() {
        if (shown.isEmpty()) {
            word("No piece is cut from a hide yet.", MARGIN, MARGIN, "faint");
            return;
        }
        var line = shown.get().line();
        var rough = shown.get().rough();
        var chalk = Chalk.fitting(rough.box(), MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN - 30);
        getChildren().add(chalk.draw(rough, "chalk-fill"));
        if (!rough.equals(line)) getChildren().add(chalk.draw(line, "chalk-dash"));
        if (shown.get().stretch() instanceof Stretch.Along way)
            getChildren().add(chalk.draw(arrow(line.box(), way.degrees()), "relief-notch"));
        word(
                rough.equals(line)
                        ? "%s, cut to its line at once".formatted(size(line))
                        : "cut %s, then trimmed to %s along the dashed line".formatted(size(rough), size(line)),
                18,
                getHeight() - 30,
                "faint");
    }

    /** The way in which it stretches, a head at either end. */
    private static List<Point> arrow(Box box, double degrees) {
        var size = Math.min(box.width(), box.height());
        var along = new Point(Math.cos(Math.toRadians(degrees)), Math.sin(Math.toRadians(degrees)));
        var across = new Point(-along.y(), along.x()).times(HEAD * size);
        var half = along.times(ARROW * size);
        var back = along.times(2 * HEAD * size);
        var from = box.middle().minus(half);
        var to = box.middle().plus(half);
        return List.of(
                from.plus(back).plus(across),
                from,
                from.plus(back).minus(across),
                from,
                to,
                to.minus(back).plus(across),
                to,
                to.minus(back).minus(across));
    }

    private static String size(Outline outline) {
        return "%s × %s"
                .formatted(
                        Lengths.near(outline.box().width()),
                        Lengths.near(outline.box().height()));
    }
}
