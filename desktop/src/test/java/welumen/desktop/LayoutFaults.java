package welumen.desktop;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.IndexedCell;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;

/**
 * What of a window cannot be read or reached as it is laid out now: text that ends in dots, a control that stands out of what
 * it lies in, one that lies under another. What scrolls may reach beyond its view by its height, never by its width; what is
 * drawn on felt or in the cabin lies as the thing lies, and is not looked at.
 */
final class LayoutFaults {
    /** Overlap in pixels that nobody sees. */
    private static final double HAIR = 1.5;
    /** Pixels by which a text's line may stand out above or below: no letter reaches so far. */
    private static final double LEADING = 2.5;

    private final List<String> found = new ArrayList<>();
    private final List<Placed> placed = new ArrayList<>();

    /** A control, and what of it can be seen. */
    private record Placed(Control control, Bounds box) {}

    private LayoutFaults() {}

    static List<String> of(Region root) {
        var faults = new LayoutFaults();
        var whole = new BoundingBox(0, 0, root.getWidth(), root.getHeight());
        faults.look(root, whole, whole);
        faults.overlaps();
        return List.copyOf(faults.found);
    }

    /**
     * @param within the box of what it lies in
     * @param view what is seen of that now
     */
    private void look(Node node, Bounds within, Bounds view) {
        if (!node.isVisible() || isDrawn(node)) return;
        var box = node.localToScene(node.getLayoutBounds());
        if (node instanceof Control control && isWhole(control)) {
            reachable(control, box, within);
            if (box.intersects(view)) placed.add(new Placed(control, box));
            if (control instanceof Labeled labeled) readable(labeled);
            if (control instanceof ComboBox<?>)
                control.lookupAll(".list-cell").forEach(cell -> {
                    if (cell.getParent() == control) readable((Labeled) cell);
                });
            return;
        }
        if (node instanceof TableView<?> table) {
            reachable(table, box, within);
            placed.add(new Placed(table, box));
            return;
        }
        if (node instanceof ListView<?> list) {
            reachable(list, box, within);
            placed.add(new Placed(list, box));
            list.lookupAll(".list-cell").stream()
                    .filter(cell -> cell.isVisible())
                    .filter(IndexedCell.class::isInstance)
                    .forEach(cell -> readable((IndexedCell<?>) cell));
            return;
        }
        if (node instanceof ScrollPane pane) {
            var seen = pane.localToScene(pane.getLayoutBounds());
            var content = pane.getContent();
            if (content != null) look(content, inWidth(content.localToScene(content.getLayoutBounds()), seen), seen);
            return;
        }
        var inner = node instanceof Region region && region.getWidth() > 0 ? box : within;
        if (node instanceof Parent parent) for (var child : parent.getChildrenUnmodifiable()) look(child, inner, view);
    }

    /** As high as what scrolls, and as wide as what is seen of it. */
    private static Bounds inWidth(Bounds box, Bounds view) {
        return new BoundingBox(view.getMinX(), box.getMinY(), view.getWidth(), box.getHeight());
    }

    private static boolean isDrawn(Node node) {
        return node.getStyleClass().contains("felt-drawing")
                || node.getStyleClass().contains("cabin-drawing")
                || node.getStyleClass().contains("marked-photo")
                || node.getStyleClass().contains("graduations");
    }

    private static boolean isWhole(Control control) {
        return control instanceof Labeled
                || control instanceof TextInputControl
                || control instanceof ComboBoxBase<?>
                || control instanceof javafx.scene.control.Slider
                || control instanceof javafx.scene.control.Spinner<?>;
    }

    private void reachable(Control control, Bounds box, Bounds within) {
        if (control instanceof Labeled label
                && (label.getText() == null || label.getText().isEmpty())
                && label.getGraphic() == null) return;
        if (box.getMinX() < within.getMinX() - HAIR || box.getMaxX() > within.getMaxX() + HAIR)
            found.add("%s stands out sideways: %.0f to %.0f in %.0f to %.0f"
                    .formatted(said(control), box.getMinX(), box.getMaxX(), within.getMinX(), within.getMaxX()));
        else if ((box.getMinY() < within.getMinY() - LEADING || box.getMaxY() > within.getMaxY() + LEADING))
            found.add("%s is cut off: %.0f to %.0f in %.0f to %.0f"
                    .formatted(said(control), box.getMinY(), box.getMaxY(), within.getMinY(), within.getMaxY()));
        else if (box.getWidth() < 2 || box.getHeight() < 2)
            found.add("%s has no room: %.0f by %.0f".formatted(said(control), box.getWidth(), box.getHeight()));
    }

    private void readable(Labeled labeled) {
        var words = labeled.getText();
        if (words == null || words.isEmpty()) return;
        for (var child : labeled.getChildrenUnmodifiable())
            if (child instanceof Text text
                    && text.getText().length() < words.length()
                    && text.getText().endsWith(labeled.getEllipsisString()))
                found.add("%s is read as “%s”".formatted(said(labeled), text.getText()));
    }

    private void overlaps() {
        for (var i = 0; i < placed.size(); i++)
            for (var j = i + 1; j < placed.size(); j++) {
                var one = placed.get(i);
                var other = placed.get(j);
                if (isIn(one.control, other.control) || isIn(other.control, one.control)) continue;
                var wide = Math.min(one.box.getMaxX(), other.box.getMaxX())
                        - Math.max(one.box.getMinX(), other.box.getMinX());
                var high = Math.min(one.box.getMaxY(), other.box.getMaxY())
                        - Math.max(one.box.getMinY(), other.box.getMinY());
                if (wide > HAIR && high > HAIR && one.control.getParent() == other.control.getParent())
                    found.add("%s lies over %s".formatted(said(one.control), said(other.control)));
                else if (wide > 4 && high > 4 && sameView(one.control, other.control))
                    found.add("%s lies over %s".formatted(said(one.control), said(other.control)));
            }
    }

    /** Whether both lie in the same thing that scrolls, or in none: what has been scrolled away lies over nothing. */
    private static boolean sameView(Node one, Node other) {
        return view(one) == view(other);
    }

    private static Node view(Node node) {
        for (Node up = node.getParent(); up != null; up = up.getParent())
            if (up instanceof ScrollPane || up.getStyleClass().contains("large-cabin")) return up;
        return null;
    }

    private static boolean isIn(Node inner, Node outer) {
        for (Node up = inner; up != null; up = up.getParent()) if (up == outer) return true;
        return false;
    }

    private static String said(Control control) {
        var words = control instanceof Labeled labeled ? labeled.getText() : "";
        if (words != null && words.length() > 60) words = words.substring(0, 60);
        return "%s%s “%s”"
                .formatted(
                        control.getClass().getSimpleName(),
                        control.getId() == null ? "" : " #" + control.getId(),
                        words);
    }
}
