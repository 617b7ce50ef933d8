package welumen.desktop.intake;

import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.desktop.model.JobModel;

/** One leaf of the intake: what is asked and what is known of one thing. */
abstract class Section extends VBox {
    protected final JobModel model;
    private final String word;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    protected Section(JobModel model, String word) {
        super(14);
        this.model = model;
        this.word = word;
        setMinHeight(0);
    }

    String word() {
        return word;
    }

    /** How many things here want an answer. */
    int wanting() {
        return 0;
    }

    abstract void refresh();

    /** The control that has the keyboard first. */
    abstract Node first();
}
