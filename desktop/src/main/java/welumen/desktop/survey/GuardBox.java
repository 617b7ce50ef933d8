package welumen.desktop.survey;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.AtSurvey;
import welumen.survey.QualifiedAnswer;
import welumen.survey.SurveyChange.QualifiedAnswered;
import welumen.treatment.Deployment;

/** Why nothing may be sewn, glued, filled, coated or wrapped on the picked part, and who has answered. */
final class GuardBox {
    private final JobModel model;

    GuardBox(JobModel model) {
        this.model = model;
    }

    /** Adds itself where the part has to do with an airbag or a belt. */
    void showIn(VBox column, Part part) {
        var job = model.job();
        var why = Deployment.why(part, job.survey().on(part.id()), job.brief().hasAirbags());
        if (why.isEmpty()) return;
        var box = Nodes.column(6);
        box.getStyleClass().add(Styles.CARD);
        box.setId("guard");
        var answer = job.survey().answers().get(part.id());
        if (answer != null)
            box.getChildren()
                    .add(Nodes.label(
                            answer.mayBeWorked()
                                    ? "%s has said that it may be worked on.".formatted(answer.by())
                                    : "%s has said that it is not to be touched.".formatted(answer.by()),
                            Styles.STRONG));
        else
            box.getChildren()
                    .add(Nodes.label(
                            "Nothing is sewn, glued, filled, coated or wrapped here yet.",
                            Styles.STRONG,
                            Styles.DANGER));
        box.getChildren()
                .addAll(
                        Nodes.label(Words.capital(why.get()) + ".", Styles.SECOND),
                        Nodes.label(
                                "A cover that does not tear where it should kills. The maker's papers and local rules come first.",
                                Styles.NOTE));
        ask(box, part);
        column.getChildren().add(box);
    }

    private void ask(VBox box, Part part) {
        var by = new TextField();
        by.setId("qualified-by");
        by.setPromptText("name, and what they may decide");
        var wrong = Nodes.label("", Styles.DANGER);
        wrong.setId("guard-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var may = Nodes.button(
                "It may be worked on", "In the name of who has answered", () -> answered(part, by, true, wrong));
        may.setId("may-be-worked");
        var not = Nodes.button(
                "It is not to be touched", "In the name of who has answered", () -> answered(part, by, false, wrong));
        not.setId("not-to-be-touched");
        box.getChildren().addAll(Nodes.field("Who, qualified, has answered?", by), wrong, Nodes.row(8, may, not));
    }

    private void answered(Part part, TextField by, boolean mayBeWorked, Label wrong) {
        if (by.getText().isBlank()) {
            wrong.setText("Say who has answered, by name, and what they may decide.");
            by.requestFocus();
            return;
        }
        var answer = new QualifiedAnswer(by.getText().strip(), mayBeWorked);
        model.make(new AtSurvey(new QualifiedAnswered(part.id(), answer)));
    }
}
