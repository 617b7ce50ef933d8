package welumen.desktop.intake;

import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.intake.Intake;

/** What is known before anything comes off: the car and what is agreed, its parts, wishes, evidence, finds, questions. */
public final class IntakeView extends StagePane {
    private final List<Section> sections;
    private final FlowPane leaves = new FlowPane(8, 8);
    private final StackPane middle = new StackPane();
    private Section open;

    public IntakeView(JobModel model) {
        super(model);
        sections = List.of(
                new CarSection(model),
                new PartsSection(model),
                new WishesSection(model),
                new EvidenceSection(model),
                new FoundSection(model),
                new QuestionsSection(model));
        open = sections.getFirst();
        VBox.setVgrow(middle, Priority.ALWAYS);
        middle.setMinHeight(0);
        middle.setAlignment(javafx.geometry.Pos.TOP_LEFT);
        middle.getChildren().setAll(open);
        getChildren().addAll(leaves, middle);
    }

    @Override
    public Node first() {
        return open.first();
    }

    @Override
    protected void refresh() {
        answer();
        showLeaves();
        open.refresh();
    }

    @Override
    protected void answer() {
        if (model.job().intake() instanceof Intake.TakenIn taken) say(taken);
        else
            headline.say(
                    model.openedProperty().get().title(),
                    "This car has not been taken in yet.",
                    model.openedProperty().get().note() + " Type what is agreed, then “Agree”.");
    }

    private void say(Intake.TakenIn taken) {
        var agreement = taken.agreement();
        var days = ChronoUnit.DAYS.between(model.today(), agreement.due());
        headline.say(
                taken.car().year() + " " + taken.car().name(),
                "%s, for %s, by %s."
                        .formatted(
                                agreement.standard().word(), agreement.budget().print(), Words.day(agreement.due())),
                (days >= 0 ? "%d days are left. ".formatted(days) : "It was due %d days ago. ".formatted(-days))
                        + waiting());
    }

    private String waiting() {
        var open = model.job().brief().openApprovals();
        return open.isEmpty()
                ? "The customer has answered everything that was asked."
                : "The customer has still to say: %s".formatted(open.getFirst().question());
    }

    private void showLeaves() {
        leaves.getChildren().clear();
        for (var section : sections) {
            var wanting = section.wanting();
            var leaf = Nodes.button(
                    section.word() + (wanting == 0 ? "" : " · " + wanting),
                    "Turn to this leaf (Ctrl+PageDown and PageUp turn on and back)",
                    () -> turnTo(section));
            leaf.getStyleClass().add("leaf");
            leaf.setId("leaf-" + section.word().toLowerCase(Locale.ROOT).replace(' ', '-'));
            leaf.pseudoClassStateChanged(Styles.PICKED, section == open);
            leaves.getChildren().add(leaf);
        }
    }

    @Override
    public void turnLeaf(int by) {
        turnTo(sections.get(Math.floorMod(sections.indexOf(open) + by, sections.size())));
    }

    private void turnTo(Section section) {
        open = section;
        middle.getChildren().setAll(open);
        refresh();
        open.first().requestFocus();
    }
}
