package welumen.desktop.stage;

import javafx.scene.Node;
import javafx.scene.layout.VBox;
import welumen.desktop.model.JobModel;

/** One leaf of a stage that has several: what is asked and what is known of one thing. */
public abstract class Leaf extends VBox {
    protected final JobModel model;
    private final String word;

    /** @param word what stands on its tab */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    protected Leaf(JobModel model, String word) {
        super(12);
        this.model = model;
        this.word = word;
        setMinWidth(0);
        setMinHeight(0);
    }

    final String word() {
        return word;
    }

    /** Whether it is of use for what is open now; else its tab is left out. */
    protected boolean suits() {
        return true;
    }

    /** What the leaf answers, in words, for the large line; empty where the stage says it. */
    public String answer() {
        return "";
    }

    /** How many things here want an answer; said on the tab. */
    protected int wanting() {
        return 0;
    }

    protected abstract void refresh();

    /** It is not seen any more: what it works out by itself, and would work out again, ends. */
    protected void closed() {}

    final void refreshed() {
        Showing.safely(model, "The leaf “%s”".formatted(word), this::refresh);
    }

    /** The control that has the keyboard first when the leaf is turned to; by default what has it keeps it. */
    protected Node first() {
        return this;
    }
}
