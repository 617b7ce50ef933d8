package welumen.desktop.look;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Skin;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import javafx.util.Subscription;

/**
 * A page that fills its place, and can be scrolled down where that is lower than the page needs: in a small window, or with
 * large text. What has the keyboard is brought into view.
 */
public final class ScrolledPage extends ScrollPane {
    /** Pixels that stay free above and below what has the keyboard. */
    private static final double MARGIN = 12;

    private Subscription following = Subscription.EMPTY;
    /** Whether a hand is pressing: what it presses does not move away under it. */
    private boolean pressed;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public ScrolledPage(Region page) {
        super(page);
        setFitToWidth(true);
        setFitToHeight(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        setFocusTraversable(false);
        setMinSize(0, 0);
        getStyleClass().add("page");
        page.addEventHandler(
                MouseEvent.MOUSE_PRESSED, MouseEvent::consume); // else a press takes the keyboard from what was pressed
        addEventFilter(MouseEvent.MOUSE_PRESSED, _ -> pressed = true);
        addEventFilter(MouseEvent.MOUSE_RELEASED, _ -> pressed = false);
        sceneProperty().subscribe(this::follow);
    }

    /** The usual skin keeps an image of its view; of a page that changes with every key that costs more than it saves. */
    @Override
    protected Skin<?> createDefaultSkin() {
        var skin = super.createDefaultSkin();
        getChildren().forEach(child -> child.setCache(false));
        return skin;
    }

    private void follow(Scene scene) {
        following.unsubscribe();
        following =
                scene == null ? Subscription.EMPTY : scene.focusOwnerProperty().subscribe(this::bringIntoView);
    }

    private void bringIntoView(Node node) {
        if (node == null || pressed || !isIn(node)) return;
        var spare =
                getContent().getLayoutBounds().getHeight() - getViewportBounds().getHeight();
        if (spare <= 0) return;
        Bounds box = getContent().sceneToLocal(node.localToScene(node.getLayoutBounds()));
        var top = getVvalue() * spare;
        var bottom = top + getViewportBounds().getHeight();
        if (box.getMinY() < top) setVvalue((box.getMinY() - MARGIN) / spare);
        else if (box.getMaxY() > bottom)
            setVvalue(Math.min(
                            box.getMinY() - MARGIN,
                            box.getMaxY() + MARGIN - getViewportBounds().getHeight())
                    / spare);
    }

    private boolean isIn(Node node) {
        for (var up = node; up != null; up = up.getParent()) if (up == getContent()) return true;
        return false;
    }
}
