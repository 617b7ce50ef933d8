package welumen.desktop.intake;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartNames;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.NamedFirst;
import welumen.intake.Approval;
import welumen.intake.Approval.Answer;
import welumen.intake.IntakeChange.ApprovalAnswered;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.IntakeChange.ApprovalReworded;
import welumen.intake.IntakeChange.ApprovalWithdrawn;
import welumen.job.JobChange.AtIntake;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What the customer must agree to. An open question holds its parts everywhere until it is answered. */
final class QuestionsSection extends Leaf {
    private final TextField question = new TextField();
    private final TextField version = new TextField();
    private final TextField holds = new TextField();
    private int replaces;
    private Optional<Approval> rewording = Optional.empty();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final VBox questions = new VBox(10);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    QuestionsSection(JobModel model) {
        super(model);
        question.setId("question");
        question.setPromptText("What must the customer agree to?");
        question.setOnAction(_ -> version.requestFocus());
        version.setId("question-version");
        version.setPromptText("sample 4, thread 11");
        version.setOnAction(_ -> holds.requestFocus());
        holds.setId("question-holds");
        holds.setOnAction(_ -> ask());
        var ask = Nodes.chief("Ask", "Asked today; its parts are held until the answer (Enter)", this::ask);
        ask.setId("ask");
        var row = Nodes.form(
                12,
                Nodes.grown(Nodes.field("Question", question)),
                Nodes.field("Sample or drawing", version),
                Nodes.grown(Nodes.field("Holds these parts, with commas between", holds)),
                ask);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        getChildren().addAll(row, wrong, Nodes.scroll(questions));
    }

    @Override
    protected Node first() {
        return question;
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        if (replaces == 0 && rewording.isEmpty())
            holds.setText(model.picked().map(Part::name).orElse(""));
        questions
                .getChildren()
                .setAll(model.job().brief().approvals().reversed().stream()
                        .sorted(Comparator.comparing((Approval approval) -> !approval.isOpen()))
                        .map(this::card)
                        .toList());
        if (questions.getChildren().isEmpty())
            questions.getChildren().add(Nodes.label("Nothing has been asked yet.", Styles.SECOND));
    }

    private Node card(Approval approval) {
        var about = approval.holds().stream()
                .map(part -> model.job().cabin().findOne(part).map(Part::name).orElse(part.value()))
                .collect(Collectors.joining(", "));
        var words = Nodes.column(
                3,
                Nodes.label(Words.capital(approval.question()), Styles.STRONG),
                Nodes.label(
                        "Asked %s%s%s"
                                .formatted(
                                        Words.day(approval.asked()),
                                        about.isEmpty() ? "" : " · " + about,
                                        approval.version().isEmpty() ? "" : " · " + approval.version()),
                        Styles.SECOND));
        if (approval.replaces() > 0) words.getChildren().add(Nodes.label(difference(approval)));
        var card = Nodes.row(14, Nodes.grown(words));
        switch (approval.answer()) {
            case Answer.Given(var agreed, var said, var on) -> {
                words.getChildren()
                        .add(Nodes.label("%s, %s%s"
                                .formatted(agreed ? "Yes" : "No", Words.day(on), said.isEmpty() ? "" : ": " + said)));
                model.job()
                        .brief()
                        .replacementOf(approval.number())
                        .ifPresentOrElse(
                                later -> words.getChildren()
                                        .add(Nodes.label("No longer holds: asked anew.", Styles.DANGER)),
                                () -> card.getChildren().add(again(approval)));
            }
            case Answer.Awaited() -> {
                var said = new TextField();
                said.setPromptText("in the customer's words");
                said.setId("said-" + approval.number());
                said.setAccessibleText("What the customer said of: " + approval.question());
                said.setOnAction(_ -> answer(approval, true, said));
                card.getChildren().addAll(said, button(approval, true, said), button(approval, false, said));
                words.getChildren().add(Nodes.row(8, change(approval), withdraw(approval)));
            }
        }
        card.setAlignment(Pos.CENTER_LEFT);
        card.getStyleClass().add(Styles.CARD);
        return card;
    }

    /** What was agreed, and what is asked in its place. */
    private String difference(Approval approval) {
        var asked = model.job().brief().approvals().stream()
                .filter(one -> one.number() == approval.replaces())
                .findFirst();
        if (asked.isEmpty()) return "";
        var before = asked.get();
        return before.version().equals(approval.version())
                ? "In place of what was agreed %s.".formatted(Words.day(before.asked()))
                : "Was “%s”, now “%s”: what was cut or made by the first is to be looked at again."
                        .formatted(
                                before.version().isEmpty() ? before.question() : before.version(),
                                approval.version().isEmpty() ? approval.question() : approval.version());
    }

    private Node change(Approval approval) {
        var change = Nodes.button("Change", "Ask it in other words, or hold other parts", () -> {
            rewording = Optional.of(approval);
            replaces = approval.replaces();
            show(approval);
            question.requestFocus();
        });
        change.setId("change-question-" + approval.number());
        return change;
    }

    /** The parts that it holds are named first: they go on. */
    private Node withdraw(Approval approval) {
        var withdraw = Nodes.button("Ask no more", "Nobody need answer it; its parts are held no longer", () -> {
            var held = approval.holds().stream()
                    .map(part -> "the hold on the "
                            + model.job().cabin().findOne(part).map(Part::name).orElse(part.value()))
                    .toList();
            NamedFirst.unless(wrong, held, () -> model.make(new AtIntake(new ApprovalWithdrawn(approval.number()))));
        });
        withdraw.setId("withdraw-question-" + approval.number());
        return withdraw;
    }

    private void show(Approval approval) {
        question.setText(approval.question());
        version.setText(approval.version());
        holds.setText(approval.holds().stream()
                .map(part -> model.job().cabin().findOne(part).map(Part::name).orElse(part.value()))
                .collect(Collectors.joining(", ")));
    }

    private Node again(Approval approval) {
        var again = Nodes.button("Ask anew", "Something has changed: the answer no longer holds", () -> {
            replaces = approval.number();
            rewording = Optional.empty();
            show(approval);
            version.requestFocus();
        });
        again.setId("again-" + approval.number());
        return again;
    }

    private Node button(Approval approval, boolean agreed, TextField said) {
        var button = Nodes.button(
                agreed ? "Agreed" : "Refused", "Log the customer's answer", () -> answer(approval, agreed, said));
        button.setId("%s-%d".formatted(agreed ? "agreed" : "refused", approval.number()));
        return button;
    }

    private void answer(Approval approval, boolean agreed, TextField said) {
        model.make(new AtIntake(new ApprovalAnswered(
                approval.number(), new Answer.Given(agreed, said.getText().strip(), model.today()))));
    }

    private void ask() {
        if (question.getText().isBlank()) {
            question.requestFocus();
            return;
        }
        switch (PartNames.readAll(model.job().cabin(), holds.getText())) {
            case Refused<List<PartId>>(var why) -> {
                wrong.setText(why);
                holds.requestFocus();
            }
            case Understood<List<PartId>>(var parts) -> ask(parts);
        }
    }

    private void ask(List<PartId> parts) {
        var old = rewording;
        var approval = new Approval(
                old.map(Approval::number).orElseGet(() -> model.job().brief().nextApproval()),
                question.getText().strip(),
                version.getText().strip(),
                replaces,
                parts,
                old.map(Approval::asked).orElseGet(model::today),
                new Answer.Awaited());
        if (!model.make(new AtIntake(old.isPresent() ? new ApprovalReworded(approval) : new ApprovalAsked(approval))))
            return;
        rewording = Optional.empty();
        replaces = 0;
        question.clear();
        version.clear();
    }
}
