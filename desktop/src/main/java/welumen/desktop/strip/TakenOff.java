package welumen.desktop.strip;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Tips;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.Thumbnail;
import welumen.job.JobChange;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.Together;
import welumen.journal.Entry;
import welumen.journal.Note.Made;
import welumen.strip.Bag;
import welumen.strip.Outcome;
import welumen.strip.Step;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.fixing.FixingLot;

/** What was taken off, the latest first, along a thread: photo, fixings, bag, time. */
final class TakenOff extends Leaf {
    private static final int AT_FIRST = 8;

    private final Consumer<Step> correct;
    private final VBox steps = new VBox(10);
    private boolean all;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TakenOff(JobModel model, Consumer<Step> correct) {
        super(model, Reads.ALL);
        this.correct = correct;
        getChildren().add(Nodes.scroll(steps));
        steps.setId("taken-off");
    }

    @Override
    protected void refresh() {
        steps.getChildren().clear();
        for (var entry : model.log().reversed())
            for (var logged : steps(entry)) {
                var step = asItStands(logged);
                if (!all && steps.getChildren().size() == AT_FIRST) {
                    steps.getChildren().add(showAll());
                    return;
                }
                steps.getChildren().add(row(step, entry));
            }
        if (steps.getChildren().isEmpty())
            steps.getChildren()
                    .add(Nodes.label("Nothing yet. Pick a part in the cabin and type what holds it.", Styles.SECOND));
    }

    /** As it was put right since; steps are numbered in their order, so it is looked for from the end. */
    private Step asItStands(Step logged) {
        for (var step : model.job().strip().steps().reversed()) if (step.number() == logged.number()) return step;
        return logged;
    }

    private Node showAll() {
        return Nodes.button("Show all that came off", "Every step since the beginning", () -> {
            all = true;
            refresh();
        });
    }

    private static List<Step> steps(Entry<JobChange> entry) {
        return entry.note() instanceof Made<JobChange>(var change) ? steps(change) : List.of();
    }

    private static List<Step> steps(JobChange change) {
        return switch (change) {
            case AtStrip(StepLogged(var step)) -> List.of(step);
            case Together(var changes) ->
                changes.stream().flatMap(one -> steps(one).stream()).toList();
            default -> List.of();
        };
    }

    private Node row(Step step, Entry<JobChange> entry) {
        var thread = new Pane();
        thread.setMinWidth(24);
        var line = new Line(11, 0, 11, 0);
        line.endYProperty().bind(thread.heightProperty().add(10));
        line.setManaged(false); // else the thread, longer than its card, would make the card as long
        line.getStyleClass().add("thread");
        var bead = new Circle(11, 24, 6);
        bead.getStyleClass().add("bead");
        thread.getChildren().addAll(line, bead);
        var card = new HBox(14, Thumbnail.of(model, step.photos()), words(step), Nodes.spring(), right(step, entry));
        card.getStyleClass().add(Styles.CARD);
        card.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(card, Priority.ALWAYS);
        card.setMinWidth(0);
        card.setOnMouseClicked(_ -> correct.accept(step));
        Tips.on(card, "Pick it to put it right");
        return new HBox(8, thread, card);
    }

    private Node words(Step step) {
        var title =
                model.job().cabin().one(step.part()).title() + (step.outcome() == Outcome.LOOSENED ? ", loosened" : "");
        var words = Nodes.column(3, Nodes.label(title, Styles.STRONG));
        if (!step.fixings().isEmpty())
            words.getChildren()
                    .add(Nodes.label(String.join(
                            " · ", step.fixings().stream().map(FixingLot::said).toList())));
        if (!step.note().isEmpty()) words.getChildren().add(Nodes.label(step.note(), Styles.DANGER));
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.SOMETIMES);
        return words;
    }

    private Node right(Step step, Entry<JobChange> entry) {
        var time = Nodes.whole(Words.when(entry.at(), model.nowProperty().get(), model.zone()), Styles.NOTE);
        var right = Nodes.column(6, time);
        right.setAlignment(Pos.CENTER_RIGHT);
        if (step.bag() instanceof Bag.Numbered(var number))
            right.getChildren().add(Nodes.whole("bag " + number, Styles.TAG));
        else if (step.cameOut() > 0) right.getChildren().add(Nodes.whole("no bag", Styles.DANGER));
        right.setPadding(new Insets(0, 2, 0, 0));
        right.setMinWidth(USE_PREF_SIZE);
        return right;
    }
}
