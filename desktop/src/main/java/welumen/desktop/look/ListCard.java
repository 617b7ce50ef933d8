package welumen.desktop.look;

import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;

/** A card in a list that is pressed as a whole, with the mouse, Enter or the space bar. Its words wrap, so none is cut off. */
public final class ListCard extends VBox {
    private final Runnable press;

    /** @param spoken what a screen reader says of it */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public ListCard(String spoken, Runnable press, Node... words) {
        super(2, words);
        this.press = press;
        getStyleClass().addAll(Styles.CARD, "list-card");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.BUTTON);
        setAccessibleText(spoken);
        setMinHeight(USE_PREF_SIZE);
        setOnMouseClicked(_ -> press.run());
        setOnKeyPressed(key -> {
            if (key.getCode() != KeyCode.ENTER && key.getCode() != KeyCode.SPACE) return;
            press.run();
            key.consume();
        });
    }

    public ListCard picked(boolean isPicked) {
        pseudoClassStateChanged(Styles.PICKED, isPicked);
        return this;
    }

    @Override
    public void executeAccessibleAction(AccessibleAction action, Object... parameters) {
        if (action == AccessibleAction.FIRE) press.run();
        else super.executeAccessibleAction(action, parameters);
    }
}
