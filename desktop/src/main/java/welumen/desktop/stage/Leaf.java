package welumen.desktop.stage;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;

/** One leaf of a stage that has several: what is asked and what is known of one thing. */
public abstract class Leaf extends VBox {
    private static final List<Reads> EVERYTHING = List.of(Reads.ALL, Reads.PICKED);

    protected final JobModel model;

    /** What the leaf answers, in words; it stands in the large line of its stage. Empty where the stage's own stands there. */
    protected final Label answer = Nodes.label("", Styles.ANSWER);

    private final List<Reads> reads;
    private @Nullable List<@Nullable Object> shown;

    /** @param reads all that it shows something of; anything at all where none is named */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    protected Leaf(JobModel model, Reads... reads) {
        super(12);
        this.model = model;
        this.reads = reads.length == 0 ? EVERYTHING : List.of(reads);
        setMinWidth(0);
    }

    /** What the leaf answers as things stand now; by default nothing, where it says so itself while it is drawn. */
    protected String says() {
        return "";
    }

    /** What it answers, for the large line of its stage. */
    public final Label answer() {
        return answer;
    }

    protected abstract void refresh();

    /** It is not seen any more: what it works out by itself, and would work out again, ends. */
    protected void closed() {}

    /** Ends what it works out; when it is opened again it is drawn anew. */
    final void close() {
        shown = null;
        closed();
    }

    /** Whether nothing can change that it would not be drawn anew for. */
    public final boolean readsEverything() {
        return reads.equals(EVERYTHING);
    }

    /** Draws it anew, unless nothing has changed of what it reads. */
    final void refreshed(String word) {
        var now = reads.stream().map(one -> one.now(model)).toList();
        if (now.equals(shown)) return;
        shown = now;
        Showing.safely(model, "The leaf “%s”".formatted(word), this::drawn);
    }

    private void drawn() {
        refresh();
        var says = says();
        if (!says.isEmpty()) answer.setText(says);
    }

    /** The control that has the keyboard first when the leaf is turned to; by default what has it keeps it. */
    protected Node first() {
        return this;
    }
}
