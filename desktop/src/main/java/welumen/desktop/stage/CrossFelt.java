package welumen.desktop.stage;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.Line;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.PartShape;
import welumen.desktop.look.Zoom;
import welumen.desktop.model.JobModel;
import welumen.pattern.PartOutline;
import welumen.shape.Outline;
import welumen.shape.Point;

/** A part's outline on felt, with a cross that says where something is marked: a press or the arrow keys move it. */
public abstract class CrossFelt extends FeltPane {
    private static final double STEP = 10;
    private static final double SIGHT = 12;
    private static final double FOOT = 16;

    protected final JobModel model;
    private final double margin;
    private Optional<Lying> lying = Optional.empty();
    private Point cross = new Point(0, 0);
    private Chalk chalk = new Chalk(1, 0, 0);

    /**
     * What lies on the felt.
     *
     * @param part none where it is no part of the cabin
     */
    public record Lying(PartKind kind, Optional<PartId> part) {}

    /** @param margin pixels around the outline */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; a press comes when all of it is built
    protected CrossFelt(JobModel model, String id, String accessibleText, double margin) {
        super(id, accessibleText);
        this.model = model;
        this.margin = margin;
        setFocusTraversable(true);
        zoomed();
        setOnMouseClicked(click -> {
            requestFocus();
            if (!click.isStillSincePress()) return; // the felt was drawn along
            moveTo(chalk.at(click.getX(), click.getY()));
            pressed();
        });
    }

    /** The cross was pressed to where it is. */
    protected abstract void pressed();

    /** The cross has been moved by hand. */
    protected void moved() {}

    /** The cross goes to the middle of what lies there now, if it is another. */
    protected final void lay(Optional<Lying> newLying) {
        if (!newLying.equals(lying))
            newLying.ifPresent(now -> {
                var box = outline(now).box();
                cross = new Point(box.width() / 2, box.height() / 2);
            });
        lying = newLying;
        redraw();
    }

    /** Its piece, where one stands for it; else as such a part usually is. */
    private Outline outline(Lying of) {
        return drawn(of).orElseGet(() -> of.kind().outline());
    }

    private Optional<Outline> drawn(Lying of) {
        return of.part().flatMap(part -> PartOutline.of(model.job().patterns().of(part)));
    }

    /** Where the cross stands, in mm from the outline's lower left. */
    public final Point cross() {
        return cross;
    }

    protected final Chalk chalk() {
        return chalk;
    }

    /** Whether the key moved it. */
    protected final boolean moves(KeyCode key) {
        switch (key) {
            case LEFT -> moveTo(cross.plus(new Point(-STEP, 0)));
            case RIGHT -> moveTo(cross.plus(new Point(STEP, 0)));
            case UP -> moveTo(cross.plus(new Point(0, STEP)));
            case DOWN -> moveTo(cross.plus(new Point(0, -STEP)));
            default -> {
                return false;
            }
        }
        return true;
    }

    private void moveTo(Point to) {
        if (lying.isEmpty()) return;
        moved();
        var box = outline(lying.get()).box();
        cross = new Point(Math.clamp(to.x(), 0, box.width()), Math.clamp(to.y(), 0, box.height()));
        redraw();
    }

    /** Draws the outline of what lies there. */
    protected final void drawOutline() {
        var now = lying.orElseThrow();
        var outline = outline(now);
        var box = outline.box();
        chalk = zoomed().on(Chalk.fitting(
                box, margin, Zoom.BAND, getWidth() - 2 * margin, getHeight() - margin - Zoom.BAND - FOOT));
        if (drawn(now).isPresent()) {
            getChildren().add(chalk.draw(outline, "chalk-fill"));
            return;
        }
        var usual = PartShape.of(now.kind(), box.width() * chalk.scale(), box.height() * chalk.scale());
        usual.outline().getStyleClass().add("chalk-fill");
        usual.within().getStyleClass().add("chalk-dash");
        for (var path : List.of(usual.outline(), usual.within())) {
            path.setMouseTransparent(true);
            path.setTranslateX(chalk.x(0));
            path.setTranslateY(chalk.y(box.height()));
            getChildren().add(path);
        }
    }

    /** Draws the cross. */
    protected final void drawCross() {
        var x = chalk.x(cross.x());
        var y = chalk.y(cross.y());
        for (var line : List.of(new Line(x - SIGHT, y, x + SIGHT, y), new Line(x, y - SIGHT, x, y + SIGHT))) {
            line.getStyleClass().add("sight");
            getChildren().add(line);
        }
    }
}
