package welumen.desktop.intake;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Currency;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
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

/** The car, its owner, and the standard, budget and date that were agreed. */
final class CarSection extends Leaf {
    private static final Currency USUAL = Currency.getInstance("GBP");

    private final TextField car = new TextField();
    private final TextField year = new TextField();
    private final TextField body = new TextField();
    private final TextField customer = new TextField();
    private final TextField reach = new TextField();
    private final TextField budget = new TextField();
    private final TextField due = new TextField();
    private final FlowPane standards = new FlowPane(10, 10);
    private final TextField registration = new TextField();
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private Standard standard = Standard.GOOD_DRIVER;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    CarSection(JobModel model) {
        super(model, "The car");
        budget.setId("budget");
        due.setId("due");
        car.setId("car");
        year.setId("year");
        due.setPromptText("2026-06-12");
        var fields = new GridPane(16, 12);
        fields.addRow(0, Nodes.field("Car", car), Nodes.field("Year", year), Nodes.field("Body", body));
        fields.addRow(1, Nodes.field("Customer", customer), Nodes.field("Budget", budget), Nodes.field("Due", due));
        fields.addRow(2, Nodes.field("How to reach them", reach), Nodes.field("Registration", registration));
        car.setPrefWidth(320);
        wrong.setId("wrong");
        var keep = Nodes.chief("Agree", "Log the car and what is agreed", () -> agree(standard));
        keep.setId("agree");
        getChildren().addAll(standards, fields, Nodes.row(16, keep, wrong));
    }

    @Override
    protected Node first() {
        return budget;
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        if (model.job().intake() instanceof Intake.TakenIn taken) show(taken);
        showStandards();
    }

    private void show(Intake.TakenIn taken) {
        var agreement = taken.agreement();
        standard = agreement.standard();
        car.setText(taken.car().name());
        year.setText(Integer.toString(taken.car().year()));
        body.setText(taken.car().body());
        registration.setText(taken.car().registration());
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
            button.setId("standard-" + one.name().toLowerCase(Locale.ROOT));
            if (one == standard) button.getStyleClass().add(Styles.CHIEF);
            standards.getChildren().add(button);
        }
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
                    registration.getText().strip());
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

    private void refuse(String why, TextField field) {
        wrong.setText(why);
        field.requestFocus();
    }
}
