package welumen.desktop.stage;

import java.util.List;
import javafx.scene.Node;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;

/** Several leaves that are about one thing, one below the other under a word each. The first one's answer is the whole's. */
public final class LeafStack extends Leaf {
    private final List<Layer> layers;

    /** One of them. @param word what stands above it */
    public record Layer(String word, Leaf leaf) {}

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public LeafStack(JobModel model, Layer... layers) {
        super(model);
        this.layers = List.of(layers);
        setSpacing(26);
        for (var layer : layers) {
            var column = Nodes.column(10, Nodes.whole(layer.word(), Styles.STRONG));
            if (layer != layers[0]) {
                var said = layer.leaf().answer();
                said.getStyleClass().setAll("label", Styles.SECOND);
                said.managedProperty().bind(said.textProperty().isNotEmpty());
                column.getChildren().add(said);
            }
            column.getChildren().add(layer.leaf());
            layer.leaf().setMinHeight(USE_PREF_SIZE); // the page scrolls, not each of them
            getChildren().add(column);
        }
        answer.textProperty().bind(layers[0].leaf().answer().textProperty());
    }

    @Override
    protected void refresh() {
        for (var layer : layers) layer.leaf().refreshed(layer.word());
    }

    @Override
    protected void closed() {
        for (var layer : layers) layer.leaf().close();
    }

    @Override
    protected Node first() {
        return layers.getFirst().leaf().first();
    }
}
