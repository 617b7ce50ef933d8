package welumen.desktop.survey;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.shape.Line;
import welumen.cabin.Part;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.shape.Point;

/** The picked part's outline on felt with its findings; a cross says where the next one is. */
final class PartFelt extends FeltPane {
    private static final double MARGIN = 44;
    private static final double STEP = 10;
    private static final double LETTER = 6.2;

    private final JobModel model;
    private Optional<Part> part = Optional.empty();
    private Point cross = new Point(0, 0);
    private Chalk chalk = new Chalk(1, 0, 0);

    PartFelt(JobModel model) {
        super("part-felt", "The part’s outline; arrow keys move the cross by 10 mm");
        this.model = model;
        setFocusTraversable(true);
        setOnMouseClicked(click -> {
            requestFocus();
            move(chalk.at(click.getX(), click.getY()));
        });
        setOnKeyPressed(this::key);
    }

    void show(Optional<Part> newPart) {
        if (!newPart.map(Part::id).equals(part.map(Part::id)))
            newPart.ifPresent(picked -> {
                var box = picked.kind().outline().box();
                cross = new Point(box.width() / 2, box.height() / 2);
            });
        part = newPart;
        redraw();
    }

    /** Where the cross stands, in mm from the outline's lower left. */
    Point place() {
        return cross;
    }

    private void key(KeyEvent key) {
        var shift = switch (key.getCode()) {
            case LEFT -> new Point(-STEP, 0);
            case RIGHT -> new Point(STEP, 0);
            case UP -> new Point(0, STEP);
            case DOWN -> new Point(0, -STEP);
            default -> null;
        };
        if (shift == null) return;
        move(cross.plus(shift));
        key.consume();
    }

    private void move(Point to) {
        if (part.isEmpty()) return;
        var box = part.get().kind().outline().box();
        cross = new Point(Math.clamp(to.x(), 0, box.width()), Math.clamp(to.y(), 0, box.height()));
        redraw();
    }

    @Override
    protected void draw() {
        if (part.isEmpty()) return;
        var outline = part.get().kind().outline();
        chalk = Chalk.fitting(outline.box(), MARGIN, MARGIN, getWidth() - 2 * MARGIN, getHeight() - 2 * MARGIN - 16);
        getChildren().add(chalk.draw(outline, "chalk-fill"));
        for (var finding : model.job().survey().on(part.get().id())) {
            var pin = new Label(Integer.toString(finding.number()));
            pin.getStyleClass().add("pin");
            pin.relocate(chalk.x(finding.at().x()) - 12, chalk.y(finding.at().y()) - 12);
            var said = Nodes.whole(
                    "%s, %.0f mm, %s"
                            .formatted(
                                    finding.kind().word(),
                                    finding.sizeMm(),
                                    finding.severity().word()),
                    "chalk-word");
            said.relocate(
                    beside(chalk.x(finding.at().x()), said),
                    chalk.y(finding.at().y()) + 12);
            getChildren().addAll(pin, said);
        }
        sight();
        var said = Nodes.whole(
                "cross at %.0f mm from the left, %.0f mm up".formatted(cross.x(), cross.y()), "chalk-word", "faint");
        said.relocate(18, getHeight() - 28);
        getChildren().add(said);
    }

    /** Under its pin, but never over the edge of the felt. */
    private double beside(double pin, Label said) {
        var width = said.getText().length() * LETTER;
        return Math.clamp(pin - width / 2, 8, Math.max(8, getWidth() - width - 8));
    }

    private void sight() {
        var x = chalk.x(cross.x());
        var y = chalk.y(cross.y());
        for (var line : new Line[] {new Line(x - 12, y, x + 12, y), new Line(x, y - 12, x, y + 12)}) {
            line.getStyleClass().add("sight");
            getChildren().add(line);
        }
    }
}
