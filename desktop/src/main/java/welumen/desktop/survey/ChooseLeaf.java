package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.intake.Standard;
import welumen.job.FinishedWork;
import welumen.job.JobChange.AtTreatment;
import welumen.treatment.Advice;
import welumen.treatment.Advice.Way;
import welumen.treatment.Candidate;
import welumen.treatment.TreatmentChange.PartStandardSaid;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.TreatmentChange.TreatmentDone;
import welumen.treatment.carrier.CarrierRepair;

/** The ways to go with the picked part, weighed: the best first, why, and what would turn it over. */
final class ChooseLeaf extends Leaf {
    private final VBox ways = new VBox(8);
    private final Scatter scatter = new Scatter();
    private final Label why = Nodes.label("");
    private final Label turns = Nodes.label("", Styles.SECOND);
    private final ComboBox<Standard> standard = new ComboBox<>();
    private boolean showsFolded;
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ChooseLeaf(JobModel model) {
        super(model);
        ways.setId("ways");
        standard.setId("part-standard");
        standard.getItems().setAll(Standard.values());
        WordCell.in(standard, Standard::word);
        standard.setMaxWidth(Double.MAX_VALUE);
        standard.valueProperty().subscribe(() -> {
            if (!filling) bringTo();
        });
        why.setId("why");
        turns.setId("turns");
        List.of(why, turns).forEach(label -> label.setMinHeight(USE_PREF_SIZE));
        var right = Nodes.column(10, Nodes.field("This part is brought to", standard), scatter, why, turns);
        VBox.setVgrow(scatter, Priority.ALWAYS);
        getChildren().add(Nodes.beside(Nodes.scroll(ways), right, 380).wide(400));
    }

    @Override
    protected void refresh() {
        ways.getChildren().clear();
        var part = model.picked();
        var advice = part.flatMap(one -> model.job().advice(one.id(), model.terms()));
        scatter.setVisible(advice.isPresent());
        filling = true;
        standard.setValue(standard().orElse(null));
        filling = false;
        standard.setDisable(part.isEmpty());
        why.setText("");
        turns.setText("");
        if (part.isEmpty() || advice.isEmpty()) {
            ways.getChildren()
                    .add(Nodes.label(
                            standard().isEmpty()
                                    ? "Nothing is agreed yet. Say at Intake to which standard the car is brought, or here to which this part is: it decides what is best."
                                    : "Nothing has been found on it yet: mark it on the first leaf.",
                            Styles.SECOND));
            return;
        }
        show(part.get(), advice.get());
    }

    private void bringTo() {
        model.picked()
                .ifPresent(part -> model.make(new AtTreatment(new PartStandardSaid(part.id(), standard.getValue()))));
    }

    private void show(Part part, Advice advice) {
        new GuardBox(model).showIn(ways, part);
        var against =
                model.job().choices().of(part.id()).flatMap(one -> model.terms().guards(part.id(), one.treatments()));
        if (against.isPresent())
            ways.getChildren()
                    .add(Nodes.label(
                            "Chosen, and not to be done so: "
                                    + model.job().choices().words(part.id()) + ".",
                            Styles.DANGER));
        var words = words();
        var numbered = new ArrayList<Candidate>();
        for (var way : advice.ways()) {
            numbered.add(way.candidate());
            ways.getChildren().add(card(part, way, numbered.size(), words));
        }
        if (!advice.folded().isEmpty())
            ways.getChildren()
                    .add(Nodes.button(
                            showsFolded
                                    ? "Fold away what is beaten in everything"
                                    : "%s beaten in everything"
                                            .formatted(
                                                    Words.many(advice.folded().size(), "more way")),
                            "Ways that another on this list beats in cost, finish, time, years, originality and risk",
                            () -> {
                                showsFolded = !showsFolded;
                                refresh();
                            }));
        if (showsFolded)
            for (var way : advice.folded()) {
                numbered.add(way.candidate());
                ways.getChildren().add(card(part, way, numbered.size(), words));
            }
        scatter.show(numbered, standard().map(Standard::finishWanted).orElseThrow(), words);
        why.setText(words.why(advice));
        turns.setText(words.turns(advice));
    }

    private Node card(Part part, Way way, int number, AdviceWords words) {
        var candidate = way.candidate();
        var chosen = model.job()
                .choices()
                .of(part.id())
                .filter(one -> one.treatments().equals(candidate.steps()))
                .isPresent();
        var told = Nodes.grown(Nodes.column(
                3,
                Nodes.label("%d  %s".formatted(number, Words.capital(candidate.word())), Styles.STRONG),
                Nodes.label(words.facts(candidate), Styles.MEASURE),
                Nodes.label(words.more(candidate), Styles.NOTE)));
        var below = standard()
                .filter(one -> candidate.finish().compareTo(one.finishWanted()) < 0)
                .isPresent();
        if (chosen)
            for (var finding : model.job().survey().on(part.id()))
                CarrierRepair.of(part, finding)
                        .ifPresent(recipe -> told.getChildren()
                                .add(Nodes.label(
                                        "%s: %s"
                                                .formatted(
                                                        Words.capital(
                                                                finding.kind().word()),
                                                        recipe.said()),
                                        Styles.SECOND)));
        if (below) told.getChildren().add(Nodes.label("below what the standard wants", Styles.DANGER));
        told.setMinWidth(0);
        var card = Nodes.row(8, told, action(part, candidate, chosen));
        card.setAlignment(Pos.CENTER_LEFT);
        card.getStyleClass().add(Styles.CARD);
        card.pseudoClassStateChanged(Styles.PICKED, chosen);
        card.setId("way-" + number);
        return card;
    }

    private Node action(Part part, Candidate way, boolean chosen) {
        if (chosen && model.job().choices().isDone(part.id())) return Nodes.whole("Done", Styles.STRONG);
        var button = chosen
                ? Nodes.chief(
                        "It is done",
                        "Log that this has been done",
                        () -> model.make(FinishedWork.log(
                                new AtTreatment(new TreatmentDone(part.id())),
                                part.id(),
                                model.job(),
                                model.person(),
                                model.nowProperty().get())))
                : Nodes.button(
                        "Choose",
                        "Choose this for the part; a plan for the whole job keeps to it",
                        () -> model.make(new AtTreatment(new TreatmentChosen(part.id(), way.steps(), "", true))));
        button.setId("%s-%s"
                .formatted(
                        chosen ? "done" : "choose",
                        way.steps().getFirst().name().toLowerCase()));
        return button;
    }

    private Optional<Standard> standard() {
        return model.picked().flatMap(part -> model.job().standardOf(part.id()));
    }

    private AdviceWords words() {
        return new AdviceWords(model.currencySign());
    }
}
