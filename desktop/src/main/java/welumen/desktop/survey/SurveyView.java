package welumen.desktop.survey;

import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.CautionCard;
import welumen.desktop.stage.StagePane;
import welumen.job.JobChange.AtSurvey;
import welumen.job.WorkStage;
import welumen.measure.Length;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.survey.Finding;
import welumen.survey.FindingKind;
import welumen.survey.FittingTreatments;
import welumen.survey.Severity;
import welumen.survey.SurveyChange.FindingMade;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.SurveyChange.TreatmentChosen;
import welumen.survey.SurveyChange.TreatmentDone;
import welumen.survey.Treatment;

/** Marks what is found on a part at its place on the outline, and chooses what to do with it. */
public final class SurveyView extends StagePane {
    private final PartFelt felt;
    private final ComboBox<FindingKind> kind = new ComboBox<>();
    private final ComboBox<Severity> severity = new ComboBox<>();
    private final TextField size = new TextField("30 mm");
    private final TextField note = new TextField();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final VBox treatments = new VBox(8);
    private final CautionCard cautions;

    public SurveyView(JobModel model) {
        super(model);
        felt = new PartFelt(model);
        cautions = new CautionCard(model, WorkStage.SURVEY);
        cautions.listenIn(this);
        kind.getItems().setAll(FindingKind.values());
        kind.setValue(FindingKind.SCUFF);
        WordCell.in(kind, FindingKind::word);
        severity.getItems().setAll(Severity.values());
        severity.setValue(Severity.PLAIN);
        WordCell.in(severity, Severity::word);
        kind.setId("kind");
        size.setId("size");
        size.setPrefColumnCount(7);
        size.setMinWidth(90);
        note.setId("finding-note");
        note.setOnAction(_ -> mark());
        size.setOnAction(_ -> mark());
        kind.setMinWidth(170);
        severity.setMinWidth(130);
        var mark = Nodes.chief("Mark it", "Log what was found, at the cross on the outline (Enter)", this::mark);
        mark.setId("mark");
        var form = Nodes.row(
                10,
                Nodes.field("What", kind),
                Nodes.field("Across", size),
                Nodes.field("How bad", severity),
                Nodes.grown(Nodes.field("Note", note)),
                Nodes.column(4, Nodes.whole(" ", Styles.HEADING), mark));
        var lower = new HBox(24, felt, right());
        HBox.setHgrow(felt, Priority.ALWAYS);
        VBox.setVgrow(lower, Priority.ALWAYS);
        lower.setMinHeight(0);
        getChildren().addAll(cautions, form, wrong, lower);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
    }

    private VBox right() {
        var right = Nodes.column(8, Nodes.whole("What can be done", Styles.HEADING), Nodes.scroll(treatments));
        right.setMinWidth(360);
        right.setMaxWidth(360);
        return right;
    }

    @Override
    public Node first() {
        return kind;
    }

    @Override
    protected void refresh() {
        var part = model.picked();
        felt.show(part);
        cautions.refresh();
        treatments.getChildren().clear();
        if (part.isEmpty()) {
            headline.say("", "Pick a part in the cabin to look at it.", "");
            return;
        }
        say(part.get());
        showHold(part.get());
        for (var treatment : FittingTreatments.of(
                part.get(), model.job().survey().on(part.get().id())))
            treatments.getChildren().add(card(part.get(), treatment));
        if (treatments.getChildren().isEmpty())
            treatments
                    .getChildren()
                    .add(Nodes.label("Mark what you find, and what answers it stands here.", Styles.SECOND));
    }

    private void say(Part part) {
        var findings = model.job().survey().on(part.id());
        var chosen = model.job().survey().chosenFor(part.id());
        var hold = model.job().holds().get(part.id());
        var answer = hold != null
                ? "Held: %s.".formatted(hold.replaceFirst("[?.]$", ""))
                : findings.isEmpty()
                        ? "Nothing has been found on it yet."
                        : chosen.map(treatment -> "%s, %s."
                                        .formatted(
                                                Words.capital(treatment.word()),
                                                Words.hours(treatment.hours().likely())))
                                .orElse("%s found; nothing chosen yet."
                                        .formatted(Words.capital(
                                                findings.size() == 1
                                                        ? "one thing"
                                                        : Words.count(findings.size())
                                                                        .toLowerCase() + " things")));
        headline.say(
                part.title(),
                answer,
                findings.isEmpty()
                        ? "Click its outline, or move the cross with the arrow keys, and mark what you see."
                        : "%s. It is %s."
                                .formatted(
                                        part.material().isEmpty()
                                                ? "Material not noted"
                                                : Words.capital(part.material()),
                                        part.supply().word()));
    }

    private void showHold(Part part) {
        if (!model.job().survey().isHeld(part.id())) return;
        var by = new TextField();
        by.setId("seen-by");
        by.setPromptText("name, and what they may decide");
        by.setOnAction(_ -> letGo(part, by));
        var box = Nodes.column(
                6,
                Nodes.label("Held: " + model.job().survey().holds().get(part.id()), Styles.STRONG, Styles.DANGER),
                Nodes.label(
                        "Nothing may cover it until somebody qualified has seen to it; local rules come first.",
                        Styles.NOTE),
                Nodes.field("Who has seen to it?", by),
                Nodes.button("Let it go", "Lift the hold, in the name of who has seen to it", () -> letGo(part, by)));
        box.getStyleClass().add(Styles.CARD);
        treatments.getChildren().add(box);
    }

    /** A hold is let go in somebody's name, never in nobody's. */
    private void letGo(Part part, TextField by) {
        if (by.getText().isBlank()) {
            wrong.setText("Say who has seen to it: a hold is not let go in nobody's name.");
            by.requestFocus();
            return;
        }
        wrong.setText("");
        model.make(new AtSurvey(new HoldLifted(part.id(), by.getText().strip())));
    }

    private Node card(Part part, Treatment treatment) {
        var hours = treatment.hours();
        var answers = FittingTreatments.answers(treatment, model.job().survey().on(part.id()));
        var chosen = model.job()
                .survey()
                .chosenFor(part.id())
                .filter(treatment::equals)
                .isPresent();
        var done = chosen && model.job().survey().done().contains(part.id());
        var facts = "%s–%s–%s · leaves %s · lasts %d years"
                .formatted(
                        number(hours.low()),
                        number(hours.likely()),
                        Words.hours(hours.high()),
                        treatment.leaves(),
                        treatment.lastsYears());
        var more = "answers %d of %d · keeps %.0f %% original · fails %.0f %%"
                .formatted(
                        answers,
                        model.job().survey().on(part.id()).size(),
                        100 * treatment.originality(),
                        100 * treatment.fails());
        var words = Nodes.column(
                3,
                Nodes.label(Words.capital(treatment.word()), Styles.STRONG),
                Nodes.label(facts, Styles.MEASURE),
                Nodes.label(more, Styles.NOTE, Styles.MEASURE));
        HBox.setHgrow(words, Priority.ALWAYS);
        var card = Nodes.row(
                8, words, chosen && done ? Nodes.whole("Done", Styles.STRONG) : action(part.id(), treatment, chosen));
        card.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        card.getStyleClass().add(Styles.CARD);
        card.pseudoClassStateChanged(Styles.PICKED, chosen);
        return card;
    }

    private Node action(PartId part, Treatment treatment, boolean chosen) {
        return chosen
                ? Nodes.chief(
                        "It is done",
                        "Log that this has been done",
                        () -> model.make(new AtSurvey(new TreatmentDone(part))))
                : Nodes.button(
                        "Choose",
                        "Choose this for the part",
                        () -> model.make(new AtSurvey(new TreatmentChosen(part, treatment, ""))));
    }

    private static String number(double hours) {
        return Words.hours(hours).replace(" h", "");
    }

    private void mark() {
        var part = model.picked();
        if (part.isEmpty()) return;
        switch (Length.parse(size.getText())) {
            case Refused<Length>(var why) -> wrong.setText(why);
            case Understood<Length>(var length)
            when length.mm() <= 0 -> wrong.setText("How far across is it? Type it as 30 mm.");
            case Understood<Length>(var length) -> {
                wrong.setText("");
                var finding = new Finding(
                        model.job().survey().nextFinding(),
                        part.get().id(),
                        kind.getValue(),
                        felt.place(),
                        length.mm(),
                        severity.getValue(),
                        note.getText().strip());
                if (model.make(new AtSurvey(new FindingMade(finding)))) note.clear();
            }
        }
    }
}
