package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.shape.Circle;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CrossFelt;
import welumen.measure.Lengths;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.Mark;

/**
 * The picked part's outline on felt with its findings; a cross says where the next one is. A line or an area is drawn by
 * clicks, or by the cross and the space bar; Backspace drops the last point.
 */
final class PartFelt extends CrossFelt {
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
    private static final double LETTER = 6.2;

    private Optional<Part> part = Optional.empty();
    private boolean isMoved;
    private final List<Point> drawn = new ArrayList<>();
    private Shape shape = Shape.DOT;
    private BiConsumer<Finding, Mark> onMoved = (_, _) -> {};
    private Consumer<Finding> onPicked = _ -> {};
    private Consumer<Finding> onStruck = _ -> {};
    private Runnable onEnter = () -> {};

    PartFelt(JobModel model) {
        super(model, "part-felt", "The part’s outline; arrow keys move the cross by 10 mm", MARGIN);
        setOnKeyPressed(this::key);
    }

    @Override
    protected void pressed() {
        if (shape != Shape.DOT) add();
    }

    @Override
    protected void moved() {
        isMoved = true;
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

    void show(Optional<Part> newPart) {
        if (!newPart.map(Part::id).equals(part.map(Part::id)) && newPart.isPresent()) forget();
        part = newPart;
        lay(newPart.map(one -> new Lying(one.kind(), Optional.of(one.id()))));
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
            case LINE -> drawn.size() < 2 ? new Mark.Dot(cross()) : new Mark.Run(drawn);
            case AREA ->
                Outline.ofRing(drawn).understood().<Mark>map(Mark.Patch::new).orElse(new Mark.Dot(cross()));
            case DOT -> new Mark.Dot(cross());
        };
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
        drawn.add(cross());
        redraw();
    }

    private void key(KeyEvent key) {
        switch (key.getCode()) {
            case SPACE -> {
                if (shape != Shape.DOT) add();
            }
            case ENTER -> onEnter.run();
            case BACK_SPACE -> {
                if (!drawn.isEmpty()) drawn.removeLast();
                redraw();
            }
            default -> {
                if (!moves(key.getCode())) return;
            }
        }
        key.consume();
    }

    @Override
    protected void draw() {
        if (part.isEmpty()) {
            empty("Pick a part in the cabin, and its shape lies here to be marked.");
            return;
        }
        drawOutline();
        for (var finding : model.job().survey().on(part.get().id())) draw(finding);
        if (drawn.size() > 1) getChildren().add(chalk().draw(drawn, "mark-begun"));
        for (var point : drawn) dot(point);
        drawCross();
        foot("cross at %s from the left, %s up".formatted(Lengths.near(cross().x()), Lengths.near(cross().y())));
    }

    private void draw(Finding finding) {
        switch (finding.mark()) {
            case Mark.Dot _, Mark.OnPhoto _ -> {}
            case Mark.Run(var points) -> getChildren().add(chalk().draw(points, "mark-line"));
            case Mark.Patch(var around) -> getChildren().add(chalk().draw(around, "mark-area"));
        }
        var at = finding.mark().at();
        var pin = new Label(Integer.toString(finding.number()));
        pin.getStyleClass().add("pin");
        pin.relocate(chalk().x(at.x()) - 12, chalk().y(at.y()) - 12);
        pinned(pin, finding);
        var said = Nodes.whole(
                "%s, %s, %s"
                        .formatted(
                                finding.kind().word(),
                                Lengths.near(finding.sizeMm()),
                                finding.severity().word()),
                "chalk-word");
        said.relocate(beside(chalk().x(at.x()), said), chalk().y(at.y()) + 12);
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
                onMoved.accept(finding, finding.mark().movedTo(chalk().at(here.getX(), here.getY())));
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
        var dot = new Circle(chalk().x(point.x()), chalk().y(point.y()), 4);
        dot.getStyleClass().add("mark-dot");
        getChildren().add(dot);
    }

    /** Under its pin, but never over the edge of the felt. */
    private double beside(double pin, Label said) {
        var width = said.getText().length() * LETTER;
        return Math.clamp(pin - width / 2, 8, Math.max(8, getWidth() - width - 8));
    }
}
