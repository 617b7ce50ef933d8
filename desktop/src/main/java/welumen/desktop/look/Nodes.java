package welumen.desktop.look;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.kordamp.ikonli.Ikon;
import org.kordamp.ikonli.javafx.FontIcon;

/** The few building blocks of every stage. */
public final class Nodes {
    /** As high as a text field. */
    private static final double FIELD_HIGH = 40;
    /** Height in pixels of what scrolls, at the least. */
    private static final double SCROLL_HIGH = 130;

    private Nodes() {}

    /** A text of as many lines as it needs, none of which is ever cut off. */
    public static Label label(String text, String... classes) {
        var label = new Label(text);
        label.getStyleClass().addAll(classes);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A text that is never cut: it keeps the width that it needs. */
    public static Label whole(String text, String... classes) {
        var label = label(text, classes);
        label.setWrapText(false);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    public static Button button(String text, String tip, Runnable action) {
        var button = new Button(text);
        Tips.on(button, tip);
        button.setAccessibleHelp(tip);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }

    public static Button chief(String text, String tip, Runnable action) {
        var button = button(text, tip, action);
        button.getStyleClass().add(Styles.CHIEF);
        return button;
    }

    /** A button that shows an icon; its word is read aloud and stands in its tip. */
    public static Button icon(Ikon ikon, String word, Runnable action) {
        var button = button("", word, action);
        button.setGraphic(new FontIcon(ikon));
        button.setAccessibleText(word);
        return button;
    }

    /** A control with its word above it. */
    public static VBox field(String word, Node control) {
        var label = whole(word, Styles.HEADING);
        label.setLabelFor(control);
        return new VBox(4, label, control);
    }

    /** A control without a word of its own, level with those that have one above. */
    public static VBox level(Node control) {
        if (control instanceof CheckBox box) box.setMinHeight(FIELD_HIGH);
        return column(4, whole(" ", Styles.HEADING), control);
    }

    /** The same node, taking what is left of the row in which it stands. */
    public static <T extends Node> T grown(T node) {
        HBox.setHgrow(node, Priority.ALWAYS);
        return node;
    }

    public static VBox column(double gap, Node... nodes) {
        return new VBox(gap, nodes);
    }

    /** A heading over what scrolls below it, one of several such columns beside each other. */
    public static VBox titled(String title, Node content, double wide) {
        var column = column(8, whole(title, Styles.HEADING), scroll(content));
        column.setMinWidth(0);
        column.setPrefWidth(wide);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    public static HBox row(double gap, Node... nodes) {
        return new HBox(gap, nodes);
    }

    /** Fields beside each other, on as many lines as they need. */
    public static FormRow form(double gap, Node... nodes) {
        return new FormRow(gap, nodes);
    }

    /** A picture that takes what is left, and beside it, or below, a column of that width; as high as there is room. */
    public static SideBySide beside(Region picture, Region column, double width) {
        return new SideBySide(picture, column, width);
    }

    /** Other things to choose from: what was chosen stays chosen while it is there, else the first is. */
    public static <T> void refill(ComboBox<T> box, List<T> items) {
        refill(box, items, items.isEmpty() ? null : items.getFirst());
    }

    /** Other things to choose from: what was chosen stays chosen while it is there, else it is the usual one. */
    public static <T> void refill(ComboBox<T> box, List<T> items, @Nullable T usual) {
        var before = box.getValue();
        box.getItems().setAll(items);
        box.setValue(before != null && box.getItems().contains(before) ? before : usual);
    }

    public static Region spring() {
        var spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        VBox.setVgrow(spring, Priority.ALWAYS);
        return spring;
    }

    public static ScrollPane scroll(Node content) {
        var pane = new ScrollPane(content);
        pane.setFitToWidth(true);
        pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        pane.setFocusTraversable(false);
        pane.setMinHeight(SCROLL_HIGH);
        VBox.setVgrow(pane, Priority.ALWAYS);
        return pane;
    }
}
