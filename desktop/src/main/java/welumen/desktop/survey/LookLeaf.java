package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.MarkedPhoto;
import welumen.desktop.stage.MmField;
import welumen.desktop.stage.NamedFirst;
import welumen.evidence.PartPhoto;
import welumen.evidence.PhotoMark;
import welumen.job.JobChange.AtSurvey;
import welumen.measure.Lengths;
import welumen.shape.Point;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.LikelyFinding;
import welumen.survey.Mark;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingCorrected;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.UsualFindings;

/** Marks what is found on the picked part at its place on the outline, and asks for what lies beneath. */
final class LookLeaf extends Leaf {
    /** Distance, as a share of a photo's width, within which a number is meant. */
    private static final double NEAR = 0.03;

    private final PartFelt felt;
    private final ComboBox<FindingKind> kind = new ComboBox<>();
    private final ComboBox<Severity> severity = new ComboBox<>();
    private final MmField size = new MmField("size", "30 mm", this::mark);
    private final TextField note = new TextField();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final HBox shapes = new HBox(8);
    private final FlowPane usual = new FlowPane(6, 6);
    private final FoundBeside beside;
    private final List<String> photos = new ArrayList<>();
    private PartFelt.Shape shape = PartFelt.Shape.DOT;
    private final MarkedPhoto photo;
    private final StackPane table = new StackPane();
    /** What was asked of the mark before; whoever marks it once more means it. */
    private Optional<String> asked = Optional.empty();

    private Optional<Finding> correcting = Optional.empty();
    private Optional<Point> onPhoto = Optional.empty();
    /** A logged find's photo that is looked at, and marked, in place of the newest. */
    private Optional<Finding> looking = Optional.empty();

    private Optional<PartId> lookedAt = Optional.empty();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LookLeaf(JobModel model) {
        super(model);
        felt = new PartFelt(model);
        photo = new MarkedPhoto(model.photos()).marked(this::stroke);
        photo.setId("finding-on-photo");
        table.getChildren().setAll(felt);
        beside = new FoundBeside(model, wrong, this::change, this::lookAt);
        felt.onFinding(this::moved, this::change, beside::strike);
        felt.onKeys(this::mark, key -> kind.fireEvent(key.copyFor(felt, kind))); // letters choose what it is
        kind.getItems().setAll(FindingKind.values());
        kind.setValue(FindingKind.SCUFF);
        WordCell.in(kind, FindingKind::word);
        severity.getItems().setAll(Severity.values());
        severity.setValue(Severity.PLAIN);
        WordCell.in(severity, Severity::word);
        kind.setId("kind");
        kind.setMinWidth(190);
        severity.setId("severity");
        severity.setMinWidth(120);
        size.setMinWidth(84);
        note.setId("finding-note");
        note.setOnAction(_ -> mark());
        var mark = Nodes.chief("Mark it", "Log what was found, as it is drawn (Enter)", this::mark);
        mark.setId("mark");
        var takePhoto = Nodes.button("Photo", "A photo of the find, to mark it on", this::photograph);
        takePhoto.setId("finding-photo");
        var form = Nodes.form(
                10,
                Nodes.field("What", kind),
                Nodes.field("Across", size),
                Nodes.field("How bad", severity),
                mark,
                takePhoto);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.setId("survey-wrong");
        shapes.setMinWidth(USE_PREF_SIZE);
        note.setPromptText("a word about it");
        note.setAccessibleText("Note");
        var drawing = Nodes.row(8, shapes, Nodes.grown(note));
        usual.setMinHeight(USE_PREF_SIZE);
        var left = Nodes.column(8, usual, drawing, table);
        VBox.setVgrow(table, Priority.ALWAYS);
        left.setMinWidth(0);
        var lower = Nodes.beside(left, Nodes.scroll(beside), 300);
        getChildren().addAll(form, wrong, lower);
    }

    @Override
    protected Node first() {
        return kind;
    }

    @Override
    protected void refresh() {
        if (!model.picked().map(Part::id).equals(lookedAt)) {
            lookedAt = model.picked().map(Part::id);
            photos.clear(); // they show the part before
            correcting = Optional.empty();
            onPhoto = Optional.empty();
            looking = Optional.empty();
            NamedFirst.withdraw(wrong);
            turnTo(shownPhoto().isPresent());
        } else if (isOnPhoto()) turnTo(true);
        felt.show(model.picked());
        showUsual();
        showShapes();
        beside.show(model.picked());
    }

    /** What is most often found on such a part: one tap marks it where the cross is, as bad as is chosen. */
    private void showUsual() {
        usual.getChildren()
                .setAll(model.picked().stream()
                        .flatMap(part -> UsualFindings.on(part.kind()).stream())
                        .map(this::tapped)
                        .toList());
    }

    private Button tapped(FindingKind one) {
        var button = Nodes.button(Words.capital(one.word()), "Mark this where the cross is", () -> {
            kind.setValue(one);
            mark();
        });
        button.getStyleClass().add("tool");
        button.setId("found-" + one.name().toLowerCase(Locale.ROOT));
        return button;
    }

    private void showShapes() {
        shapes.getChildren().clear();
        for (var one : PartFelt.Shape.values()) {
            var button = Nodes.button(
                    one.word(),
                    "Mark it as a %s on the outline".formatted(one.word().toLowerCase(Locale.ROOT)),
                    () -> {
                        shape = one;
                        felt.draw(one);
                        onPhoto = Optional.empty();
                        turnTo(false);
                    });
            button.setId("mark-" + one.word().toLowerCase(Locale.ROOT));
            if (one == shape) button.getStyleClass().add(Styles.CHIEF);
            shapes.getChildren().add(button);
        }
        if (shownPhoto().isEmpty()) return;
        var onIt = Nodes.button("On its photo", "Click on the photo where it is", () -> turnTo(!isOnPhoto()));
        onIt.setId("mark-on-photo");
        if (isOnPhoto()) onIt.getStyleClass().add(Styles.CHIEF);
        shapes.getChildren().add(onIt);
    }

    private void change(Finding finding) {
        correcting = Optional.of(finding);
        kind.setValue(finding.kind());
        severity.setValue(finding.severity());
        size.setText(Lengths.field(finding.sizeMm()));
        note.setText(finding.note());
        wrong.setText("Finding %d is put right by “Mark it”; it stays where it is unless another mark is drawn."
                .formatted(finding.number()));
        kind.requestFocus();
    }

    private void photograph() {
        model.picked().flatMap(model.photos()::take).ifPresent(taken -> {
            photos.add(taken);
            onPhoto = Optional.empty();
            turnTo(true);
        });
        wrong.setText("");
    }

    /** The photo on which the part is marked: the one just taken, else the newest that shows it. */
    private Optional<String> shownPhoto() {
        if (!photos.isEmpty()) return Optional.of(photos.getLast());
        if (looking.isPresent()) return Optional.of(looking.get().photos().getFirst());
        return model.picked()
                .flatMap(part -> Stream.of(
                                model.job().survey().on(part.id()).stream()
                                        .flatMap(finding -> finding.photos().stream()),
                                model.job().album().of(part.id()).stream().map(PartPhoto::photo))
                        .flatMap(all -> all)
                        .reduce((_, later) -> later));
    }

    private boolean isOnPhoto() {
        return table.getChildren().contains(photo);
    }

    /** Shows the part's photo with all that is marked on it, or the outline. */
    private void turnTo(boolean toPhoto) {
        var shows = toPhoto && shownPhoto().isPresent();
        if (shows) {
            var marks = new ArrayList<PhotoMark>();
            for (var finding : onThatPhoto(shownPhoto().get()))
                if (finding.mark() instanceof Mark.OnPhoto(var _, var share, var _))
                    marks.add(new PhotoMark.Numbered(share, finding.number()));
            onPhoto.map(LookLeaf::ring).ifPresent(marks::add);
            if (looking.isPresent() && looking.get().mark() instanceof Mark.OnPhoto(var _, var share, var _))
                marks.add(ring(share));
            photo.show(shownPhoto().get(), marks);
        }
        if (!shows) looking = Optional.empty();
        table.getChildren().setAll(shows ? photo : felt);
        showShapes();
    }

    private List<Finding> onThatPhoto(String hash) {
        return model.picked()
                .map(part -> model.job().survey().on(part.id()).stream()
                        .filter(finding ->
                                finding.mark() instanceof Mark.OnPhoto(var on, var _, var _) && on.equals(hash))
                        .toList())
                .orElse(List.of());
    }

    /** A logged find's photo, with all that is marked on it. */
    private void lookAt(Finding finding) {
        looking = Optional.of(finding);
        onPhoto = Optional.empty();
        turnTo(true);
    }

    /** A press on a number puts that find right, a drag moves it; anywhere else something new is marked. */
    private void stroke(Point from, Point to) {
        var hash = shownPhoto();
        if (hash.isEmpty()) return;
        var there = onThatPhoto(hash.get()).stream()
                .filter(finding ->
                        finding.mark() instanceof Mark.OnPhoto(var _, var share, var _) && share.to(from) < NEAR)
                .findFirst();
        if (there.isEmpty()) {
            onPhoto = Optional.of(to);
            turnTo(true);
        } else if (from.to(to) < NEAR / 2) change(there.get());
        else moved(there.get(), there.get().mark().movedOnPhoto(to));
    }

    private void moved(Finding finding, Mark to) {
        model.make(new AtSurvey(new FindingCorrected(finding.at(to))));
        if (isOnPhoto()) turnTo(true);
    }

    private static PhotoMark ring(Point at) {
        return new PhotoMark.Ring(at, 0.06);
    }

    private void mark() {
        var part = model.picked();
        if (part.isEmpty()) return;
        var mark = onPhoto.<Mark>map(at -> new Mark.OnPhoto(shownPhoto().orElseThrow(), at, felt.cross()))
                .orElseGet(felt::mark);
        if (correcting.isPresent() && onPhoto.isEmpty() && !felt.hasDrawn()) {
            correct(part.get(), correcting.get());
            return;
        }
        if (mark.sizeMm() > 0) {
            log(part.get(), mark, mark.sizeMm());
            return;
        }
        log(part.get(), mark);
    }

    /** The same mark, described otherwise; of a line or an area the size follows from the mark. */
    private void correct(Part part, Finding finding) {
        if (finding.mark().sizeMm() > 0)
            log(part, finding.mark(), finding.mark().sizeMm());
        else log(part, finding.mark());
    }

    /** As far across as is typed, else as is usual. */
    private void log(Part part, Mark mark) {
        size.mm()
                .filter(mm -> mm > 0)
                .ifPresentOrElse(
                        mm -> log(part, mark, mm), () -> wrong.setText("How far across is it? Type it as 30 mm."));
    }

    private void log(Part part, Mark mark, double sizeMm) {
        wrong.setText("");
        var old = correcting.filter(finding -> finding.part().equals(part.id()));
        if (photos.isEmpty() && mark instanceof Mark.OnPhoto(var hash, var _, var _)) photos.add(hash);
        if (photos.isEmpty()) old.ifPresent(finding -> photos.addAll(finding.photos()));
        var finding = new Finding(
                old.map(Finding::number).orElseGet(() -> model.job().survey().nextFinding()),
                part.id(),
                kind.getValue(),
                mark,
                sizeMm,
                severity.getValue(),
                note.getText().strip(),
                photos);
        var odd = LikelyFinding.odd(finding, part, model.job().survey());
        if (odd.isPresent() && !odd.equals(asked)) {
            asked = odd;
            wrong.setText(odd.get());
            return;
        }
        asked = Optional.empty();
        correcting = Optional.empty();
        if (!model.make(new AtSurvey(old.isPresent() ? new FindingCorrected(finding) : new FindingMade(finding))))
            return;
        felt.forget();
        onPhoto = Optional.empty();
        note.clear();
        photos.clear();
        turnTo(isOnPhoto());
    }
}
