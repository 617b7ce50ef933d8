package welumen.desktop.intake;

import java.util.ArrayList;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;

/** How this job is worked: precautions, and how each question is answered on which good trimmers differ. */
final class WaysSection extends Leaf {
    private static final double WIDE = 262;

    private final FlowPane precautions = new FlowPane(8, 8);
    private final FlowPane questions = new FlowPane(14, 12);
    private final Label answered = Nodes.label("", Styles.SECOND);
    private final Node asBefore;
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    WaysSection(JobModel model) {
        super(model, "House ways");
        var button = Nodes.button(
                "As in the job before", "Answer what is open as the last job did", this::takeFromJobBefore);
        button.setId("ways-as-before");
        asBefore = button;
        asBefore.managedProperty().bind(asBefore.visibleProperty());
        answered.setId("ways-answered");
        getChildren()
                .addAll(
                        Nodes.whole("Precautions", Styles.HEADING),
                        precautions,
                        Nodes.whole("Where good trimmers differ", Styles.HEADING),
                        Nodes.row(14, Nodes.grown(answered), asBefore),
                        questions);
    }

    @Override
    protected Node first() {
        return precautions.getChildren().getFirst();
    }

    @Override
    protected void refresh() {
        precautions
                .getChildren()
                .setAll(Stream.of(HouseWay.values()).map(this::precaution).toList());
        filling = true;
        questions
                .getChildren()
                .setAll(Stream.of(Question.values()).map(this::question).toList());
        filling = false;
        var schools = model.job().brief().schools();
        answered.setText(
                schools.isEmpty()
                        ? "None is answered: the usual figures hold. What each changes stands at Survey, leaf “Two ways”."
                        : "%d of %d answered; the rest is reckoned as usual. What each changes stands at Survey, leaf “Two ways”."
                                .formatted(schools.size(), Question.values().length));
        asBefore.setVisible(model.others().ways().keySet().stream().anyMatch(asked -> !schools.containsKey(asked)));
    }

    private Node precaution(HouseWay way) {
        var taken = model.job().brief().ways().contains(way);
        var button = Nodes.button(
                way.word(), way.meaning(), () -> model.make(new AtIntake(new HouseWayChosen(way, !taken))));
        button.setId("way-" + way.name().toLowerCase(Locale.ROOT));
        if (taken) button.getStyleClass().add(Styles.CHIEF);
        return button;
    }

    private Node question(Question question) {
        var box = new ComboBox<Optional<School>>();
        box.setId("question-" + question.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        WordCell.in(box, school -> school.map(School::word).orElse("left open"));
        box.getItems().add(Optional.empty());
        School.of(question).forEach(school -> box.getItems().add(Optional.of(school)));
        box.setValue(Optional.ofNullable(model.job().brief().schools().get(question)));
        box.setPrefWidth(WIDE);
        box.valueProperty().subscribe(school -> {
            if (!filling) answer(question, school);
        });
        return Nodes.field(question.word(), box);
    }

    private void answer(Question question, Optional<School> school) {
        model.make(new AtIntake(school.isPresent() ? new SchoolChosen(school.get()) : new QuestionLeftOpen(question)));
    }

    private void takeFromJobBefore() {
        var changes = new ArrayList<JobChange>();
        model.others().ways().entrySet().stream()
                .filter(way -> !model.job().brief().schools().containsKey(way.getKey()))
                .sorted(Map.Entry.comparingByKey())
                .forEach(way -> changes.add(new AtIntake(new SchoolChosen(way.getValue()))));
        model.makeTogether(changes);
    }
}
