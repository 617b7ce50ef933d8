package welumen.desktop.intake;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.Agreement;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.Intake;
import welumen.intake.IntakeChange.AgreementChanged;
import welumen.intake.IntakeChange.CarBrought;
import welumen.intake.IntakeChange.CarDescribed;
import welumen.intake.Likely;
import welumen.intake.Standard;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.measure.Because;
import welumen.measure.Money;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.yard.CarsChange.CarTitled;
import welumen.yard.YardChange.OfCars;

/**
 * The standard, budget and date that were agreed, and below them the car and its owner. Agreeing changes what is agreed of
 * this very car; another car is taken in from the name at the upper left.
 */
final class CarSection extends Leaf {
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
        super(model, Reads.ALL);
        budget.setId("budget");
        due.setId("due");
        car.setId("car");
        year.setId("year");
        due.setPromptText("2026-06-12, or 9 weeks");
        budget.setOnAction(_ -> agree(standard));
        due.setOnAction(_ -> agree(standard));
        wrong.setId("wrong");
        var keep = Nodes.chief("Agree", "Log what is agreed about this car", () -> agree(standard));
        keep.setId("agree");
        var contract = Nodes.form(16, Nodes.field("Budget", budget), Nodes.field("Due", due), keep);
        var fields = new GridPane(16, 12);
        fields.addRow(0, Nodes.field("Car", car), Nodes.field("Year", year), Nodes.field("Body", body));
        fields.addRow(
                1,
                Nodes.field("Customer", customer),
                Nodes.field("How to reach them", reach),
                Nodes.field("Registration", registration));
        car.setPrefWidth(320);
        var describe = Nodes.button("Put right", "Describe this very car and its owner so", this::describe);
        describe.setId("describe-car");
        getChildren()
                .addAll(
                        Nodes.whole("What is agreed", Styles.HEADING),
                        standards,
                        contract,
                        wrong,
                        Nodes.whole("This car, and whose it is", Styles.HEADING),
                        fields,
                        Nodes.row(16, describe));
    }

    @Override
    protected Node first() {
        return model.job().intake() instanceof Intake.Awaited ? car : budget;
    }

    @Override
    protected void refresh() {
        wrong.setText("");
        var intake = model.job().intake();
        intake.known().ifPresent(this::show);
        intake.owner().ifPresent(owner -> {
            customer.setText(owner.name());
            reach.setText(owner.reach());
        });
        intake.agreed().ifPresent(agreement -> {
            standard = agreement.standard();
            budget.setText(agreement.budget().print());
            due.setText(agreement.due().toString());
        });
        showStandards();
    }

    private void show(Car known) {
        car.setText(known.name());
        year.setText(Integer.toString(known.year()));
        body.setText(known.body());
        registration.setText(known.registration());
    }

    private void showStandards() {
        standards.getChildren().clear();
        for (var one : Standard.values()) {
            var button = Nodes.button(one.word(), one.meaning(), () -> {
                standard = one;
                if (model.job().intake().agreed().isPresent()) agree(one);
                else showStandards();
            });
            button.setId("standard-" + one.name().toLowerCase(Locale.ROOT));
            if (one == standard) button.getStyleClass().add(Styles.CHIEF);
            standards.getChildren().add(button);
        }
    }

    private void agree(Standard chosen) {
        var currency = model.yard().state().counting().currency();
        switch (Money.parse(budget.getText(), currency)) {
            case Refused<Money>(var why) -> refuse(why, budget);
            case Understood<Money>(var money) -> agree(chosen, money);
        }
    }

    private void agree(Standard chosen, Money money) {
        var day = day();
        if (day.isEmpty()) {
            refuse("“%s” is no date. Type it as 2026-06-12, or as 9 weeks.".formatted(due.getText()), due);
            return;
        }
        var agreed = model.job().intake().agreed();
        if (agreed.filter(one -> one.budget().equals(money)).isEmpty() && asked(Likely.budget(money), budget)) return;
        if (agreed.filter(one -> one.due().equals(day.get())).isEmpty()
                && asked(Likely.due(day.get(), model.today()), due)) return;
        var agreement = new Agreement(chosen, money, day.get());
        if (model.job().intake().agreed().filter(agreement::equals).isPresent()) return;
        if (model.job().intake() instanceof Intake.Awaited)
            described().ifPresent(brought -> make(brought, new AtIntake(new AgreementChanged(agreement))));
        else model.make(new AtIntake(new AgreementChanged(agreement)));
    }

    /** Whether something was asked; what is likely then stands in the field, to be confirmed by Enter. */
    private boolean asked(Optional<Likely.Doubt> doubt, TextField field) {
        doubt.ifPresent(one -> {
            if (!one.meant().isEmpty()) field.setText(one.meant());
            field.selectAll();
            refuse(one.asks(), field);
        });
        return doubt.isPresent();
    }

    /** A day, or so many weeks from today. */
    private Optional<LocalDate> day() {
        var typed = due.getText().strip();
        var weeks = typed.replaceFirst("(?i)^(?:in )?(\\d{1,3}) weeks?$", "$1");
        if (!weeks.equals(typed)) return Optional.of(model.today().plusWeeks(Integer.parseInt(weeks)));
        try {
            return Optional.of(LocalDate.parse(typed));
        } catch (DateTimeException noDate) {
            return Optional.empty();
        }
    }

    private void describe() {
        described().ifPresent(this::make);
    }

    /** The car as it stands in the fields; empty, with what is wrong said, where they say none. */
    private Optional<Described> described() {
        try {
            var typed = Integer.parseInt(year.getText().strip());
            var before = model.job().intake().known().map(Car::year);
            if (!before.equals(Optional.of(typed)) && asked(Likely.year(typed, model.today()), year))
                return Optional.empty();
            var known = new Car(
                    car.getText().strip(),
                    Integer.parseInt(year.getText().strip()),
                    body.getText().strip(),
                    registration.getText().strip());
            return Optional.of(new Described(known, new Customer(customer.getText(), reach.getText())));
        } catch (NumberFormatException noYear) {
            refuse("“%s” is no year. Type it as 1963.".formatted(year.getText()), year);
        } catch (IllegalArgumentException unnamed) {
            refuse(Because.of(unnamed), car);
        }
        return Optional.empty();
    }

    private record Described(Car car, Customer customer) {}

    /** The yard calls it so too, as one action. */
    private void make(Described now, JobChange... more) {
        var first = model.job().intake() instanceof Intake.Awaited
                ? new CarBrought(now.car(), now.customer())
                : new CarDescribed(now.car(), now.customer());
        var changes = new ArrayList<JobChange>();
        changes.add(new AtIntake(first));
        changes.addAll(List.of(more));
        var title = now.car().title();
        var file = model.openedProperty().get();
        if (title.equals(file.title())) model.makeTogether(changes);
        else model.make(JobChange.Together.of(changes), new OfCars(new CarTitled(file.job(), title)));
    }

    private void refuse(String why, TextField field) {
        wrong.setText(why);
        field.requestFocus();
    }
}
