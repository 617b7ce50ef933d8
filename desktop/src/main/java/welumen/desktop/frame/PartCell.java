package welumen.desktop.frame;

import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.text.TextAlignment;
import welumen.cabin.Part;
import welumen.cabin.PartState;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.PartShape;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Tips;
import welumen.shape.Box;

/** One part in the large cabin: its shape with the border of its state, its name, and the state in a word. */
final class PartCell extends Pane {
    private static final double RIM = 2.5;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PartCell(Part part, PartState state, Box cell, Runnable pick) {
        setId("part-" + part.id());
        var width = cell.width() - 2 * RIM;
        var height = cell.height() - 2 * RIM;
        resizeRelocate(cell.minX() + RIM, cell.minY() + RIM, width, height);
        setPrefSize(width, height);
        var shape = PartShape.of(part.kind(), width, height);
        shape.outline().getStyleClass().addAll("region", Styles.of(state));
        shape.within().getStyleClass().add("region-hatch");
        var words = new StackPane(words(part, state, cell));
        words.resizeRelocate(RIM, RIM, width - 2 * RIM, height - 2 * RIM);
        words.setPrefSize(width - 2 * RIM, height - 2 * RIM);
        words.setMouseTransparent(true);
        getChildren().addAll(shape.outline(), shape.within(), words);
        getStyleClass().add("part-cell");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(part.name() + ", " + state.word());
        Tips.on(this, part.title() + ", " + state.word() + (part.material().isEmpty() ? "" : " · " + part.material()));
        setOnMouseClicked(_ -> pick.run());
        setOnKeyPressed(key -> {
            if (key.getCode() != KeyCode.ENTER && key.getCode() != KeyCode.SPACE) return;
            pick.run();
            key.consume();
        });
        focusedProperty().subscribe(focused -> shape.outline().pseudoClassStateChanged(Styles.PICKED, focused));
    }

    /** What the place tells already is left out; what is in the car needs no second line where there is no room. */
    private static Label words(Part part, PartState state, Box cell) {
        var name = said(part);
        var told = state == PartState.IN_CAR ? name : name + (cell.height() < 56 ? ", " : "\n") + state.word();
        var words = Nodes.label(told, "cell-word", Styles.of(state));
        words.setAlignment(Pos.CENTER);
        words.setTextAlignment(TextAlignment.CENTER);
        return words;
    }

    private static String said(Part part) {
        var spot = part.spot().name();
        var name = part.name();
        if (part.spot().mirrored() != part.spot()) name = name.replaceFirst("^(left|right) ", "");
        if (spot.contains("FRONT")) name = name.replaceFirst("^front ", "");
        if (spot.contains("REAR")) name = name.replaceFirst("^rear ", "");
        if (spot.equals("DASH")) name = name.replaceFirst("\\bdash (?=\\w)", "");
        return spot.startsWith("SEAT") ? name.replaceFirst("^seat ", "") : name;
    }
}
