package welumen.desktop.survey;

import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.diary.OpenTasks;
import welumen.diary.task.Task;
import welumen.job.JobChange.AtSurvey;
import welumen.survey.SurveyChange.CauseCured;
import welumen.survey.SurveyChange.HoldLifted;
import welumen.survey.UsualCauses;

/** Why the picked part is held, what that stops, what can go on meanwhile, and who may let it go. */
final class HoldBox {
    private static final int FEW = 3;

    private final JobModel model;

    HoldBox(JobModel model) {
        this.model = model;
    }

    /** Adds itself where the part is held by what was found. */
    void showIn(VBox column, Part part) {
        if (!model.job().survey().isHeld(part.id())) return;
        var by = new TextField();
        by.setId("seen-by");
        by.setPromptText("name, and what they may decide");
        var wrong = Nodes.label("", Styles.DANGER);
        wrong.setId("hold-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        by.setOnAction(_ -> letGo(part, by, wrong));
        var box = Nodes.column(
                6,
                Nodes.label("Held: " + model.job().survey().holds().get(part.id()), Styles.STRONG, Styles.DANGER),
                Nodes.label(stops(part.id())),
                reopening(part.id()),
                Nodes.label(meanwhile(part.id()), Styles.SECOND),
                Nodes.label(
                        "Nothing may cover it until somebody qualified has seen to it; local rules come first.",
                        Styles.NOTE),
                Nodes.field("Who has seen to it?", by),
                wrong,
                Nodes.button(
                        "Let it go", "Lift the hold, in the name of who has seen to it", () -> letGo(part, by, wrong)));
        box.getStyleClass().add(Styles.CARD);
        column.getChildren().add(box);
    }

    /** A symptom waits for its cause: how it is looked for, and the word that it is cured. */
    void showCauseIn(VBox column, Part part) {
        var symptom = model.job().survey().openCause(part.id());
        if (symptom.isEmpty()) return;
        var cause = new TextField();
        cause.setId("cause");
        cause.setPromptText("where it came from, and how it was tried since");
        cause.setOnAction(_ -> {
            if (!cause.getText().isBlank())
                model.make(
                        new AtSurvey(new CauseCured(part.id(), cause.getText().strip())));
        });
        var box = Nodes.column(
                5,
                Nodes.label(Words.capital(symptom.get().whence()) + " is not found", Styles.STRONG, Styles.DANGER),
                Nodes.label("Under new trim it comes again. Look, and try:"));
        for (var usual : UsualCauses.of(symptom.get())) box.getChildren().add(Nodes.label("· " + usual, Styles.NOTE));
        box.getChildren().addAll(Nodes.label(stops(part.id())), Nodes.field("Found and cured", cause));
        box.getStyleClass().add(Styles.CARD);
        column.getChildren().add(box);
    }

    private String stops(PartId part) {
        var stopped = model.signOff().stoppedBy(part);
        return stopped.isEmpty()
                ? "It stops nothing that is out now."
                : "It stops the " + stopped.stream().map(this::name).collect(Collectors.joining(", the ")) + ".";
    }

    /** What is in the car over it, in the order in which it comes off again. */
    private Node reopening(PartId held) {
        var box = Nodes.column(3);
        box.setId("reopening");
        model.job().reopening(held).ifPresent(again -> {
            box.getChildren()
                    .add(Nodes.label(
                            "To get at it, %s off: %s, and %s to put back."
                                    .formatted(
                                            Words.many(again.lines().size(), "part"),
                                            Words.about(again.off()),
                                            Words.about(again.back())),
                            Styles.STRONG));
            for (var line : again.lines())
                box.getChildren()
                        .add(Nodes.label(
                                line.lost().isEmpty()
                                        ? "· the " + name(line.part())
                                        : "· the %s; lost with it: %s"
                                                .formatted(name(line.part()), String.join(", ", line.lost())),
                                Styles.NOTE));
        });
        box.setManaged(!box.getChildren().isEmpty());
        return box;
    }

    private String meanwhile(PartId held) {
        var open = OpenTasks.of(model.standing()).stream()
                .filter(Task::canBegin)
                .filter(task -> !task.part().equals(Optional.of(held)))
                .limit(FEW)
                .map(Task::said)
                .toList();
        return open.isEmpty() ? "Nothing else can go on." : "Meanwhile: " + String.join("; ", open) + ".";
    }

    private String name(PartId part) {
        return model.job().cabin().one(part).name();
    }

    /** A hold is let go in somebody's name, never in nobody's. */
    private void letGo(Part part, TextField by, Label wrong) {
        if (by.getText().isBlank()) {
            wrong.setText("Say who has seen to it: a hold is not let go in nobody's name.");
            by.requestFocus();
            return;
        }
        model.make(new AtSurvey(new HoldLifted(part.id(), by.getText().strip())));
    }
}
