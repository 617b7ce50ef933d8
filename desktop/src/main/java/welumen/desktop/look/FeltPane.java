package welumen.desktop.look;

import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** A table covered in felt: draws itself anew in every size, and nothing over its edge. */
public abstract class FeltPane extends Pane {
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; drawing waits until there is a size
    protected FeltPane(String id, String accessibleText) {
        setId(id);
        getStyleClass().add(Styles.FELT);
        setMinSize(220, 180);
        setAccessibleRole(AccessibleRole.NODE);
        setAccessibleText(accessibleText);
        var clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        widthProperty().subscribe(this::redraw);
        heightProperty().subscribe(this::redraw);
    }

    /** Draws what lies on the table, in place of what lay there. */
    public final void redraw() {
        if (getWidth() < 1 || getHeight() < 1) return;
        getChildren().clear();
        draw();
    }

    /** Called with an empty table that has a size. */
    protected abstract void draw();
}
