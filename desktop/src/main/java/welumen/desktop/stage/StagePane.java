package welumen.desktop.stage;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import javafx.util.Subscription;
import org.jspecify.annotations.Nullable;
import welumen.clock.Clocks;
import welumen.desktop.look.Headline;
import welumen.desktop.model.JobModel;

/**
 * One stage: its answer first, then the rest. Listens to the model only while it is open. What has changed is written at once,
 * so that nothing is ever typed beside another part's figures; what is drawn on felt is drawn once the window is laid out.
 */
public abstract class StagePane extends VBox {
    private static final long UNPREPARED = -1;

    protected final JobModel model;
    protected final Headline headline = new Headline();
    private final List<Node> rest = new ArrayList<>();
    private @Nullable Leaves leaves;
    private long prepared = UNPREPARED;
    private Clocks.@Nullable Over over;
    private Subscription listening = Subscription.EMPTY;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    protected StagePane(JobModel model) {
        super(16);
        this.model = model;
        getStyleClass().add("stage");
        setMinWidth(0);
        getChildren().add(headline);
    }

    /** Shows the job and the picked part as they are now. */
    protected abstract void refresh();

    /** The control that has the keyboard first. */
    public Node first() {
        return leaves == null ? this : leaves.first();
    }

    /** The leaves of this stage, one of them open. */
    protected final Leaves leaves(Tab... tabs) {
        leaves = new Leaves(model, headline, tabs);
        return leaves;
    }

    /** How many leaves can be turned to now; one where a stage has none. */
    public final int leafCount() {
        return leaves == null ? 1 : leaves.count();
    }

    /** What stands on the open leaf's tab; empty where a stage has no leaves. */
    public final String leafWord() {
        return leaves == null ? "" : leaves.tab().word();
    }

    /** Says the answer. A stage that a window begins with does no more here, so that it stands there at once. */
    protected void answer() {
        refresh();
    }

    /** Shows the answer alone, for {@link #open} to add the rest: it is painted the sooner. */
    public final void openWithAnswer() {
        rest.addAll(getChildren().subList(1, getChildren().size()));
        getChildren().remove(1, getChildren().size());
        Showing.safely(model, "This stage", this::answer);
    }

    /** Turns to the next leaf, or by −1 to the one before; nothing happens where a stage has none. */
    public final void turnLeaf(int by) {
        if (leaves != null) leaves.turn(by);
    }

    /** Shows the rest, too, while it is not to be seen yet. */
    public final void prepare() {
        show();
        prepared = model.versionProperty().get();
    }

    public final void open() {
        getChildren().addAll(rest);
        rest.clear();
        listening = model.versionProperty()
                .subscribe((_, _) -> show())
                .and(model.pickedProperty().subscribe(this::show))
                .and(model.nowProperty().subscribe((_, _) -> ranOut()));
        if (prepared != model.versionProperty().get()) show();
        prepared = UNPREPARED;
    }

    /** When a clock has run out what is said of it is not so any more; as long as somebody types here, that waits. */
    private void ranOut() {
        if (isTypedInto()) return;
        if (!model.job().clocks().over(model.nowProperty().get()).equals(over)) show();
    }

    /** What is half typed would be gone with what is drawn anew. */
    private boolean isTypedInto() {
        if (getScene() == null
                || !(getScene().getFocusOwner() instanceof TextInputControl field)
                || field.getText().isEmpty()) return false;
        for (Parent above = field.getParent(); above != null; above = above.getParent()) if (above == this) return true;
        return false;
    }

    private void show() {
        over = model.job().clocks().over(model.nowProperty().get());
        Showing.safely(model, "This stage", this::refresh);
    }

    /** Ends listening; what is running is stopped by those who override this. */
    public void close() {
        listening.unsubscribe();
        listening = Subscription.EMPTY;
    }
}
