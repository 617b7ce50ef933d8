package welumen.desktop.strip;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.strip.Step;

/** What is under the line: what came off, the bags, the picked part's photos, and how the car stood on another day. */
final class StripLeaves extends VBox {
    private final Map<String, Leaf> leaves = new LinkedHashMap<>();
    private final Map<String, Button> buttons = new LinkedHashMap<>();
    private final StackPane middle = new StackPane();
    private String open = "Taken off";

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    StripLeaves(JobModel model, Consumer<Step> correct) {
        super(8);
        leaves.put("Taken off", new TakenOff(model, correct));
        leaves.put("Bags", new BagsLeaf(model));
        leaves.put("Photos", new PhotosLeaf(model));
        leaves.put("As it stood", new AsItStoodLeaf(model));
        var head = new FlowPane(4, 4);
        for (var word : leaves.keySet()) {
            var button = Nodes.button(
                    word, "Turn to this leaf (Ctrl+PageDown and PageUp turn on and back)", () -> turnTo(word));
            button.getStyleClass().add("leaf");
            button.setId("leaf-" + word.toLowerCase(Locale.ROOT).replace(' ', '-'));
            buttons.put(word, button);
            head.getChildren().add(button);
        }
        VBox.setVgrow(middle, Priority.ALWAYS);
        middle.setMinHeight(0);
        setMinWidth(0);
        getChildren().addAll(head, middle);
        turnTo(open);
    }

    void refresh() {
        leaves.get(open).refresh();
    }

    void turn(int by) {
        var words = List.copyOf(leaves.keySet());
        turnTo(words.get(Math.floorMod(words.indexOf(open) + by, words.size())));
    }

    private void turnTo(String word) {
        open = word;
        buttons.forEach((name, button) -> button.pseudoClassStateChanged(Styles.PICKED, name.equals(word)));
        middle.getChildren().setAll(leaves.get(word));
        refresh();
    }
}
