package welumen.desktop.handover;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.finish.FinishChange.TouchUpKept;
import welumen.finish.TouchUp;
import welumen.finish.TouchUpText;
import welumen.handover.GoingHome;
import welumen.handover.HandoverChange.Checked;
import welumen.handover.HandoverChange.SignedFor;
import welumen.handover.SafetyCheck;
import welumen.handover.Stop;
import welumen.job.JobChange;
import welumen.job.JobChange.AtFinish;
import welumen.job.JobChange.AtHandover;
import welumen.job.Said;
import welumen.journal.Entry;
import welumen.journal.Note.Made;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What keeps the car from going home, who checked what holds lives, who signed for it, and the papers that go with it. */
public final class HandoverView extends StagePane {
    private final VBox stops = new VBox(6);
    private final ListView<String> log = new ListView<>();
    private final TextField checker = new TextField();
    private final TextField customer = new TextField();
    private final Label printed = Nodes.label("", Styles.SECOND);
    private final Button sign;

    public HandoverView(JobModel model) {
        super(model);
        printed.setId("printed");
        printed.managedProperty().bind(printed.textProperty().isNotEmpty());
        log.setId("log");
        stops.setId("stops");
        checker.setId("checked-by");
        checker.setPromptText("name, and what they are qualified for");
        customer.setId("signed-by");
        customer.setPromptText("who fetches the car");
        customer.setOnAction(_ -> sign());
        sign = Nodes.chief(
                "Signed for", "The car and all that belongs to it have been handed over (Enter)", this::sign);
        sign.setId("sign");
        var names = Nodes.row(
                14,
                Nodes.grown(Nodes.field("Checks are in the name of", checker)),
                Nodes.grown(Nodes.field("Signed for by", customer)),
                sign);
        names.setAlignment(Pos.BOTTOM_LEFT);
        var both = new HBox(28, column("What stops it", Nodes.scroll(stops)), column("The log, latest first", log));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(papers(), printed, names, both);
    }

    private Node papers() {
        var print = paper("Print the log", "print-log", "The whole job as a PDF", model.papers()::log);
        var removed = paper(
                "Print what came off",
                "print-removed",
                "Everything that was taken off and what became of it, to be signed",
                model.papers()::removed);
        var note = paper(
                "Print the note in the car",
                "print-note",
                "What the next trimmer should know, to be left under the seat",
                model.papers()::note);
        return new FlowPane(10, 8, print, removed, note);
    }

    private Button paper(String word, String id, String tip, Supplier<Optional<Path>> printing) {
        var button =
                Nodes.button(word, tip, () -> printing.get().ifPresent(file -> printed.setText("Printed to " + file)));
        button.setId(id);
        return button;
    }

    private static VBox column(String title, Node under) {
        VBox.setVgrow(under, Priority.ALWAYS);
        var column = Nodes.column(8, Nodes.whole(title, Styles.HEADING), under);
        column.setMinWidth(0);
        column.setPrefWidth(440);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    @Override
    public Node first() {
        return checker;
    }

    @Override
    protected void refresh() {
        var against = model.job().stops();
        say(against);
        sign.setDisable(!against.isEmpty());
        stops.getChildren().clear();
        for (var stop : against) stops.getChildren().add(row(stop));
        for (var checked : model.job().handover().checked().entrySet())
            stops.getChildren()
                    .add(Nodes.label(
                            "%s: %s, by %s"
                                    .formatted(
                                            name(checked.getKey()),
                                            checked.getKey().what().sentence(),
                                            checked.getValue()),
                            Styles.SECOND));
        log.getItems().setAll(model.log().reversed().stream().map(this::line).toList());
    }

    private void say(List<Stop> against) {
        var signed = model.job().handover().signedBy();
        var handBack = new ArrayList<>(GoingHome.toHandBack(model.job().cabin(), model.signOff()).stream()
                .map(part -> "the " + part)
                .toList());
        handBack.addAll(GoingHome.touchUps(model.job().finish()));
        headline.say(
                "Handover",
                !signed.isEmpty()
                        ? "Signed for by %s.".formatted(signed)
                        : against.isEmpty()
                                ? "The car can go home."
                                : "Not yet: %s against it.".formatted(Words.many(against.size(), "thing")),
                handBack.isEmpty()
                        ? "Seats, belts and airbags: a named, qualified person checks them first."
                        : "Goes home beside the car: %s.".formatted(String.join(", ", handBack)));
    }

    private Node row(Stop stop) {
        var words = Nodes.grown(Nodes.label(StopWords.say(model.job().cabin(), stop)));
        var row = Nodes.row(10, words);
        row.setAlignment(Pos.CENTER_LEFT);
        if (stop instanceof Stop.Unchecked(var check)) {
            var done = Nodes.button("Checked", "Checked in the name above", () -> check(check));
            done.setId("check-%s".formatted(check.part()));
            row.getChildren().add(done);
        }
        if (stop instanceof Stop.NoTouchUp(var recipe, var title)) touchUp(row, recipe, title);
        return row;
    }

    /** How much is kept, and where; or that none is. */
    private void touchUp(HBox row, String recipe, String title) {
        var kept = new TextField();
        kept.setId("kept-" + recipe.replace(' ', '-'));
        kept.setPromptText("30 g, bottle in the boot");
        kept.setAccessibleText("Grams of %s that are kept, and where".formatted(title));
        kept.setPrefColumnCount(16);
        kept.setOnAction(_ -> {
            switch (TouchUpText.read(recipe, kept.getText())) {
                case Understood<TouchUp>(var touchUp) -> model.make(new AtFinish(new TouchUpKept(touchUp)));
                case Refused<TouchUp>(var why) -> printed.setText(why);
            }
        });
        var none = Nodes.button(
                "None is kept",
                "Nothing was left of it",
                () -> model.make(new AtFinish(new TouchUpKept(new TouchUp(recipe, 0, "")))));
        none.setId("none-" + recipe.replace(' ', '-'));
        row.getChildren().addAll(kept, none);
    }

    private void check(SafetyCheck check) {
        if (checker.getText().isBlank()) {
            printed.setText("Say who has checked it: nothing that holds lives is checked in nobody's name.");
            checker.requestFocus();
            return;
        }
        printed.setText("");
        model.make(new AtHandover(new Checked(check, checker.getText().strip())));
    }

    private void sign() {
        if (!model.job().stops().isEmpty()) {
            printed.setText("It cannot be signed for yet: what stops it stands below.");
            return;
        }
        if (customer.getText().isBlank()) {
            printed.setText("Say who signs for the car.");
            customer.requestFocus();
            return;
        }
        model.make(new AtHandover(new SignedFor(customer.getText().strip())));
    }

    private String name(SafetyCheck check) {
        return model.job().cabin().one(check.part()).title();
    }

    private String line(Entry<JobChange> entry) {
        var said = entry.note() instanceof Made<JobChange>(var change)
                ? Said.of(change, model.job().cabin())
                : "";
        return "%s   %s   (%s)"
                .formatted(Words.when(entry.at(), model.nowProperty().get(), model.zone()), said, entry.author());
    }
}
