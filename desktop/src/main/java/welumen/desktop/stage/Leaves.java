package welumen.desktop.stage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Headline;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.Screen;
import welumen.job.WorkStage;

/** The leaves of a stage, one of them open, with a tab for each. Only the open one is kept up to date. */
public final class Leaves extends VBox {
    private final JobModel model;
    private final WorkStage stage;
    private final Headline headline;
    private final List<Tab> tabs;
    private final Map<Tab, Leaf> made = new HashMap<>();
    private final Map<Tab, Button> buttons = new HashMap<>();
    private final Map<String, Button> groups = new HashMap<>();
    private final Map<String, Tab> last = new HashMap<>();
    private final FlowPane row = new FlowPane(6, 6);
    private final StackPane middle = new StackPane();
    private Tab open;
    private Consumer<Tab> told = _ -> {};

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public Leaves(JobModel model, Headline headline, Tab... tabs) {
        super(12);
        this.model = model;
        this.headline = headline;
        this.tabs = List.of(tabs);
        this.stage = model.stageProperty().get();
        this.open = remembered().orElse(tabs[0]);
        middle.setAlignment(Pos.TOP_LEFT);
        middle.getChildren().setAll(open());
        row.setMinHeight(USE_PREF_SIZE);
        VBox.setVgrow(middle, Priority.ALWAYS);
        VBox.setVgrow(this, Priority.ALWAYS);
        setMinWidth(0);
        getChildren().addAll(row, middle);
        sceneProperty().subscribe((before, now) -> {
            if (before != null && now == null) open().close();
        });
    }

    public void refresh() {
        if (!open.suits().test(model)) show(suiting().getFirst());
        var shown = new ArrayList<Node>(groups());
        suiting().stream()
                .filter(tab -> tab.group().equals(open.group()))
                .map(this::button)
                .forEach(shown::add);
        if (!row.getChildren().equals(shown)) row.getChildren().setAll(shown);
        open().refreshed(open.word());
        headline.of(open().answer());
    }

    /** A button for each group, where there are several; the leaves of the open one stand beside it. */
    private List<Button> groups() {
        var words = suiting().stream().map(Tab::group).distinct().toList();
        return words.size() < 2 ? List.of() : words.stream().map(this::group).toList();
    }

    private Button group(String word) {
        var button = groups.computeIfAbsent(word, this::madeGroup);
        var wanting = suiting().stream()
                .filter(tab -> tab.group().equals(word) && tab != open)
                .mapToInt(tab -> tab.wanting().applyAsInt(model))
                .sum();
        var isOpen = word.equals(open.group());
        button.setText(word + (wanting == 0 || isOpen ? "" : " · " + wanting));
        button.pseudoClassStateChanged(Styles.PICKED, isOpen);
        return button;
    }

    private Button madeGroup(String word) {
        var button = Nodes.button("", "Turn to the leaves of this work", () -> turnTo(lastIn(word)));
        button.getStyleClass().add("leaf-group");
        button.setId("group-" + word.toLowerCase(Locale.ROOT).replace(' ', '-'));
        return button;
    }

    /** Of a group the leaf that was open last, or its first. */
    private Tab lastIn(String group) {
        var inGroup =
                suiting().stream().filter(tab -> tab.group().equals(group)).toList();
        var before = last.get(group);
        return before != null && inGroup.contains(before) ? before : inGroup.getFirst();
    }

    /** What is known of the one that is open. */
    public Tab tab() {
        return open;
    }

    /** The one that is open. */
    public Leaf open() {
        return made.computeIfAbsent(open, tab -> tab.leaf().apply(model));
    }

    /** The control that has the keyboard first. */
    public Node first() {
        return open().first();
    }

    /** Turns so many leaves on, or back where it is below nought. */
    public void turn(int by) {
        var suiting = suiting();
        turnTo(suiting.get(Math.floorMod(suiting.indexOf(open) + by, suiting.size())));
    }

    int count() {
        return suiting().size();
    }

    private List<Tab> suiting() {
        return tabs.stream().filter(tab -> tab.suits().test(model)).toList();
    }

    /** The one at which one stood in this car. */
    private Optional<Tab> remembered() {
        if (model.screenProperty().get() != Screen.STAGE) return Optional.empty();
        return model.leaf(stage)
                .flatMap(word -> suiting().stream()
                        .filter(tab -> tab.word().equals(word))
                        .findFirst());
    }

    /** The tab's button as it stands now; the same one each time, so that it keeps the keyboard. */
    private Button button(Tab tab) {
        var button = buttons.computeIfAbsent(tab, this::made);
        var wanting = tab.wanting().applyAsInt(model);
        button.setText(tab.word() + (wanting == 0 ? "" : " · " + wanting));
        button.pseudoClassStateChanged(Styles.PICKED, tab == open);
        return button;
    }

    private Button made(Tab tab) {
        var button = Nodes.button("", Keys.NEXT_LEAF.told("Turn to this leaf; the next one"), () -> turnTo(tab));
        button.getStyleClass().add("leaf");
        button.setId("leaf-" + tab.word().toLowerCase(Locale.ROOT).replace(' ', '-'));
        return button;
    }

    private void show(Tab tab) {
        if (tab != open) open().close();
        open = tab;
        told.accept(tab);
        last.put(tab.group(), tab);
        middle.getChildren().setAll(open());
    }

    /** Turns to the leaf of a word, where there is one that suits. */
    public void turnTo(String word) {
        suiting().stream().filter(tab -> tab.word().equals(word)).findFirst().ifPresent(this::turnTo);
    }

    /** Tells which leaf is open whenever another one is shown. */
    public void whenShown(Consumer<Tab> then) {
        told = then;
    }

    private void turnTo(Tab tab) {
        show(tab);
        if (model.screenProperty().get() == Screen.STAGE) model.turnedLeaf(stage, tab.word());
        refresh();
        if (open().first() != open()) open().first().requestFocus();
    }
}
