package welumen.desktop.look;

import java.util.ArrayList;
import java.util.List;
import javafx.collections.ObservableList;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import welumen.shape.Box;

/** Names of what lies on felt, below each thing. None lies over another or over a thing: where one would, it goes lower, and where there is no room at all it is left out. */
public final class FeltWords {
    private static final int LINES = 1;

    private record Wanted(Label label, double middle, double y) {}

    private final List<Wanted> wanted = new ArrayList<>();
    private final List<Bounds> taken = new ArrayList<>();

    /** Nothing is written over this. @param box in its mm */
    public void keepFree(Chalk chalk, Box box) {
        var high = box.height() * chalk.scale();
        taken.add(new BoundingBox(chalk.x(box.minX()), chalk.y(box.maxY()), box.width() * chalk.scale(), high));
    }

    /** @param box of what is named, in its mm */
    public void add(String word, Chalk chalk, Box box) {
        var label = Nodes.whole(word, "chalk-word");
        label.setMouseTransparent(true);
        wanted.add(new Wanted(label, chalk.x((box.minX() + box.maxX()) / 2), chalk.y(box.minY()) + 2));
    }

    /** Puts them down where there is room; one for which there is none is left out, for the list beside has it. */
    public void showIn(ObservableList<Node> felt) {
        for (var one : wanted) {
            felt.add(one.label());
            one.label().applyCss();
            var width = one.label().prefWidth(-1);
            var height = one.label().prefHeight(-1);
            var parent = one.label().getParent();
            var room =
                    parent == null ? Double.MAX_VALUE : parent.getLayoutBounds().getWidth();
            var x = Math.clamp(one.middle() - width / 2, 2, Math.max(2, room - width - 2));
            var y = one.y();
            var tries = 0;
            while (tries < LINES && isTaken(x, y, width, height)) {
                y += height;
                tries++;
            }
            if (isTaken(x, y, width, height)) {
                felt.remove(one.label());
                continue;
            }
            taken.add(new BoundingBox(x, y, width, height));
            one.label().resizeRelocate(x, y, width, height);
        }
    }

    private boolean isTaken(double x, double y, double width, double height) {
        return taken.stream().anyMatch(box -> box.intersects(x + 1, y + 1, width - 2, height - 2));
    }
}
