package welumen.desktop.pattern;

import java.util.Optional;
import javafx.scene.shape.Circle;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.measure.Lengths;
import welumen.trace.Traced;

/** What a photo showed: the clean outline, a dot where one stretch gives way to the next, and each round hole's size. */
final class TraceFelt extends FeltPane {
    private static final double MARGIN = 30;

    private Optional<Traced> shown = Optional.empty();

    TraceFelt() {
        super("trace-felt", "The outline as it was traced; the words above say how sure it is");
    }

    void show(Optional<Traced> traced) {
        shown = traced;
        redraw();
    }

    @Override
    protected void draw() {
        if (shown.isEmpty()) {
            word("Lay the old piece flat on a plain floor,", MARGIN, MARGIN, "faint");
            word("four targets or more round it, and photograph", MARGIN, MARGIN + 22, "faint");
            word("all of it from above, aslant if it must be.", MARGIN, MARGIN + 44, "faint");
            return;
        }
        var traced = shown.get();
        var box = traced.shape().outline().box();
        var chalk = Chalk.fitting(box, MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN - 24);
        getChildren().add(chalk.draw(traced.shape(), "chalk-fill"));
        for (var segment : traced.segments()) {
            var dot = new Circle(
                    chalk.x(segment.start().x()), chalk.y(segment.start().y()), 3.5);
            dot.getStyleClass().add("dot");
            getChildren().add(dot);
        }
        for (var circle : traced.circles())
            word(
                    "⌀ %.1f".formatted(circle.diameter()),
                    chalk.x(circle.centre().x() + circle.diameter() / 2) + 4,
                    chalk.y(circle.centre().y()) - 9);
        foot("%s by %s · dots: where a line gives way to the next"
                .formatted(Lengths.said(box.width()), Lengths.said(box.height())));
    }
}
