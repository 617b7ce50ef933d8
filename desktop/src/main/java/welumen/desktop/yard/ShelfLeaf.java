package welumen.desktop.yard;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.ListCard;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.yard.Named;
import welumen.yard.YardChange;

/**
 * Things of one kind in the yard: a list, and beside it the one that is picked, to be described, or a new one. What is kept
 * is taken back by one key, so nothing asks whether one is sure; what hangs on a thing is named before it goes.
 *
 * @param <T> the kind
 */
abstract class ShelfLeaf<T extends Named> extends Leaf {
    private static final double FORM = 396;

    /** In place of a name, while a new one is described. */
    private static final String NEW = "";

    private final VBox list = new VBox(8);
    private final VBox form = new VBox(12);
    private final Label heading = Nodes.label("", Styles.STRONG);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Button drop;
    private final String kind;
    /** By its name; nothing before the first look. */
    private @Nullable String picked;

    /** What stands in the fields, so that nothing typed is lost where something else changes. */
    private @Nullable Optional<T> shown;

    /** @param kind one of them, “person” */
    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ShelfLeaf(JobModel model, String kind) {
        super(model, Reads.ALL);
        this.kind = kind;
        var keep = Nodes.chief("Keep", "Keep what stands here (Enter in any field)", this::keep);
        keep.setId("keep-" + id());
        var another = Nodes.button("Another " + kind, "Empty the form for a new one", this::another);
        another.setId("another-" + id());
        drop = Nodes.button("Take off the list", "It is not here any more", this::drop);
        drop.setId("drop-" + id());
        wrong.setId("wrong-" + id());
        form.getStyleClass().add(Styles.CARD);
        form.getChildren().addAll(Nodes.grown(heading), Nodes.row(10, keep, drop), wrong);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var side = Nodes.scroll(Nodes.column(12, another, form));
        side.setMinWidth(FORM);
        side.setMaxWidth(FORM);
        var both = new HBox(24, Nodes.grown(Nodes.scroll(list)), side);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().add(both);
    }

    private String id() {
        return kind.replace(' ', '-').toLowerCase(Locale.ROOT);
    }

    /** Adds the fields of the form, once, below its heading. */
    final void fields(Node... fields) {
        form.getChildren().addAll(fields);
    }

    abstract List<T> all();

    /** What is said of one in the list, line by line. */
    abstract List<String> said(T one);

    /** Shows one in the fields; empty for a new one. */
    abstract void show(Optional<T> one);

    /** @throws IllegalArgumentException if the fields say none; the message says why */
    abstract T read();

    abstract YardChange kept(String was, T now);

    abstract YardChange dropped(T one);

    /** What hangs on one, and would be without it; empty where nothing does. */
    abstract String hangs(T one);

    /** What is said where there is none yet. */
    abstract String none();

    /** The one that is picked; empty while a new one is described. */
    final Optional<T> picked() {
        return all().stream().filter(one -> one.name().equals(picked)).findFirst();
    }

    @Override
    protected void refresh() {
        var all = all();
        var isNew = NEW.equals(picked);
        if (!isNew && picked().isEmpty())
            picked = all.isEmpty() ? NEW : all.getFirst().name();
        list.getChildren().setAll(all.stream().map(this::card).toList());
        if (all.isEmpty()) list.getChildren().add(Nodes.label(none(), Styles.SECOND));
        if (!picked().equals(shown)) showPicked();
    }

    private void showPicked() {
        shown = picked();
        wrong.setText("");
        heading.setText(picked().map(Named::name).orElse("A new " + kind));
        var hangs = picked().map(this::hangs).orElse("");
        drop.setVisible(picked().isPresent());
        if (!hangs.isEmpty()) wrong.setText(hangs);
        show(picked());
    }

    private Node card(T one) {
        var words = new ArrayList<Node>();
        words.add(Nodes.label(one.name(), Styles.STRONG));
        for (var line : said(one)) if (!line.isBlank()) words.add(Nodes.label(line, Styles.SECOND));
        return new ListCard(one.name(), () -> pick(one.name()), words.toArray(Node[]::new))
                .picked(one.name().equals(picked));
    }

    private void pick(String name) {
        picked = name;
        refresh();
    }

    private void another() {
        picked = NEW;
        shown = Optional.empty();
        list.getChildren().forEach(card -> card.pseudoClassStateChanged(Styles.PICKED, false));
        heading.setText("A new " + kind);
        wrong.setText("");
        drop.setVisible(false);
        show(Optional.empty());
        first().requestFocus();
    }

    final void keep() {
        try {
            var now = read();
            var was = picked().map(Named::name).orElse("");
            if (picked().filter(now::equals).isPresent()) return;
            picked = now.name();
            if (!model.yard().make(kept(was, now))) picked = was;
        } catch (IllegalArgumentException fault) {
            wrong.setText(fault.getMessage());
        }
    }

    private void drop() {
        picked().ifPresent(one -> {
            picked = null;
            model.yard().make(dropped(one));
        });
    }
}
