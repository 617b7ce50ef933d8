package welumen.desktop.look;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;

/**
 * Fields beside each other, as many to a line as there is room for, the rest on further lines. Each is as wide as it wants to
 * be; those that grow (as {@link HBox#setHgrow} says) share what is left of their line. All stand on their line's foot.
 */
public final class FormRow extends Pane {
    private static final double LINE_GAP = 8;

    private final double gap;

    /** One line of them, and how wide each is. */
    private record Row(List<Node> nodes, List<Double> widths, double height) {}

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public FormRow(double gap, Node... nodes) {
        this.gap = gap;
        setMinWidth(0);
        setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(nodes);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefWidth(double height) {
        return snapSizeX(managed().stream().mapToDouble(FormRow::wide).sum()
                + gap * Math.max(0, managed().size() - 1));
    }

    @Override
    protected double computePrefHeight(double width) {
        var rows = rows(width < 0 ? computePrefWidth(-1) : width);
        return rows.stream().mapToDouble(Row::height).sum() + LINE_GAP * Math.max(0, rows.size() - 1);
    }

    @Override
    protected void layoutChildren() {
        var y = 0.0;
        for (var row : rows(getWidth())) {
            var x = 0.0;
            for (var i = 0; i < row.nodes().size(); i++) {
                var node = row.nodes().get(i);
                var width = row.widths().get(i);
                var height = Math.min(row.height(), high(node, width));
                node.resizeRelocate(snapPositionX(x), snapPositionY(y + row.height() - height), width, height);
                x += width + gap;
            }
            y += row.height() + LINE_GAP;
        }
    }

    private List<Row> rows(double width) {
        var rows = new ArrayList<Row>();
        var nodes = new ArrayList<Node>();
        var used = 0.0;
        for (var node : managed()) {
            var wide = Math.min(width, wide(node));
            if (!nodes.isEmpty() && used + gap + wide > width + 0.5) {
                rows.add(row(nodes, width));
                nodes.clear();
                used = 0;
            }
            used += (nodes.isEmpty() ? 0 : gap) + wide;
            nodes.add(node);
        }
        if (!nodes.isEmpty()) rows.add(row(nodes, width));
        return rows;
    }

    private Row row(List<Node> nodes, double width) {
        var wants =
                nodes.stream().mapToDouble(node -> Math.min(width, wide(node))).sum() + gap * (nodes.size() - 1);
        var growers = nodes.stream().filter(FormRow::grows).count();
        var more = growers == 0 ? 0 : Math.max(0, width - wants) / growers;
        var widths = nodes.stream()
                .map(node -> {
                    var wide = Math.min(width, wide(node));
                    return snapSizeX(grows(node) ? Math.min(node.maxWidth(-1), wide + more) : wide);
                })
                .toList();
        var height = 0.0;
        for (var i = 0; i < nodes.size(); i++) height = Math.max(height, high(nodes.get(i), widths.get(i)));
        return new Row(List.copyOf(nodes), widths, height);
    }

    private List<Node> managed() {
        return getManagedChildren();
    }

    private static boolean grows(Node node) {
        return HBox.getHgrow(node) == Priority.ALWAYS;
    }

    private static double wide(Node node) {
        return Math.ceil(Math.max(node.minWidth(-1), Math.min(node.prefWidth(-1), node.maxWidth(-1))));
    }

    private static double high(Node node, double width) {
        var at = node.getContentBias() == Orientation.HORIZONTAL ? width : -1;
        return Math.ceil(Math.max(node.minHeight(at), node.prefHeight(at)));
    }
}
