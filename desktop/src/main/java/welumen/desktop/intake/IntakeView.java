package welumen.desktop.intake;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Currency;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import welumen.cabin.PartState;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.StagePane;
import welumen.intake.Agreement;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.Intake;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.CarTakenIn;
import welumen.intake.Standard;
import welumen.job.JobChange.AtIntake;
import welumen.measure.Money;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** The car, its standard, budget and date, and its parts. */
public final class IntakeView extends StagePane {
    private static final Currency USUAL = Currency.getInstance("GBP");

    private final TextField car = new TextField();
    private final TextField year = new TextField();
    private final TextField body = new TextField();
    private final TextField customer = new TextField();
    private final TextField reach = new TextField();
    private final TextField budget = new TextField();
    private final TextField due = new TextField();
    private final FlowPane standards = new FlowPane(10, 10);
    private final VBox parts = new VBox(8);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private Standard standard = Standard.GOOD_DRIVER;

    public IntakeView(JobModel model) {
        super(model);
        budget.setId("budget");
        due.setId("due");
        car.setId("car");
        due.setPromptText("2026-06-12");
        var fields = new GridPane(16, 12);
        fields.addRow(0, Nodes.field("Car", car), Nodes.field("Year", year), Nodes.field("Body", body));
        fields.addRow(1, Nodes.field("Customer", customer), Nodes.field("Budget", budget), Nodes.field("Due", due));
        fields.add(Nodes.field("How to reach them", reach), 0, 2);
        car.setPrefWidth(320);
        wrong.setId("wrong");
        var keep = Nodes.chief("Agree", "Log the car and what is agreed", () -> agree(standard));
        keep.setId("agree");
        getChildren().addAll(standards, fields, Nodes.row(16, keep, wrong), Nodes.scroll(parts));
    }

    @Override
    public Node first() {
        return budget;
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        answer();
        if (model.job().intake() instanceof Intake.TakenIn taken) show(taken);
        showStandards();
        showParts();
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
                days >= 0
                        ? "%d days are left. %s."
                                .formatted(
                                        days, Words.capital(agreement.standard().meaning()))
                        : "It was due %d days ago.".formatted(-days));
    }

    private void show(Intake.TakenIn taken) {
        var agreement = taken.agreement();
        standard = agreement.standard();
        car.setText(taken.car().name());
        year.setText(Integer.toString(taken.car().year()));
        body.setText(taken.car().body());
        customer.setText(taken.customer().name());
        reach.setText(taken.customer().reach());
        budget.setText(agreement.budget().print());
        due.setText(agreement.due().toString());
    }

    private void showStandards() {
        standards.getChildren().clear();
        for (var one : Standard.values()) {
            var button = Nodes.button(one.word(), one.meaning(), () -> {
                standard = one;
                if (model.job().intake() instanceof Intake.TakenIn) agree(one);
                else showStandards();
            });
            button.setId("standard-" + one.name().toLowerCase(java.util.Locale.ROOT));
            if (one == standard) button.getStyleClass().add(Styles.CHIEF);
            standards.getChildren().add(button);
        }
    }

    private void showParts() {
        parts.getChildren()
                .setAll(Nodes.whole(
                        "%d parts are listed"
                                .formatted(model.job().cabin().parts().size()),
                        Styles.HEADING));
        var row = new FlowPane(24, 8);
        for (var state : PartState.values()) {
            var count = model.job().cabin().parts().stream()
                    .filter(part -> model.job().stateOf(part.id()) == state)
                    .count();
            row.getChildren()
                    .add(Nodes.row(
                            6,
                            Nodes.whole(Long.toString(count), Styles.STRONG),
                            Nodes.whole(state.word(), Styles.SECOND)));
        }
        parts.getChildren().add(row);
        VBox.setVgrow(parts, Priority.ALWAYS);
    }

    private void agree(Standard chosen) {
        var before = model.job().intake();
        switch (Money.parse(budget.getText(), USUAL)) {
            case Refused<Money>(var why) -> refuse(why, budget);
            case Understood<Money>(var money) -> agree(before, chosen, money);
        }
    }

    private void agree(Intake before, Standard chosen, Money money) {
        try {
            var agreement =
                    new Agreement(chosen, money, LocalDate.parse(due.getText().strip()));
            var newCar = new Car(
                    car.getText().strip(),
                    Integer.parseInt(year.getText().strip()),
                    body.getText(),
                    registration(before));
            var newCustomer = new Customer(customer.getText(), reach.getText());
            if (before instanceof Intake.TakenIn taken
                    && taken.car().equals(newCar)
                    && taken.customer().equals(newCustomer)) {
                if (!taken.agreement().equals(agreement)) model.make(new AtIntake(new AgreementChanged(agreement)));
            } else model.make(new AtIntake(new CarTakenIn(newCar, newCustomer, agreement)));
        } catch (DateTimeException noDate) {
            refuse("“%s” is no date. Type it as 2026-06-12.".formatted(due.getText()), due);
        } catch (NumberFormatException noYear) {
            refuse("“%s” is no year. Type it as 1963.".formatted(year.getText()), year);
        } catch (IllegalArgumentException unnamed) {
            refuse(unnamed.getMessage(), car);
        }
    }

    private static String registration(Intake before) {
        return before instanceof Intake.TakenIn taken ? taken.car().registration() : "";
    }

    private void refuse(String why, TextField field) {
        wrong.setText(why);
        field.requestFocus();
    }
}
