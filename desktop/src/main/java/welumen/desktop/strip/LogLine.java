package welumen.desktop.strip;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Keys;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.job.HouseWayObjections;
import welumen.job.LikelyLine;
import welumen.job.Said;
import welumen.job.StepLogging;
import welumen.job.TypedLine;
import welumen.strip.Step;
import welumen.strip.account.MustPhoto;
import welumen.strip.fixing.FixingKind;
import welumen.strip.fixing.FixingLot;
import welumen.strip.line.Chip;
import welumen.strip.line.Reading;
import welumen.strip.line.Shorthand;
import welumen.strip.line.StepText;
import welumen.strip.line.Wanted;

/**
 * The one line in which a step is logged. It is read back as it is typed, in chips that lead to what they stand for; a few
 * letters alone pick a part; a step that was logged wrongly is loaded and put right.
 */
final class LogLine extends VBox {
    private static final int MOST_LIKELY = 5;
    private static final int MOST_OFFERED = 3;

    private final JobModel model;
    private final TextField line = new TextField();
    private final Label enter = Nodes.whole("Enter to log", "hint");
    private final FlowPane chips = new FlowPane(8, 8);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final Label hint = Nodes.label(
            "How many, what kind, what size, where, which bag, with what tool: in any order. "
                    + "Two letters and Enter pick a part; F8 takes a photo, F2 puts the last step right.",
            Styles.SECOND);
    private final StepPhotos photos;
    private @Nullable Step correcting;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LogLine(JobModel model) {
        super(10);
        this.model = model;
        this.photos = new StepPhotos(model, this::arrived);
        line.setId("line");
        line.getStyleClass().add("line");
        line.setPromptText("2 trim clips grey, under seal, bag 14, lever plastic");
        line.setAccessibleText("What came off, in one line");
        line.textProperty().subscribe(this::readBack);
        line.setOnAction(_ -> photos.whenHere(this::enter));
        line.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        chips.setId("chips");
        chips.setMinHeight(34);
        chips.setMinWidth(0); // else its longest word pushes the buttons off the screen
        setMinWidth(0);
        setMinHeight(USE_PREF_SIZE);
        chips.widthProperty().subscribe(width -> {
            hint.setMaxWidth(width.doubleValue());
            Platform.runLater(chips::requestLayout); // how high the hint is follows from that, once this layout is over
        });
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
        line.positionCaret(remarkAt());
        readBack();
    }

    /** Where its remark begins, since whatever is typed after that is part of it; else the end of the line. */
    private int remarkAt() {
        var at = line.getText().lastIndexOf(", note ");
        return at < 0 ? line.getLength() : at;
    }

    private Node entry() {
        enter.setMouseTransparent(true);
        var photo = Nodes.button("Photo", Keys.PHOTO.told(), this::photograph);
        photo.setId("take-photo");
        var phone = Nodes.button("Phone", Keys.PHONE.told(), this::pickUp);
        phone.setId("phone-photos");
        var files = Nodes.button(
                "Files",
                "Choose photos from files",
                () -> photos.choose(getScene().getWindow()));
        Stream.of(photo, phone, files).forEach(button -> button.getStyleClass().add("tall"));
        var entry = Nodes.row(8, Nodes.grown(line), enter, photo, phone, files);
        entry.setAlignment(Pos.CENTER_LEFT);
        return entry;
    }

    private void key(KeyEvent key) {
        if (Keys.PHOTO.is(key)) photograph();
        else if (Keys.PHONE.is(key)) pickUp();
        else if (Keys.AS_IT_STANDS.is(key)) photos.whenHere(this::enterWithNote);
        else if (Keys.LIKELY.is(key)) likely().stream().findFirst().ifPresent(this::write);
        else if (Keys.LAST_STEP.is(key)) {
            var steps = model.job().strip().steps();
            if (!steps.isEmpty()) correct(steps.getLast());
        } else if (key.getCode() == KeyCode.ESCAPE
                && (correcting != null || !line.getText().isEmpty())) forget();
        else return;
        key.consume();
    }

    private void forget() {
        correcting = null;
        photos.clear();
        line.clear();
        readBack();
    }

    /** A step that is put right is a step whatever it says; so is a photo without words. */
    private TypedLine typed() {
        var part = model.picked().map(Part::id);
        if (part.isEmpty()) return new TypedLine.Nothing();
        if (correcting != null || line.getText().isBlank() && !photos.list().isEmpty())
            return new TypedLine.Says(read(line.getText(), part.get()));
        return TypedLine.read(line.getText(), part.get(), model.job());
    }

    private Reading read(String text, PartId part) {
        return Shorthand.read(text, part, model.job().cabin(), model.job().strip());
    }

    private void readBack() {
        wrong.setText("");
        chips.getChildren().clear();
        switch (typed()) {
            case TypedLine.Nothing() -> {
                enter.setText("Enter to log");
                showQuiet();
            }
            case TypedLine.Picks(var parts) -> {
                enter.setText("Enter to pick");
                parts.stream()
                        .limit(MOST_LIKELY)
                        .forEach(part -> chip(new Chip("", part.name(), Chip.Tone.UNDERSTOOD), () -> pick(part)));
            }
            case TypedLine.Notes(var change) -> {
                enter.setText("Enter to note");
                chip(
                        new Chip("to note", Said.of(change, model.job().cabin()), Chip.Tone.UNDERSTOOD),
                        line::requestFocus);
            }
            case TypedLine.Says(var reading) -> {
                enter.setText(
                        correcting == null ? "Enter to log" : "Enter to put step " + correcting.number() + " right");
                for (var chip : reading.chips(model.job().cabin(), photoCount())) chip(chip, () -> lead(chip));
                if (correcting == null)
                    HouseWayObjections.otherSide(model.job(), reading.part())
                            .ifPresent(why -> chip(new Chip("mind", why, Chip.Tone.WANTED), line::requestFocus));
                if (photoCount() > 0)
                    chip(new Chip("photo", photoCount() + " taken", Chip.Tone.UNDERSTOOD), line::requestFocus);
            }
        }
    }

    private int photoCount() {
        return photos.list().size()
                + (correcting == null ? 0 : correcting.photos().size());
    }

    private List<LikelyLine> likely() {
        return model.picked().map(part -> LikelyLine.of(model.job(), part)).orElse(List.of());
    }

    /** A guess, written for Enter to confirm. */
    private void write(LikelyLine likely) {
        line.setText(likely.line());
        line.requestFocus();
        line.end();
    }

    /** What is likely of the picked part, each a press from being confirmed; the first has a key of its own. */
    private void showLikely() {
        var isFirst = true;
        for (var one : likely().stream().limit(MOST_OFFERED).toList()) {
            var chip = new Chip(
                    isFirst ? "%s (%s)".formatted(one.because(), Keys.LIKELY.pressed()) : one.because(),
                    one.line(),
                    Chip.Tone.KEPT_AS_NOTE);
            chip(chip, () -> write(one));
            isFirst = false;
        }
    }

    /** With an empty line, what the last step lacks is asked for, or how to type is said. */
    private void showQuiet() {
        var lacking = StepLogging.lastLacks(model.job());
        if (lacking.isEmpty()) {
            showLikely();
            if (chips.getChildren().isEmpty()) chips.getChildren().add(hint);
            mustPhotos().ifPresent(chips.getChildren()::add);
            return;
        }
        var last = model.job().strip().steps().getLast();
        var name = model.job().cabin().one(last.part()).name();
        chips.getChildren().add(Nodes.whole("Step %d, the %s, lacks".formatted(last.number(), name), Styles.SECOND));
        for (var one : lacking) {
            var isPhoto = one == Wanted.PHOTO;
            chip(new Chip(one.word(), isPhoto ? "F8" : "F2", Chip.Tone.WANTED), () -> {
                if (isPhoto) photograph();
                else correct(last);
            });
        }
        showLikely();
    }

    /** What is to be in a picture before the picked part comes off. */
    private Optional<Node> mustPhotos() {
        return model.picked()
                .filter(part -> !model.job().strip().isOff(part.id()))
                .map(part -> MustPhoto.lacking(
                        part,
                        model.job().strip(),
                        model.job().album().of(part.id()).size() + photos.list().size()))
                .filter(lacking -> !lacking.isEmpty())
                .map(lacking -> {
                    var words = lacking.stream().map(MustPhoto::words).collect(Collectors.joining("; "));
                    var said = Nodes.label("In a picture first: %s.".formatted(words), Styles.SECOND);
                    said.setId("must-photos");
                    said.maxWidthProperty().bind(chips.widthProperty());
                    return said;
                });
    }

    private void chip(Chip chip, Runnable action) {
        var node = Nodes.row(8, Nodes.whole(chip.value(), "chip-value"));
        if (!chip.label().isEmpty()) node.getChildren().addFirst(Nodes.whole(chip.label(), "chip-label"));
        node.getStyleClass().add("chip");
        node.pseudoClassStateChanged(
                Styles.WANTED, chip.tone() == Chip.Tone.WANTED || chip.tone() == Chip.Tone.NOT_KNOWN);
        node.pseudoClassStateChanged(Styles.KEPT, chip.tone() == Chip.Tone.KEPT_AS_NOTE);
        node.setOnMouseClicked(_ -> action.run());
        chips.getChildren().add(node);
    }

    private void pick(Part part) {
        line.clear();
        model.pickedProperty().set(part.id());
        line.requestFocus();
    }

    /** From a chip to the words that it stands for; from what is wanted to where it is given. */
    private void lead(Chip chip) {
        line.requestFocus();
        if (chip.tone() == Chip.Tone.NOT_KNOWN) keepAsNote(chip.value());
        else if (chip.tone() != Chip.Tone.WANTED) select(chip);
        else if (chip.label().equals(Wanted.PHOTO.word())) photograph();
        else if (chip.label().equals(Wanted.BAG.word()))
            append("bag " + model.job().strip().nextBag());
        else if (chip.label().equals(Wanted.REJOINING.word())) append("rejoin with " + usualRejoining());
    }

    /** Moves what was not understood behind “note”, at the end. */
    private void keepAsNote(String phrase) {
        var at = line.getText().indexOf(phrase);
        if (at < 0) return;
        var rest = (line.getText().substring(0, at) + line.getText().substring(at + phrase.length()))
                .replaceAll("\\s*[,;](\\s*[,;])+", ",")
                .replaceAll("^[\\s,;]+|[\\s,;]+$", "");
        line.setText(rest.isEmpty() ? "note " + phrase : rest + ", note " + phrase);
        line.end();
    }

    /** What was not understood is kept as a remark, by the trimmer's word. */
    private void enterWithNote() {
        if (typed() instanceof TypedLine.Says(var reading)) log(reading.withUnknownAsNote());
    }

    private void select(Chip chip) {
        var part = model.picked().map(Part::id).orElseThrow();
        var at = 0;
        for (var phrase : line.getText().split("(?<=[,;])")) {
            if (read(phrase, part).chips(model.job().cabin(), 1).contains(chip)) {
                line.selectRange(at, at + phrase.replaceFirst("[,;]$", "").length());
                return;
            }
            at += phrase.length();
        }
    }

    private void append(String words) {
        var at = remarkAt();
        line.insertText(at, ", " + words);
        line.positionCaret(at + words.length() + 2);
    }

    private String usualRejoining() {
        return reading().stream()
                .flatMap(reading -> reading.fixings().stream())
                .map(FixingLot::kind)
                .map(FixingKind::usualRejoining)
                .filter(way -> !way.isEmpty())
                .findFirst()
                .orElse("");
    }

    private Optional<Reading> reading() {
        return typed() instanceof TypedLine.Says(var reading) ? Optional.of(reading) : Optional.empty();
    }

    private void photograph() {
        reading()
                .map(Reading::part)
                .or(() -> model.picked().map(Part::id))
                .map(model.job().cabin()::one)
                .ifPresent(photos::take);
    }

    private void pickUp() {
        photos.pickUp(() -> wrong.setText(
                "No phone photo has come since the last step. Drop them into the workshop's folder “phone”."));
    }

    /** With nothing typed, photos go to the last step where that lacks one. */
    private void arrived(List<String> more) {
        var isForLast = correcting == null
                && line.getText().isBlank()
                && StepLogging.lastLacks(model.job()).contains(Wanted.PHOTO);
        if (isForLast) {
            var last = model.job().strip().steps().getLast();
            var reading = StepLogging.reread(model.job(), last);
            model.make(
                    StepLogging.correct(last, reading, more, model.nowProperty().get()));
        } else photos.add(more);
        readBack();
    }

    private void enter() {
        switch (typed()) {
            case TypedLine.Nothing() -> {}
            case TypedLine.Picks(var parts) -> pick(parts.getFirst());
            case TypedLine.Notes(var change) -> {
                var objection = HouseWayObjections.to(model.job(), change);
                objection.ifPresent(wrong::setText);
                if (objection.isEmpty() && model.make(change)) forget();
            }
            case TypedLine.Says(var reading) -> log(reading);
        }
    }

    private void log(Reading reading) {
        var now = model.nowProperty().get();
        var notUnderstood = reading.notUnderstood();
        if (notUnderstood.isPresent()) {
            wrong.setText(notUnderstood.get()
                    + (reading.unknown().isEmpty()
                            ? ""
                            : " Nothing was logged. Put it right, or press Ctrl+Enter to keep it as a remark."));
            return;
        }
        var objection = StepLogging.objection(model.job(), reading, now);
        if (objection.isPresent()) {
            wrong.setText(objection.get());
            return;
        }
        var change = correcting == null
                ? StepLogging.log(model.job(), reading, photos.list(), model.person(), now)
                : StepLogging.correct(correcting, reading, photos.list(), now);
        if (!model.make(change)) return;
        forget();
        model.pickedProperty().set(reading.part());
    }
}
