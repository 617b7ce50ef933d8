package welumen.desktop.look;

import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import org.jspecify.annotations.Nullable;

/**
 * A table covered in felt: draws itself anew in every size, and nothing over its edge. However often it is asked to, it draws
 * once, when the window is laid out.
 */
public abstract class FeltPane extends Pane {
    /** Pixels from the felt's sides to what is written at its foot. */
    private static final double FOOT = 18;

    private boolean isStale = true;
    private @Nullable Zoom zoom;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; drawing waits until there is a size
    protected FeltPane(String id, String accessibleText) {
        setId(id);
        getStyleClass().addAll(Styles.FELT, "felt-drawing");
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

    /** From now on it can be looked at nearer. */
    protected final Zoom zoomed() {
        if (zoom == null) zoom = new Zoom(this);
        return zoom;
    }

    /** Draws what lies on the table, in place of what lay there. */
    public final void redraw() {
        isStale = true;
        requestLayout();
    }

    @Override
    protected final void layoutChildren() {
        if (isStale && getWidth() >= 1 && getHeight() >= 1) {
            isStale = false;
            getChildren().clear();
            draw();
            if (zoom != null) zoom.showOn(getChildren());
            applyCss(); // the window has been styled already when it is laid out
        }
        super.layoutChildren();
    }

    /** Writes on the table in chalk. */
    protected final Label word(String text, double x, double y, String... classes) {
        var label = Nodes.whole(text, "chalk-word");
        label.getStyleClass().addAll(classes);
        label.relocate(x, y);
        getChildren().add(label);
        return label;
    }

    /** Says on a table on which nothing lies what is to be done first. */
    protected final void empty(String what) {
        var label = Nodes.label(what, "chalk-word", "faint");
        label.setMaxWidth(Math.max(60, getWidth() - 2 * FOOT));
        label.relocate(FOOT, Zoom.BAND);
        getChildren().add(label);
    }

    /** Writes at the foot of the table, on as many lines as it takes. */
    protected final void foot(String text) {
        if (text.isEmpty()) return;
        var label = Nodes.label(text, "chalk-word", "faint");
        label.setMouseTransparent(true);
        getChildren().add(label);
        label.applyCss();
        var width = Math.max(60, getWidth() - 2 * FOOT);
        label.setMaxWidth(width);
        var high = label.prefHeight(width);
        label.relocate(FOOT, getHeight() - high - 8);
    }

    /** Draws a straight line on the table. */
    protected final void line(double x1, double y1, double x2, double y2, String style) {
        var line = new Line(x1, y1, x2, y2);
        line.getStyleClass().add(style);
        getChildren().add(line);
    }

    /** Called with an empty table that has a size. */
    protected abstract void draw();
}
