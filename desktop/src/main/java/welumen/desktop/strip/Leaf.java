package welumen.desktop.strip;

import javafx.scene.layout.VBox;
import welumen.desktop.model.JobModel;

/** One of the leaves under the line. */
abstract class Leaf extends VBox {
    protected final JobModel model;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    protected Leaf(JobModel model) {
        super(8);
        this.model = model;
        setMinWidth(0);
        setMinHeight(0);
    }

    abstract void refresh();
}
