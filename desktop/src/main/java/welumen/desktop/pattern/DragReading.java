package welumen.desktop.pattern;

import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import welumen.desktop.look.Nodes;

/** The number beside the pen while something is dragged. */
final class DragReading {
    private static final double BESIDE = 16;

    private final Pane on;
    private final Label words = Nodes.whole("", "drag-reading");

    DragReading(Pane on) {
        this.on = on;
        words.setMouseTransparent(true);
        words.setManaged(false);
    }

    void show(MouseEvent mouse, String text) {
        if (!isShown()) on.getChildren().add(words);
        words.setText(text);
        words.applyCss();
        words.autosize();
        var here = on.sceneToLocal(mouse.getSceneX(), mouse.getSceneY());
        words.relocate(here.getX() + BESIDE, here.getY() - BESIDE - words.getHeight());
    }

    boolean isShown() {
        return words.getParent() != null;
    }

    void hide() {
        on.getChildren().remove(words);
    }
}
