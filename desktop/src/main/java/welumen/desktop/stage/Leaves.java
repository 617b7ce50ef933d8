package welumen.desktop.stage;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.Screen;
import welumen.job.WorkStage;

/** The leaves of a stage, one of them open, with a tab for each. Only the open one is kept up to date. */
public final class Leaves extends VBox {
    private final List<? extends Leaf> leaves;
    private final FlowPane tabs = new FlowPane(6, 6);
    private final StackPane middle = new StackPane();
    private final JobModel model;
    private final WorkStage stage;
    private Leaf open;
    private Runnable turned = () -> {};

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public Leaves(List<? extends Leaf> leaves) {
        super(12);
        this.leaves = List.copyOf(leaves);
        this.model = leaves.getFirst().model;
        this.stage = model.stageProperty().get();
        this.open = remembered().isPresent() ? remembered().get() : leaves.getFirst();
        middle.setAlignment(Pos.TOP_LEFT);
        middle.setMinHeight(0);
        middle.getChildren().setAll(open);
        tabs.setMinHeight(USE_PREF_SIZE);
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox.setVgrow(this, Priority.ALWAYS);
        setMinWidth(0);
        setMinHeight(0);
        getChildren().addAll(tabs, middle);
        sceneProperty().subscribe((before, now) -> {
            if (before != null && now == null) open.closed();
        });
    }

    public void refresh() {
        if (!open.suits()) {
            open = suiting().getFirst();
            middle.getChildren().setAll(open);
        }
        tabs.getChildren().setAll(suiting().stream().map(this::tab).toList());
        open.refreshed();
    }

    /** The one that is open. */
    public Leaf open() {
        return open;
    }

    /** Something to do whenever another one is turned to, as to say its answer. */
    public void whenTurned(Runnable then) {
        turned = then;
    }

    /** The control that has the keyboard first. */
    public Node first() {
        return open.first();
    }

    /** Turns so many leaves on, or back where it is below nought. */
    public void turn(int by) {
        var suiting = suiting();
        turnTo(suiting.get(Math.floorMod(suiting.indexOf(open) + by, suiting.size())));
    }

    private List<? extends Leaf> suiting() {
        return leaves.stream().filter(Leaf::suits).toList();
    }

    /** The one at which one stood in this car. */
    private Optional<? extends Leaf> remembered() {
        if (model.screenProperty().get() != Screen.STAGE) return Optional.empty();
        return model.leaf(stage)
                .flatMap(word -> leaves.stream()
                        .filter(leaf -> leaf.word().equals(word) && leaf.suits())
                        .findFirst());
    }

    private Node tab(Leaf leaf) {
        var wanting = leaf.wanting();
        var tab = Nodes.button(
                leaf.word() + (wanting == 0 ? "" : " · " + wanting),
                "Turn to this leaf (Ctrl+PageDown and PageUp turn on and back)",
                () -> turnTo(leaf));
        tab.getStyleClass().add("leaf");
        tab.setId("leaf-" + leaf.word().toLowerCase(Locale.ROOT).replace(' ', '-'));
        tab.pseudoClassStateChanged(Styles.PICKED, leaf == open);
        return tab;
    }

    private void turnTo(Leaf leaf) {
        if (open != leaf) open.closed();
        open = leaf;
        if (model.screenProperty().get() == Screen.STAGE) model.turnedLeaf(stage, leaf.word());
        middle.getChildren().setAll(open);
        refresh();
        turned.run();
        if (open.first() != open) open.first().requestFocus();
    }
}
