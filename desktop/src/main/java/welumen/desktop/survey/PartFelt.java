package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import welumen.cabin.Part;
import welumen.desktop.look.Chalk;
import welumen.desktop.look.FeltPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.PartShape;
import welumen.desktop.look.Zoom;
import welumen.desktop.model.JobModel;
import welumen.measure.Lengths;
import welumen.pattern.PartOutline;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.Mark;

/**
 * The picked part's outline on felt with its findings; a cross says where the next one is. A line or an area is drawn by
 * clicks, or by the cross and the space bar; Backspace drops the last point.
 */
final class PartFelt extends FeltPane {
    /** How a finding is marked. */
    enum Shape {
        DOT("Point"),
        LINE("Line"),
        AREA("Area");

        private final String word;

        Shape(String word) {
            this.word = word;
        }

        String word() {
            return word;
        }
    }

    private static final double MARGIN = 44;
    private static final double STEP = 10;
    private static final double LETTER = 6.2;

    private final JobModel model;
    private Optional<Part> part = Optional.empty();
    private Point cross = new Point(0, 0);
    private boolean isMoved;
    private final List<Point> drawn = new ArrayList<>();
    private Shape shape = Shape.DOT;
    private Chalk chalk = new Chalk(1, 0, 0);
    private BiConsumer<Finding, Mark> onMoved = (_, _) -> {};
    private Consumer<Finding> onPicked = _ -> {};
    private Consumer<Finding> onStruck = _ -> {};
    private Runnable onEnter = () -> {};

    PartFelt(JobModel model) {
        super("part-felt", "The part’s outline; arrow keys move the cross by 10 mm");
        this.model = model;
        setFocusTraversable(true);
        zoomed();
        setOnMouseClicked(click -> {
            requestFocus();
            if (!click.isStillSincePress()) return; // the felt was drawn along
            move(chalk.at(click.getX(), click.getY()));
            if (shape != Shape.DOT) add();
        });
        setOnKeyPressed(this::key);
    }

    /**
     * @param moved told of a finding that was dragged, and its mark where it is now
     * @param pressed told of a finding that was pressed
     * @param struck told of one that is to go: Delete on it
     */
    void onFinding(BiConsumer<Finding, Mark> moved, Consumer<Finding> pressed, Consumer<Finding> struck) {
        onMoved = moved;
        onPicked = pressed;
        onStruck = struck;
    }

    /** The part's own shape: its piece, where one stands for it; else as such a part usually is. */
    private Outline outline(Part of) {
        return PartOutline.of(model.job().patterns().of(of.id()))
                .orElseGet(() -> of.kind().outline());
    }

    void show(Optional<Part> newPart) {
        if (!newPart.map(Part::id).equals(part.map(Part::id)))
            newPart.ifPresent(picked -> {
                forget();
                var box = outline(picked).box();
                cross = new Point(box.width() / 2, box.height() / 2);
            });
        part = newPart;
        redraw();
    }

    /** What is drawn from now on; what was begun is dropped. */
    void draw(Shape newShape) {
        shape = newShape;
        drawn.clear();
        redraw();
    }

    /** What was drawn, or the place of the cross; a line or an area that is not whole yet is a dot. */
    Mark mark() {
        return switch (shape) {
            case LINE -> drawn.size() < 2 ? new Mark.Dot(cross) : new Mark.Run(drawn);
            case AREA ->
                Outline.ofRing(drawn).understood().<Mark>map(Mark.Patch::new).orElse(new Mark.Dot(cross));
            case DOT -> new Mark.Dot(cross);
        };
    }

    /** Where the cross stands, in mm from the outline's lower left. */
    Point cross() {
        return cross;
    }

    /** Whether somebody has drawn here, or moved the cross, since the last mark. */
    boolean hasDrawn() {
        return isMoved || !drawn.isEmpty();
    }

    /** Drops what was drawn, once it is logged. */
    void forget() {
        isMoved = false;
        drawn.clear();
        redraw();
    }

    /**
     * @param enter called on Enter, to mark what is drawn
     * @param letter told of each letter that is typed here
     */
    void onKeys(Runnable enter, Consumer<KeyEvent> letter) {
        onEnter = enter;
        setOnKeyTyped(letter::accept);
    }

    private void add() {
        drawn.add(cross);
        redraw();
    }

    private void key(KeyEvent key) {
        switch (key.getCode()) {
            case LEFT -> move(cross.plus(new Point(-STEP, 0)));
            case RIGHT -> move(cross.plus(new Point(STEP, 0)));
            case UP -> move(cross.plus(new Point(0, STEP)));
            case DOWN -> move(cross.plus(new Point(0, -STEP)));
            case SPACE -> {
                if (shape != Shape.DOT) add();
            }
            case ENTER -> onEnter.run();
            case BACK_SPACE -> {
                if (!drawn.isEmpty()) drawn.removeLast();
                redraw();
            }
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void move(Point to) {
        if (part.isEmpty()) return;
        isMoved = true;
        var box = outline(part.get()).box();
        cross = new Point(Math.clamp(to.x(), 0, box.width()), Math.clamp(to.y(), 0, box.height()));
        redraw();
    }

    @Override
    protected void draw() {
        if (part.isEmpty()) {
            empty("Pick a part in the cabin, and its shape lies here to be marked.");
            return;
        }
        var outline = outline(part.get());
        chalk = zoomed().on(Chalk.fitting(
                outline.box(), MARGIN, Zoom.BAND, getWidth() - 2 * MARGIN, getHeight() - MARGIN - Zoom.BAND - 16));
        drawPart(outline);
        for (var finding : model.job().survey().on(part.get().id())) draw(finding);
        if (drawn.size() > 1) getChildren().add(chalk.draw(drawn, "mark-begun"));
        for (var point : drawn) dot(point);
        sight();
        foot("cross at %s from the left, %s up".formatted(Lengths.near(cross.x()), Lengths.near(cross.y())));
    }

    private void drawPart(Outline outline) {
        if (PartOutline.of(model.job().patterns().of(part.orElseThrow().id())).isPresent()) {
            getChildren().add(chalk.draw(outline, "chalk-fill"));
            return;
        }
        var box = outline.box();
        var usual = PartShape.of(part.orElseThrow().kind(), box.width() * chalk.scale(), box.height() * chalk.scale());
        usual.outline().getStyleClass().add("chalk-fill");
        usual.within().getStyleClass().add("chalk-dash");
        for (var path : List.of(usual.outline(), usual.within())) {
            path.setMouseTransparent(true);
            path.setTranslateX(chalk.x(0));
            path.setTranslateY(chalk.y(box.height()));
            getChildren().add(path);
        }
    }

    private void draw(Finding finding) {
        switch (finding.mark()) {
            case Mark.Dot _, Mark.OnPhoto _ -> {}
            case Mark.Run(var points) -> getChildren().add(chalk.draw(points, "mark-line"));
            case Mark.Patch(var around) -> getChildren().add(chalk.draw(around, "mark-area"));
        }
        var at = finding.mark().at();
        var pin = new Label(Integer.toString(finding.number()));
        pin.getStyleClass().add("pin");
        pin.relocate(chalk.x(at.x()) - 12, chalk.y(at.y()) - 12);
        pinned(pin, finding);
        var said = Nodes.whole(
                "%s, %s, %s"
                        .formatted(
                                finding.kind().word(),
                                Lengths.near(finding.sizeMm()),
                                finding.severity().word()),
                "chalk-word");
        said.relocate(beside(chalk.x(at.x()), said), chalk.y(at.y()) + 12);
        getChildren().addAll(pin, said);
    }

    /** A pin can be pressed, dragged, and struck out with Delete; the keyboard reaches it too. */
    private void pinned(Label pin, Finding finding) {
        pin.setId("pin-" + finding.number());
        pin.setFocusTraversable(true);
        pin.setAccessibleText(
                "Finding %d, %s".formatted(finding.number(), finding.kind().word()));
        pin.setOnMouseDragged(mouse -> {
            var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
            pin.relocate(here.getX() - 12, here.getY() - 12);
            mouse.consume();
        });
        pin.setOnMouseReleased(mouse -> {
            var here = sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
            if (!mouse.isStillSincePress())
                onMoved.accept(finding, finding.mark().movedTo(chalk.at(here.getX(), here.getY())));
        });
        pin.setOnMouseClicked(mouse -> {
            mouse.consume(); // the cross stays where it is
            if (mouse.isStillSincePress()) onPicked.accept(finding);
        });
        pin.setOnKeyPressed(key -> {
            switch (key.getCode()) {
                case ENTER, SPACE -> onPicked.accept(finding);
                case DELETE -> onStruck.accept(finding);
                default -> {
                    return;
                }
            }
            key.consume();
        });
    }

    private void dot(Point point) {
        var dot = new Circle(chalk.x(point.x()), chalk.y(point.y()), 4);
        dot.getStyleClass().add("mark-dot");
        getChildren().add(dot);
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
