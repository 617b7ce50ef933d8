package welumen.desktop.strip;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.custody.CustodyText;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange;
import welumen.job.JobChange.AtStrip;
import welumen.job.JobChange.InCustody;
import welumen.job.Said;
import welumen.job.StepLogging;
import welumen.strip.BondText;
import welumen.strip.Chip;
import welumen.strip.FixingLot;
import welumen.strip.PartNames;
import welumen.strip.Reading;
import welumen.strip.Shorthand;
import welumen.strip.Step;
import welumen.strip.StepText;
import welumen.strip.Wanted;

/**
 * The one line in which a step is logged. It is read back as it is typed, in chips that lead to what they stand for; a few
 * letters alone pick a part; a step that was logged wrongly is loaded and put right.
 */
final class LogLine extends VBox {
    private static final int MOST_LIKELY = 5;

    private final JobModel model;
    private final TextField line = new TextField();
    private final Label enter = Nodes.whole("Enter to log", "hint");
    private final FlowPane chips = new FlowPane(8, 8);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Label hint = Nodes.label(
            "How many, what kind, what size, where, which bag, with what tool: in any order. "
                    + "Two letters and Enter pick a part; F8 takes a photo, F2 puts the last step right.",
            Styles.SECOND);
    private final List<String> photos = new ArrayList<>();
    private @Nullable Step correcting;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LogLine(JobModel model) {
        super(10);
        this.model = model;
        line.setId("line");
        line.getStyleClass().add("line");
        line.setPromptText("2 trim clips grey, under seal, bag 14, lever plastic");
        line.setAccessibleText("What came off, in one line");
        line.textProperty().subscribe(this::readBack);
        line.setOnAction(_ -> log());
        line.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        chips.setId("chips");
        chips.setMinHeight(34);
        hint.maxWidthProperty().bind(chips.widthProperty());
        wrong.setId("wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        getChildren().addAll(entry(), wrong, chips);
    }

    TextField field() {
        return line;
    }

    void refresh() {
        line.setDisable(model.picked().isEmpty());
        readBack();
    }

    /** Loads a step to be put right; Enter then keeps it, Escape leaves it as it was. */
    void correct(Step step) {
        correcting = step;
        photos.clear();
        model.pickedProperty().set(step.part());
        line.setText(StepText.line(step));
        line.requestFocus();
        line.end();
        readBack();
    }

    private Node entry() {
        enter.setMouseTransparent(true);
        StackPane.setAlignment(enter, Pos.CENTER_RIGHT);
        StackPane.setMargin(enter, new Insets(0, 18, 0, 0));
        var field = new StackPane(line, enter);
        HBox.setHgrow(field, Priority.ALWAYS);
        var photo = Nodes.button("Photo", "Take a photo for this step (F8)", this::photograph);
        photo.setId("take-photo");
        var phone = Nodes.button("Phone", "Pick up the phone photos since the last step (F7)", this::pickUp);
        phone.setId("phone-photos");
        var files = Nodes.button("Files", "Choose photos from files", this::choose);
        Stream.of(photo, phone, files).forEach(button -> button.getStyleClass().add("tall"));
        return Nodes.row(8, field, photo, phone, files);
    }

    private void key(KeyEvent key) {
        switch (key.getCode()) {
            case F8 -> photograph();
            case F7 -> pickUp();
            case F2 -> {
                var steps = model.job().strip().steps();
                if (!steps.isEmpty()) correct(steps.getLast());
            }
            case ESCAPE -> {
                if (correcting == null && line.getText().isEmpty()) return;
                forget();
            }
            default -> {
                return;
            }
        }
        key.consume();
    }

    private void forget() {
        correcting = null;
        photos.clear();
        line.clear();
        readBack();
    }

    private void readBack() {
        wrong.setText("");
        chips.getChildren().clear();
        var bond = bond();
        if (bond.isPresent()) {
            enter.setText("Enter to note");
            chips.getChildren()
                    .add(chip(
                            new Chip("to note", Said.of(bond.get(), model.job().cabin()), Chip.Tone.UNDERSTOOD)));
            return;
        }
        var meant = meant();
        enter.setText(
                !meant.isEmpty()
                        ? "Enter to pick"
                        : correcting == null ? "Enter to log" : "Enter to put step " + correcting.number() + " right");
        if (!meant.isEmpty()) {
            meant.stream().limit(MOST_LIKELY).map(this::partChip).forEach(chips.getChildren()::add);
            return;
        }
        if (reading().isEmpty()) showQuiet();
        reading().ifPresent(reading -> {
            for (var chip : reading.chips(model.job().cabin(), photoCount()))
                chips.getChildren().add(chip(chip));
            if (photoCount() > 0)
                chips.getChildren().add(chip(new Chip("photo", photoCount() + " taken", Chip.Tone.UNDERSTOOD)));
        });
    }

    private int photoCount() {
        return photos.size() + (correcting == null ? 0 : correcting.photos().size());
    }

    /** With an empty line, what the last step lacks is asked for, or how to type is said. */
    private void showQuiet() {
        var lacking = lastStepLacks();
        if (lacking.isEmpty()) {
            chips.getChildren().add(hint);
            return;
        }
        var last = model.job().strip().steps().getLast();
        chips.getChildren()
                .add(Nodes.whole(
                        "Step %d, the %s, lacks"
                                .formatted(
                                        last.number(),
                                        model.job().cabin().one(last.part()).name()),
                        Styles.SECOND));
        for (var one : lacking) {
            var node = chip(new Chip(one.word(), one == Wanted.PHOTO ? "F8" : "F2", Chip.Tone.WANTED));
            node.setOnMouseClicked(_ -> {
                if (one == Wanted.PHOTO) photograph();
                else correct(last);
            });
            chips.getChildren().add(node);
        }
    }

    private List<Wanted> lastStepLacks() {
        var steps = model.job().strip().steps();
        if (steps.isEmpty() || correcting != null) return List.of();
        var last = steps.getLast();
        return read(StepText.line(last), model.job().cabin().one(last.part()))
                .wanted(last.photos().size());
    }

    /** The parts that a few letters alone may mean; none as soon as they say anything else. */
    private List<Part> meant() {
        var text = line.getText().strip();
        if (correcting != null || !text.matches("[\\p{L} ]{2,24}")) return List.of();
        var named = PartNames.findOne(model.job().cabin(), text);
        if (named.isPresent()) return List.of(model.job().cabin().one(named.get()));
        if (reading().filter(reading -> reading.note().equals(text)).isEmpty()) return List.of();
        var likely = PartNames.likely(model.job().cabin(), text);
        var out = model.job().strip().off();
        return Stream.concat(
                        likely.stream().filter(part -> !out.contains(part.id())),
                        likely.stream().filter(part -> out.contains(part.id())))
                .toList();
    }

    private Node partChip(Part part) {
        var chip = chip(new Chip("", part.name(), Chip.Tone.UNDERSTOOD));
        chip.setOnMouseClicked(_ -> pick(part));
        return chip;
    }

    private void pick(Part part) {
        line.clear();
        model.pickedProperty().set(part.id());
        line.requestFocus();
    }

    private Optional<Reading> reading() {
        return model.picked()
                .filter(_ -> !line.getText().isBlank() || !photos.isEmpty())
                .map(part -> read(line.getText(), part));
    }

    private Reading read(String text, Part part) {
        return Shorthand.read(text, part.id(), model.job().cabin(), model.job().strip());
    }

    private HBox chip(Chip chip) {
        var node = Nodes.row(8, Nodes.whole(chip.value(), "chip-value"));
        if (!chip.label().isEmpty()) node.getChildren().addFirst(Nodes.whole(chip.label(), "chip-label"));
        node.getStyleClass().add("chip");
        node.pseudoClassStateChanged(Styles.WANTED, chip.tone() == Chip.Tone.WANTED);
        node.pseudoClassStateChanged(Styles.KEPT, chip.tone() == Chip.Tone.KEPT_AS_NOTE);
        node.setOnMouseClicked(_ -> lead(chip));
        return node;
    }

    /** From a chip to the words that it stands for; from what is wanted to where it is given. */
    private void lead(Chip chip) {
        line.requestFocus();
        if (chip.tone() == Chip.Tone.WANTED) {
            if (chip.label().equals(Wanted.PHOTO.word())) photograph();
            if (chip.label().equals(Wanted.BAG.word()))
                append("bag " + model.job().strip().nextBag());
            if (chip.label().equals(Wanted.REJOINING.word())) append("rejoin with " + usualRejoining());
            return;
        }
        var at = 0;
        for (var phrase : line.getText().split("(?<=[,;])")) {
            var says = model.picked()
                    .map(part -> read(phrase, part).chips(model.job().cabin(), 1))
                    .orElse(List.of());
            if (says.contains(chip)) {
                line.selectRange(at, at + phrase.replaceFirst("[,;]$", "").length());
                return;
            }
            at += phrase.length();
        }
    }

    private void append(String words) {
        line.setText(line.getText().strip() + ", " + words);
        line.end();
    }

    private String usualRejoining() {
        return reading().stream()
                .flatMap(reading -> reading.fixings().stream())
                .map(FixingLot::kind)
                .map(kind -> kind.usualRejoining())
                .filter(way -> !way.isEmpty())
                .findFirst()
                .orElse("");
    }

    private void photograph() {
        var about = reading().map(Reading::part).or(() -> model.picked().map(Part::id));
        about.map(model.job().cabin()::one).flatMap(model::photograph).ifPresent(photo -> add(List.of(photo)));
    }

    private void pickUp() {
        var found = model.pickUpPhonePhotos();
        if (found.isEmpty())
            wrong.setText("No phone photo has come since the last step. Drop them into the workshop's folder “phone”.");
        else add(found);
    }

    private void choose() {
        var chooser = new FileChooser();
        chooser.setTitle("Photos for this step");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Photos", "*.jpg", "*.jpeg", "*.png"));
        var files = chooser.showOpenMultipleDialog(getScene().getWindow());
        if (files != null) add(model.keepPhotos(files.stream().map(File::toPath).toList()));
    }

    /** With nothing typed, photos go to the last step where that lacks one. */
    private void add(List<String> more) {
        if (line.getText().isBlank() && lastStepLacks().contains(Wanted.PHOTO)) {
            var last = model.job().strip().steps().getLast();
            var reading = read(StepText.line(last), model.job().cabin().one(last.part()));
            model.make(
                    StepLogging.correct(last, reading, more, model.nowProperty().get()));
        } else photos.addAll(more);
        readBack();
    }

    /** What the line tells of how the part is held or where it is, where it tells nothing else. */
    private Optional<JobChange> bond() {
        if (correcting != null) return Optional.empty();
        var cabin = model.job().cabin();
        return model.picked()
                .map(Part::id)
                .flatMap(part -> BondText.read(line.getText(), part, cabin)
                        .<JobChange>map(AtStrip::new)
                        .or(() -> CustodyText.read(line.getText(), part, cabin).map(InCustody::new)));
    }

    private void log() {
        var bond = bond();
        if (bond.isPresent()) {
            if (model.make(bond.get())) forget();
            return;
        }
        var meant = meant();
        if (!meant.isEmpty()) {
            pick(meant.getFirst());
            return;
        }
        var reading = reading();
        if (reading.isEmpty()) return;
        var now = model.nowProperty().get();
        var objection = StepLogging.objection(model.job(), reading.get(), now);
        if (objection.isPresent()) {
            wrong.setText(objection.get());
            return;
        }
        var change = correcting == null
                ? StepLogging.log(model.job(), reading.get(), photos, model.person(), now)
                : StepLogging.correct(correcting, reading.get(), photos, now);
        if (!model.make(change)) return;
        var part = reading.get().part();
        forget();
        model.pickedProperty().set(part);
    }
}
