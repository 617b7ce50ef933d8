package welumen.desktop.intake;

import java.time.temporal.ChronoUnit;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.FoundLeaf;
import welumen.desktop.stage.LeafStack;
import welumen.desktop.stage.LeafStack.Layer;
import welumen.desktop.stage.Leaves;
import welumen.desktop.stage.StagePane;
import welumen.desktop.stage.Tab;
import welumen.intake.Intake;

/** What is known before anything comes off: the car and what is agreed, its parts, wishes, ways, evidence, finds, questions. */
public final class IntakeView extends StagePane {
    private final Leaves leaves;

    public IntakeView(JobModel model) {
        super(model);
        leaves = leaves(
                new Tab("The car", CarSection::new),
                new Tab("Its parts", PartsSection::new),
                new Tab("Asked", IntakeView::asked).wants(IntakeView::wanting),
                new Tab("Found", FoundLeaf::new),
                new Tab("House ways", WaysSection::new),
                new Tab("From before", GuessesSection::new)
                        .suitsWhere(of -> !of.job().doubts().open().isEmpty())
                        .wants(of -> of.job().doubts().open().size()));
        getChildren().add(leaves);
    }

    private static LeafStack asked(JobModel model) {
        return new LeafStack(
                model,
                new Layer("Wishes, and what is to be looked for", new WishesSection(model)),
                new Layer("What the customer is to agree to", new QuestionsSection(model)),
                new Layer("Held against a reference", new LikenessSection(model)));
    }

    /** How many things that were asked want an answer. */
    private static int wanting(JobModel model) {
        return WishesSection.wanting(model)
                + model.job().brief().openApprovals().size()
                + LikenessSection.wanting(model);
    }

    @Override
    protected void refresh() {
        answer();
        leaves.refresh();
    }

    @Override
    protected void answer() {
        var file = model.openedProperty().get();
        switch (model.job().intake()) {
            case Intake.TakenIn taken -> say(taken);
            case Intake.Brought _ ->
                headline.say(file.title(), "It is here; nothing is agreed yet.", parts() + " " + guesses());
            case Intake.Awaited _ ->
                headline.say(
                        file.title(),
                        "This car has not been taken in yet.",
                        file.note() + " Type what it is and what is agreed, then “Agree”.");
        }
    }

    private String parts() {
        var parts = model.job().cabin().parts().size();
        return parts == 0
                ? "Its parts are not listed yet: turn to “Its parts”."
                : "%d parts are listed, as its body usually has them.".formatted(parts);
    }

    private String guesses() {
        var open = model.job().doubts().open();
        return open.isEmpty()
                ? "Type the budget and the date, then Enter."
                : "%d things are guessed from the %s: see “From before”."
                        .formatted(open.size(), open.getFirst().from());
    }

    private void say(Intake.TakenIn taken) {
        var agreement = taken.agreement();
        var days = ChronoUnit.DAYS.between(model.today(), agreement.due());
        headline.say(
                taken.car().year() + " " + taken.car().name(),
                "%s, for %s, by %s."
                        .formatted(
                                agreement.standard().word(), agreement.budget().print(), Words.day(agreement.due())),
                (days >= 0
                                ? "%s left. ".formatted(Words.many((int) days, "day"))
                                : "It was due %s ago. ".formatted(Words.many((int) -days, "day")))
                        + waiting());
    }

    private String unasked() {
        var left = wanting(model);
        return left == 0
                ? "The customer has answered everything that was asked."
                : "%s to be looked for or held against a reference: see “Asked”.".formatted(Words.many(left, "thing"));
    }

    private String waiting() {
        var open = model.job().brief().openApprovals();
        return open.isEmpty()
                ? unasked()
                : "The customer has still to say: %s".formatted(open.getFirst().question());
    }
}
