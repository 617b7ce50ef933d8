package welumen.desktop.survey;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.Agreement;
import welumen.intake.Intake;
import welumen.intake.IntakeChange.ApprovalAsked;
import welumen.intake.Standard;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtTreatment;
import welumen.measure.Money;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.treatment.TreatmentChange.TreatmentChosen;
import welumen.treatment.whole.TradeCurve;
import welumen.treatment.whole.WholePlan;

/** One way for every part at once: the best set, what it does not keep, what other budgets and standards would buy. */
final class WholeLeaf extends Leaf {
    private final TextField budget = new TextField();
    private final ComboBox<Standard> standard = new ComboBox<>();
    private final Label changed = Nodes.label("", Styles.SECOND);
    private final Label next = Nodes.label("");
    private final VBox broken = new VBox(4);
    private final VBox chosen = new VBox(6);
    private final TradeFelt trade = new TradeFelt();
    private final Button take;
    private final Planning planning;
    private @Nullable Agreement tried;
    private @Nullable Agreement agreed;
    private @Nullable WholePlan plan;
    private @Nullable WholePlan before;
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    WholeLeaf(JobModel model) {
        super(model, Reads.ALL);
        planning = new Planning(model.background(), this::planned, this::curve, this::week, this::failed);
        budget.setId("try-budget");
        budget.setPrefColumnCount(8);
        budget.setOnAction(_ -> tryOther());
        standard.setId("try-standard");
        standard.getItems().setAll(Standard.values());
        WordCell.in(standard, Standard::word);
        standard.setMinWidth(210);
        standard.valueProperty().subscribe(() -> {
            if (!filling) tryOther();
        });
        answer.setId("plan-answer");
        changed.setId("plan-changed");
        next.setId("plan-next");
        broken.setId("plan-broken");
        chosen.setId("plan-chosen");
        take = Nodes.chief("Take this plan", "Choose these for all parts; what you chose yourself stays", this::take);
        take.setId("take-plan");
        var ask = Nodes.button(
                "Ask the customer",
                "Print the sheet of all that is chosen, and hold its parts for the answer",
                this::askCustomer);
        ask.setId("ask-customer");
        var row = Nodes.form(
                14, Nodes.field("With a budget of", budget), Nodes.field("To the standard", standard), take, ask);
        List.of(changed, next).forEach(label -> label.setMinHeight(USE_PREF_SIZE));
        changed.managedProperty().bind(changed.textProperty().isNotEmpty());
        var under = Nodes.scroll(broken);
        under.setMinHeight(110);
        under.setMaxHeight(150);
        var right = Nodes.column(8, trade, next, under);
        VBox.setVgrow(trade, Priority.ALWAYS);
        var lower = Nodes.beside(Nodes.scroll(chosen), right, 360).wide(440);
        getChildren().addAll(row, changed, lower);
    }

    @Override
    protected void closed() {
        planning.stop();
        getStyleClass().remove(Styles.WORKING);
    }

    @Override
    protected Node first() {
        return budget;
    }

    @Override
    protected void refresh() {
        if (!(model.job().intake() instanceof Intake.TakenIn taken)) {
            answer.setText("Agree on standard, budget and date at Intake first.");
            take.setDisable(true);
            return;
        }
        if (!taken.agreement().equals(agreed)) {
            agreed = taken.agreement();
            tried = agreed;
            fill(agreed);
        }
        ask();
    }

    private void fill(Agreement agreement) {
        filling = true;
        budget.setText(agreement.budget().print());
        standard.setValue(agreement.standard());
        filling = false;
    }

    private void tryOther() {
        if (tried == null) return;
        switch (Money.parse(budget.getText(), tried.budget().currency())) {
            case Refused<Money>(var why) -> answer.setText(why);
            case Understood<Money>(var money) -> {
                tried = new Agreement(standard.getValue(), money, tried.due());
                ask();
            }
        }
    }

    private void ask() {
        if (tried == null) return;
        var whole = model.job().whole(tried, model.terms(), model.today());
        if (whole.parts().isEmpty()) {
            planning.stop();
            answer.setText("Nothing is open: mark what you find on the first leaf.");
            chosen.getChildren().clear();
            broken.getChildren().clear();
            take.setDisable(true);
            return;
        }
        if (planning.isAsked(whole)) return;
        answer.setText("Weighing %s …".formatted(Words.many(whole.parts().size(), "part")));
        take.setDisable(true);
        if (!getStyleClass().contains(Styles.WORKING)) getStyleClass().add(Styles.WORKING);
        planning.ask(whole);
    }

    private void planned(WholePlan found) {
        before = plan;
        plan = found;
        take.setDisable(false);
        var words = new PlanWords(model.job().cabin(), words());
        answer.setText(words.answer(found));
        var other = before == null ? "" : words.changes(found, before);
        changed.setText(other.isEmpty() ? "" : "Against the plan before: %s.".formatted(other));
        broken.getChildren()
                .setAll(words.broken(found).stream()
                        .map(text -> Nodes.label(text, Styles.DANGER))
                        .toList());
        for (var lot : words.lots(found)) broken.getChildren().add(Nodes.label(lot, Styles.SECOND));
        chosen.getChildren()
                .setAll(found.chosen().stream()
                        .sorted(Comparator.comparing(
                                (WholePlan.Chosen one) -> -one.candidate().cost()))
                        .map(this::row)
                        .toList());
        next.setText("Trying other budgets …");
        trade.show(List.of(), budget(), words());
    }

    private void failed(String why) {
        getStyleClass().remove(Styles.WORKING);
        answer.setText(why);
    }

    private void curve(List<TradeCurve.Point> points) {
        getStyleClass().remove(Styles.WORKING);
        trade.show(points, budget(), words());
        if (plan != null) next.setText(new PlanWords(model.job().cabin(), words()).next(plan, points));
    }

    private void week(WholePlan later) {
        if (plan == null) return;
        var words = new PlanWords(model.job().cabin(), words());
        broken.getChildren().add(Nodes.label(words.week(plan, later), Styles.SECOND));
    }

    private Node row(WholePlan.Chosen one) {
        var part = model.job().cabin().one(one.part());
        var fixed = model.job()
                .choices()
                .of(one.part())
                .filter(choice -> choice.fixed())
                .isPresent();
        var told = Nodes.grown(Nodes.column(
                2,
                Nodes.label(part.title() + (fixed ? ", as you chose" : ""), Styles.STRONG),
                Nodes.label(Words.capital(one.candidate().word()), Styles.SECOND)));
        if (one.isGivenUp() && !fixed)
            told.getChildren()
                    .add(Nodes.label(
                            "by itself: %s, %s".formatted(one.alone().word(), words().withFailures(one.alone())),
                            Styles.NOTE));
        Optional.ofNullable(model.job().guarded().get(one.part()))
                .ifPresent(why -> told.getChildren()
                        .add(Nodes.label("nothing is sewn, glued, filled, coated or wrapped: " + why, Styles.NOTE)));
        told.setMinWidth(0);
        var facts = Nodes.whole(
                "%s · %s · %s"
                        .formatted(
                                Words.hours(one.candidate().hours().likely()),
                                words().withFailures(one.candidate()),
                                one.candidate().finish().said()),
                Styles.MEASURE);
        var row = Nodes.row(10, told, facts);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add(Styles.CARD);
        row.setId("plan-" + one.part());
        row.setOnMouseClicked(_ -> model.pickedProperty().set(one.part()));
        return row;
    }

    private void take() {
        if (plan == null) return;
        var changes = new ArrayList<JobChange>();
        for (var one : plan.chosen()) {
            var fixed = model.job().choices().of(one.part()).filter(choice -> choice.fixed());
            if (fixed.isEmpty())
                changes.add(new AtTreatment(
                        new TreatmentChosen(one.part(), one.candidate().steps(), "the plan for the whole job", false)));
        }
        model.makeTogether(changes);
    }

    /** Prints what is chosen, and asks; until the answer its parts are held, as by any question. */
    private void askCustomer() {
        var sheet = model.job().approvalSheet(model.terms(), model.today());
        if (sheet.lines().isEmpty()) {
            changed.setText("Nothing is chosen yet: take the plan, or choose part by part.");
            return;
        }
        model.papers().approvals().ifPresent(file -> {
            var approval = sheet.asked(model.job().brief(), model.currencySign(), model.today());
            if (model.make(new AtIntake(new ApprovalAsked(approval))))
                changed.setText(
                        "Printed to %s, and asked. The answer is logged at Intake, leaf “Asked”.".formatted(file));
        });
    }

    private double budget() {
        return tried == null ? 0 : tried.budget().amount().doubleValue();
    }

    private AdviceWords words() {
        return new AdviceWords(model.currencySign());
    }
}
