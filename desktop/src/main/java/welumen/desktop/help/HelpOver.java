package welumen.desktop.help;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import welumen.desktop.help.HelpText.Sentence;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;

/** Explains the open leaf on the leaf itself: its sentences in a card, and a ring with a number round what each is about. */
public final class HelpOver extends Pane {
    private static final double MARGIN = 5;
    private static final double CARD = 460;

    private final Node leaf;
    private final List<Sentence> sentences;
    private final VBox card = new VBox(8);

    /** @param leaf on which what is spoken of lies */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public HelpOver(String title, List<Sentence> sentences, Node leaf, Runnable close) {
        this.leaf = leaf;
        this.sentences = List.copyOf(sentences);
        getStyleClass().add("help-over");
        card.getStyleClass().addAll(Styles.CARD, "help-card");
        card.setId("help");
        card.getChildren().add(Nodes.label(title, Styles.STRONG));
        for (var i = 0; i < sentences.size(); i++) {
            var row = Nodes.row(
                    10, number(i), Nodes.grown(Nodes.label(sentences.get(i).words())));
            card.getChildren().add(row);
        }
        var seen = Nodes.chief("Back to it", Keys.HELP.told("Put this away; Escape does it too"), close);
        seen.setId("help-seen");
        card.getChildren().add(seen);
        getChildren().add(card);
        setOnMouseClicked(_ -> close.run());
    }

    /** The control that has the keyboard. */
    public Node first() {
        return card.getChildren().getLast();
    }

    private static Label number(int of) {
        return Nodes.whole(Integer.toString(of + 1), "pin");
    }

    @Override
    protected void layoutChildren() {
        getChildren().setAll(card);
        var width = Math.min(CARD, getWidth() - 2 * MARGIN);
        var height = card.prefHeight(width);
        card.resizeRelocate(getWidth() - width - 16, Math.max(8, getHeight() - height - 12), width, height);
        for (var i = 0; i < sentences.size(); i++) {
            var about = sentences.get(i).about();
            var node = about.isEmpty() ? null : leaf.lookup("#" + about);
            if (node != null && isSeen(node)) ring(node, i);
        }
        card.toFront();
    }

    private void ring(Node node, int number) {
        var box = sceneToLocal(node.localToScene(node.getLayoutBounds()));
        var ring = new Rectangle(
                box.getMinX() - MARGIN,
                box.getMinY() - MARGIN,
                box.getWidth() + 2 * MARGIN,
                box.getHeight() + 2 * MARGIN);
        ring.getStyleClass().add("help-ring");
        ring.setMouseTransparent(true);
        var tag = number(number);
        getChildren().addAll(ring, tag);
        tag.applyCss();
        tag.autosize();
        tag.relocate(Math.max(0, box.getMinX() - 16), Math.max(0, box.getMinY() - 16));
    }

    /** Whether it is on the screen now, and not scrolled away. */
    private static boolean isSeen(Node node) {
        var box = node.localToScene(node.getLayoutBounds());
        if (box.getWidth() < 1) return false;
        for (var up = node; up != null; up = up.getParent()) {
            if (!up.isVisible()) return false;
            if (up instanceof ScrollPane pane
                    && !pane.localToScene(pane.getLayoutBounds()).intersects(box)) return false;
        }
        return true;
    }
}
