package welumen.desktop.finish;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.shape.Line;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.PartShape;
import welumen.desktop.look.Zoom;
import welumen.desktop.model.JobModel;
import welumen.finish.underway.Coating;
import welumen.finish.underway.Flaw;
import welumen.pattern.PartOutline;
import welumen.shape.Outline;
import welumen.shape.Point;

/** The surface under raking light: its outline with what was mapped on it. A press maps there, and so does Enter where the cross is. */
final class FlawFelt extends FeltPane {
    private static final double MARGIN = 36;
    private static final double STEP = 10;
    private static final double SIGHT = 12;

    private final JobModel model;
    private final Consumer<Point> mapped;
    private final Consumer<Flaw> pressed;
    private Optional<Coating> shown = Optional.empty();
    private Point cross = new Point(0, 0);
    private Chalk chalk = new Chalk(1, 0, 0);

    /**
     * @param mapped told where something is mapped, in mm from the outline’s lower left
     * @param pressed told of a flaw that was pressed
     */
    FlawFelt(JobModel model, Consumer<Point> mapped, Consumer<Flaw> pressed) {
        super("flaw-felt", "The surface under raking light; arrow keys move the cross by 10 mm, Enter maps there");
        this.model = model;
        this.mapped = mapped;
        this.pressed = pressed;
        setFocusTraversable(true);
        zoomed();
        setOnMouseClicked(click -> {
            requestFocus();
            if (!click.isStillSincePress()) return; // the felt was drawn along
            move(chalk.at(click.getX(), click.getY()));
            mapped.accept(cross);
        });
        setOnKeyPressed(this::key);
    }

    void show(Optional<Coating> coating) {
        if (!coating.map(Coating::id).equals(shown.map(Coating::id)))
            coating.ifPresent(one -> {
                var box = outline(one).box();
                cross = new Point(box.width() / 2, box.height() / 2);
            });
        shown = coating;
        redraw();
    }

    private Optional<Part> part(Coating of) {
        return of.part().stream()
                .findFirst()
                .flatMap(part -> model.job().cabin().findOne(part));
    }

    /** The part’s own shape where a piece stands for it; else as such a part usually is. */
    private Outline outline(Coating of) {
        return part(of).flatMap(part -> PartOutline.of(model.job().patterns().of(part.id())))
                .orElseGet(() -> kind(of).outline());
    }

    private PartKind kind(Coating of) {
        return part(of).map(Part::kind).orElse(PartKind.FASCIA);
    }

    private void key(KeyEvent key) {
        switch (key.getCode()) {
            case LEFT -> move(cross.plus(new Point(-STEP, 0)));
            case RIGHT -> move(cross.plus(new Point(STEP, 0)));
            case UP -> move(cross.plus(new Point(0, STEP)));
            case DOWN -> move(cross.plus(new Point(0, -STEP)));
            case ENTER -> mapped.accept(cross);
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void move(Point to) {
        if (shown.isEmpty()) return;
        var box = outline(shown.get()).box();
        cross = new Point(Math.clamp(to.x(), 0, box.width()), Math.clamp(to.y(), 0, box.height()));
        redraw();
    }

    @Override
    protected void draw() {
        if (shown.isEmpty()) {
            empty("Begin a surface at Coats, and it lies here under raking light.");
            return;
        }
        var coating = shown.get();
        var outline = outline(coating);
        chalk = zoomed().on(Chalk.fitting(
                outline.box(), MARGIN, Zoom.BAND, getWidth() - 2 * MARGIN, getHeight() - MARGIN - Zoom.BAND - 16));
        draw(coating, outline);
        coating.flaws().forEach(this::draw);
        sight();
        foot("Press where it shows, or move the cross and press Enter; press a mark once it is mended.");
    }

    private void draw(Coating coating, Outline outline) {
        var box = outline.box();
        if (part(coating)
                .flatMap(part -> PartOutline.of(model.job().patterns().of(part.id())))
                .isPresent()) {
            getChildren().add(chalk.draw(outline, "chalk-fill"));
            return;
        }
        var usual = PartShape.of(kind(coating), box.width() * chalk.scale(), box.height() * chalk.scale())
                .outline();
        usual.getStyleClass().add("chalk-fill");
        usual.setMouseTransparent(true);
        usual.setTranslateX(chalk.x(0));
        usual.setTranslateY(chalk.y(box.height()));
        getChildren().add(usual);
    }

    /** Open ones are pins with their word; what is mended is a tick. */
    private void draw(Flaw flaw) {
        var pin = new Label(flaw.isMended() ? "✓" : Integer.toString(flaw.number()));
        pin.getStyleClass().add("pin");
        pin.setId("flaw-" + flaw.number());
        pin.setFocusTraversable(!flaw.isMended());
        pin.setAccessibleText(
                "%s %d, %s".formatted(flaw.kind().word(), flaw.number(), flaw.isMended() ? "mended" : "to be mended"));
        pin.relocate(chalk.x(flaw.at().x()) - 12, chalk.y(flaw.at().y()) - 12);
        pin.setOnMouseClicked(mouse -> {
            mouse.consume(); // nothing is mapped beneath it
            pressed.accept(flaw);
        });
        pin.setOnKeyPressed(key -> {
            switch (key.getCode()) {
                case ENTER, SPACE -> pressed.accept(flaw);
                default -> {
                    return;
                }
            }
            key.consume();
        });
        getChildren().add(pin);
        var word = Nodes.whole(flaw.kind().word(), "chalk-word");
        word.relocate(chalk.x(flaw.at().x()) - 12, chalk.y(flaw.at().y()) + 12);
        getChildren().add(word);
    }

    private void sight() {
        var x = chalk.x(cross.x());
        var y = chalk.y(cross.y());
        for (var line : new Line[] {new Line(x - SIGHT, y, x + SIGHT, y), new Line(x, y - SIGHT, x, y + SIGHT)}) {
            line.getStyleClass().add("sight");
            getChildren().add(line);
        }
    }
}
