package welumen.desktop.strip;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.job.JobChange;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.Together;
import welumen.strip.Chip;
import welumen.strip.Reading;
import welumen.strip.Shorthand;
import welumen.strip.StripChange.StepLogged;
import welumen.strip.StripChange.StripRuleNoted;

/** Logs a step in one line, read back as it is typed, and shows what holds the part and the way to what is behind it. */
public final class StripView extends StagePane {
    private final TextField line = new TextField();
    private final FlowPane chips = new FlowPane(8, 8);
    private final TakenOff takenOff;
    private final ReachFelt reach;
    private final Label hint = Nodes.label(
            "How many, what kind, what size, where, which bag, with what tool: in any order. F8 takes a photo.",
            Styles.SECOND);
    private final List<String> photos = new ArrayList<>();

    public StripView(JobModel model) {
        super(model);
        takenOff = new TakenOff(model);
        reach = new ReachFelt(model);
        line.setId("line");
        line.getStyleClass().add("line");
        line.setPromptText("2 trim clips grey, under seal, bag 14, lever plastic");
        line.setAccessibleText("What came off, in one line");
        line.textProperty().subscribe(this::readBack);
        line.setOnAction(_ -> log());
        line.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.F8) photograph();
        });
        chips.setId("chips");
        chips.setMinHeight(34);
        hint.maxWidthProperty().bind(chips.widthProperty());
        var lower = new HBox(30, takenOff, reach);
        HBox.setHgrow(takenOff, Priority.ALWAYS);
        reach.setMinWidth(300);
        reach.setMaxWidth(340);
        VBox.setVgrow(lower, Priority.ALWAYS);
        lower.setMinHeight(0);
        getChildren().addAll(Nodes.column(10, entry(), chips), lower);
    }

    @Override
    public Node first() {
        return line;
    }

    @Override
    protected void refresh() {
        var part = model.picked();
        line.setDisable(part.isEmpty());
        part.ifPresentOrElse(this::say, () -> headline.say("", "This car has no parts yet.", "List them at Intake."));
        readBack();
        takenOff.refresh();
        reach.refresh();
    }

    private void say(Part part) {
        var holds = new HoldWords(model.job(), part.id());
        headline.say(part.title(), holds.answer(), holds.advice());
    }

    private Node entry() {
        var photo = Nodes.button("Photo", "Take a photo for this step (F8)", this::photograph);
        photo.setId("take-photo");
        var enter = Nodes.whole("Enter to log", "hint");
        enter.setMouseTransparent(true);
        StackPane.setAlignment(enter, Pos.CENTER_RIGHT);
        StackPane.setMargin(enter, new javafx.geometry.Insets(0, 18, 0, 0));
        var field = new StackPane(line, enter);
        HBox.setHgrow(field, Priority.ALWAYS);
        photo.getStyleClass().add("tall");
        return Nodes.row(10, field, photo);
    }

    private void readBack() {
        chips.getChildren().clear();
        if (reading().isEmpty()) chips.getChildren().add(hint);
        reading().ifPresent(reading -> {
            for (var chip : reading.chips(model.job().cabin(), photos.size()))
                chips.getChildren().add(chip(chip));
            if (!photos.isEmpty())
                chips.getChildren().add(chip(new Chip("photo", photos.size() + " taken", Chip.Tone.UNDERSTOOD)));
        });
    }

    private java.util.Optional<Reading> reading() {
        return model.picked()
                .filter(_ -> !line.getText().isBlank() || !photos.isEmpty())
                .map(part -> Shorthand.read(
                        line.getText(),
                        part.id(),
                        model.job().cabin(),
                        model.job().strip()));
    }

    private static Node chip(Chip chip) {
        var node = Nodes.row(8, Nodes.whole(chip.label(), "chip-label"), Nodes.whole(chip.value(), "chip-value"));
        node.getStyleClass().add("chip");
        node.pseudoClassStateChanged(Styles.WANTED, chip.tone() == Chip.Tone.WANTED);
        node.pseudoClassStateChanged(Styles.KEPT, chip.tone() == Chip.Tone.KEPT_AS_NOTE);
        return node;
    }

    private void photograph() {
        reading()
                .map(Reading::part)
                .or(() -> model.picked().map(Part::id))
                .map(model.job().cabin()::one)
                .flatMap(model::photograph)
                .ifPresent(photos::add);
        readBack();
    }

    private void log() {
        var reading = reading();
        if (reading.isEmpty()) return;
        var changes = new ArrayList<JobChange>();
        changes.add(new AtStrip(
                new StepLogged(reading.get().step(model.job().strip().nextStep(), photos))));
        for (var rule : reading.get().rules()) changes.add(new AtStrip(new StripRuleNoted(rule)));
        if (!model.make(changes.size() == 1 ? changes.getFirst() : new Together(changes))) return;
        photos.clear();
        line.clear();
        model.pickedProperty().set(reading.get().part());
    }
}
