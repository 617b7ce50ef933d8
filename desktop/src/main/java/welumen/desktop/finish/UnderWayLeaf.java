package welumen.desktop.finish;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.finish.FinishChange.OnCoating;
import welumen.finish.coat.Cause;
import welumen.finish.coat.CoatStep;
import welumen.finish.underway.Coating;
import welumen.finish.underway.CoatingChange;
import welumen.finish.underway.CoatingChange.CoatingDropped;
import welumen.finish.underway.CoatingChange.CoatingWentWrong;
import welumen.finish.underway.CoatingChange.FlawMapped;
import welumen.finish.underway.CoatingChange.FlawMended;
import welumen.finish.underway.CoatingChange.FlawStruck;
import welumen.finish.underway.CoatingChange.Keyed;
import welumen.finish.underway.CoatingChange.TrialMade;
import welumen.finish.underway.CoatingStands;
import welumen.finish.underway.Flaw;
import welumen.finish.underway.Trial;
import welumen.finish.underway.Tried;
import welumen.job.CoatingMoved;
import welumen.job.JobChange.AtFinish;
import welumen.shape.Point;

/** A surface on its way: the next step and its time, what raking light shows, what it is tried by, and back where it fails. */
public final class UnderWayLeaf extends Leaf {
    private final ComboBox<Coating> which = new ComboBox<>();
    private final ComboBox<Flaw.Kind> kind = new ComboBox<>();
    private final FlawFelt felt;
    private final VBox steps = new VBox(6);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    /** What was asked before it is ticked off early; whoever presses again means it. */
    private String asked = "";

    private Optional<Part> looked = Optional.empty();
    /** At which step of which surface a kind of flaw was guessed last. */
    private String guessedAt = "";

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    public UnderWayLeaf(JobModel model) {
        super(model, Reads.ALL, Reads.PICKED, Reads.CLOCKS);
        answer.setId("underway-answer");
        steps.setId("underway-steps");
        wrong.setId("underway-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        which.setId("underway-which");
        WordCell.in(which, coating -> Words.capital(coating.what()));
        which.setMinWidth(200);
        which.setOnAction(_ -> show());
        kind.setId("flaw-kind");
        WordCell.in(kind, one -> Words.capital(one.word()));
        kind.getItems().setAll(Flaw.Kind.values());
        kind.setValue(Flaw.Kind.DENT);
        felt = new FlawFelt(model, this::map, this::pressed);
        var form = Nodes.form(14, Nodes.field("Surface", which), Nodes.field("Under raking light", kind));
        var left = Nodes.column(8, form, felt);
        VBox.setVgrow(felt, Priority.ALWAYS);
        var both = Nodes.beside(left, Nodes.scroll(steps), 400);
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(wrong, both);
    }

    @Override
    protected Node first() {
        return which;
    }

    @Override
    protected void refresh() {
        var all = model.job().finish().coatings().all();
        var was = Optional.ofNullable(which.getValue()).map(Coating::id);
        var now = was.flatMap(
                id -> all.stream().filter(coating -> coating.id().equals(id)).findFirst());
        if (!model.picked().equals(looked)) {
            looked = model.picked();
            now = looked.flatMap(part -> model.job().finish().coatings().openOf(part.id()))
                    .or(() -> was.flatMap(id -> all.stream()
                            .filter(coating -> coating.id().equals(id))
                            .findFirst()));
        }
        which.getItems().setAll(all);
        which.setValue(now.or(() -> open(all)).orElse(null));
        show();
    }

    private static Optional<Coating> open(List<Coating> all) {
        return all.stream()
                .filter(coating -> !coating.isDone())
                .findFirst()
                .or(() -> all.isEmpty() ? Optional.empty() : Optional.of(all.getLast()));
    }

    private void show() {
        var coating = Optional.ofNullable(which.getValue());
        felt.show(coating);
        steps.getChildren().clear();
        if (coating.isEmpty()) {
            answer.setText("No surface is under way: begin one at Coats.");
            return;
        }
        var stands = new CoatingStands(coating.get(), model.nowProperty().get());
        answer.setText(said(stands));
        guessKind(coating.get());
        if (!coating.get().openFlaws().isEmpty()) steps.getChildren().add(flaws(coating.get()));
        if (!coating.get().isDone()) steps.getChildren().add(next(stands));
        for (var i = 0; i < coating.get().steps().size(); i++)
            steps.getChildren().add(row(coating.get(), i));
        if (!coating.get().isDone()) steps.getChildren().add(again(coating.get()));
    }

    /** What is likely seen now: dents before the colour, dust after its first coat. It can be chosen otherwise. */
    private void guessKind(Coating coating) {
        var now = coating.id() + coating.done().size();
        if (now.equals(guessedAt)) return;
        guessedAt = now;
        kind.setValue(
                coating.steps().subList(0, coating.done().size()).stream()
                                .anyMatch(step -> step.kind() == CoatStep.Kind.COLOUR)
                        ? Flaw.Kind.DUST
                        : Flaw.Kind.DENT);
    }

    private String said(CoatingStands stands) {
        var coating = stands.coating();
        var next = coating.next();
        if (next.isEmpty()) return "The %s is done, and came through its trials.".formatted(coating.what());
        var words = "The %s: %s".formatted(coating.what(), next.get().what());
        if (stands.isTooEarly()) words += ", not before " + time(stands.from().orElseThrow());
        if (!stands.isTooLate() && stands.by().isPresent())
            words += "%s by %s"
                    .formatted(
                            next.get().kind().isCoat() ? "," : "; the next coat",
                            time(stands.by().get()));
        var left = coating.left().size();
        return "%s. %s."
                .formatted(words, left == 1 ? "It is the last step" : "%s to go".formatted(Words.many(left, "step")));
    }

    private String time(Instant at) {
        return Words.when(at, model.nowProperty().get(), model.zone());
    }

    private Node next(CoatingStands stands) {
        var coating = stands.coating();
        var step = coating.next().orElseThrow();
        var box = Nodes.column(
                6,
                Nodes.label(
                        Words.capital(step.what()) + StepRow.grit(step) + StepRow.grams(step, coating.squareMetres()),
                        Styles.STRONG));
        var holds = stands.holds(model.job()
                .finish()
                .held(BenchMemory.sheen(model), model.nowProperty().get()));
        holds.forEach(hold -> box.getChildren().add(Nodes.label(hold, Styles.DANGER)));
        for (var trial : coating.trials()) box.getChildren().add(trial(coating, trial));
        var deeds = new FlowPane(8, 6);
        if (step.kind().isCoat() && stands.isTooLate())
            deeds.getChildren()
                    .add(deed(
                            "flatted-back",
                            "Flatted back",
                            "It bites again: the next coat may go on",
                            new Keyed(coating.id(), model.nowProperty().get())));
        var done = Nodes.chief("Done", "It is done; its clock runs (Enter)", () -> done(stands));
        done.setId("step-done");
        done.setDisable(!holds.isEmpty());
        deeds.getChildren().add(done);
        box.getChildren().add(deeds);
        box.setId("next-step");
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private Node deed(String id, String word, String tip, CoatingChange change) {
        var button = Nodes.button(word, tip, () -> make(change));
        button.setId(id);
        return button;
    }

    private void make(CoatingChange change) {
        wrong.setText("");
        asked = "";
        model.make(new AtFinish(new OnCoating(change)));
    }

    /** Before its time it is asked once more; then its clock runs until the next step, or until it is too late for that. */
    private void done(CoatingStands stands) {
        var coating = stands.coating();
        if (stands.isTooEarly() && !asked.equals(coating.id() + coating.done().size())) {
            asked = coating.id() + coating.done().size();
            wrong.setText("It has not dried before %s: press again if it was dry all the same."
                    .formatted(time(stands.from().orElseThrow())));
            return;
        }
        wrong.setText("");
        model.make(CoatingMoved.on(model.job(), coating, model.nowProperty().get()));
    }

    private Node trial(Coating coating, Trial trial) {
        var found = coating.found(trial);
        var row = Nodes.row(
                8,
                Nodes.grown(Nodes.label(
                        "%s: %s%s"
                                .formatted(
                                        Words.capital(trial.word()),
                                        trial.how(),
                                        found.map(one -> one.isWell() ? ". Well ✓" : ". Failed ✗")
                                                .orElse("")),
                        Styles.SECOND)));
        for (var isWell : List.of(true, false)) {
            var word = isWell ? "Well" : "Failed";
            row.getChildren()
                    .add(deed(
                            "%s-%s".formatted(trial.word(), word.toLowerCase(Locale.ROOT)),
                            word,
                            isWell ? "It came through" : "It did not",
                            new TrialMade(coating.id(), new Tried(coating.done().size(), trial, isWell))));
        }
        return row;
    }

    private Node flaws(Coating coating) {
        var box = Nodes.column(6, Nodes.label("Mend before the next coat", Styles.STRONG, Styles.DANGER));
        for (var flaw : coating.openFlaws()) {
            var row = Nodes.row(
                    8,
                    Nodes.grown(Nodes.label(
                            "%d, %s: %s"
                                    .formatted(
                                            flaw.number(),
                                            flaw.kind().word(),
                                            flaw.kind().mends()),
                            Styles.SECOND)),
                    deed(
                            "mended-" + flaw.number(),
                            "Mended",
                            "It is level now",
                            new FlawMended(coating.id(), flaw.number())),
                    deed("none-" + flaw.number(), "✕", "It was none", new FlawStruck(coating.id(), flaw.number())));
            box.getChildren().add(row);
        }
        box.getStyleClass().add(Styles.CARD);
        return box;
    }

    private void map(Point at) {
        var coating = which.getValue();
        if (coating == null || coating.isDone()) return;
        make(new FlawMapped(coating.id(), new Flaw(coating.nextFlaw(), kind.getValue(), at, false)));
    }

    private void pressed(Flaw flaw) {
        if (!flaw.isMended()) make(new FlawMended(which.getValue().id(), flaw.number()));
    }

    private Node row(Coating coating, int i) {
        var step = coating.steps().get(i);
        var isDone = i < coating.done().size();
        var words = "%s %s%s%s"
                .formatted(
                        isDone ? "✓" : i == coating.done().size() ? "▸" : "·",
                        Words.capital(step.what()),
                        StepRow.grit(step),
                        isDone ? ", " + time(coating.done().get(i)) : "");
        return Nodes.label(words, step.isStop() && !isDone ? Styles.STRONG : Styles.SECOND);
    }

    /** It failed: back to its cause, with what it cost; or it is not coated after all. */
    private Node again(Coating coating) {
        var usual = coating.trials().isEmpty() ? Cause.WRONG_COLOUR : Cause.SILICONE;
        var box = Nodes.column(
                6,
                Nodes.label("It has to be done once more", Styles.STRONG),
                new AgainForm(model, coating.what(), usual, gone -> make(new CoatingWentWrong(coating.id(), gone))),
                deed(
                        "drop-coating",
                        "Not coated after all",
                        "It leaves this list; can be taken back",
                        new CoatingDropped(coating.id())));
        box.getStyleClass().add(Styles.CARD);
        return box;
    }
}
