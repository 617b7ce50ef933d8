package welumen.desktop.cars;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cabin.Side;
import welumen.cabin.body.Body;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.model.Screen;
import welumen.intake.Car;
import welumen.intake.Customer;
import welumen.intake.IntakeChange.CarBrought;
import welumen.intake.Likely;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.TakingIn;
import welumen.job.WorkStage;

/** Takes in another car: its body, its wheel, and what it is called; its parts come along in one step. */
final class AnotherCar extends VBox {
    private final JobModel model;
    private final FlowPane bodies = new FlowPane(8, 8);
    private final FlowPane wheels = new FlowPane(8, 8);
    private final TextField name = new TextField();
    private final TextField year = new TextField();
    private final TextField customer = new TextField();
    private final Label teaches = Nodes.label("", Styles.SECOND);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private Body body = Body.SALOON;
    private Side wheel = Side.RIGHT;

    AnotherCar(JobModel model) {
        super(12);
        this.model = model;
        name.setId("new-car");
        year.setId("new-year");
        customer.setId("new-customer");
        name.setPromptText("make and model, as you say it");
        year.setPrefColumnCount(6);
        year.setPromptText("1963");
        name.textProperty().subscribe(_ -> sayWhatTeaches());
        name.setOnAction(_ -> year.requestFocus());
        year.setOnAction(_ -> customer.requestFocus());
        customer.setOnAction(_ -> takeIn());
        wrong.setId("new-wrong");
        teaches.setId("new-teaches");
        var take = Nodes.chief("Take it in", "Begin its log, with the parts of its body (Enter)", this::takeIn);
        take.setId("take-in");
        getStyleClass().add(Styles.CARD);
        getChildren()
                .addAll(
                        Nodes.whole("Another car", Styles.STRONG),
                        Nodes.field("What it is called", name),
                        Nodes.row(12, Nodes.field("Year", year), Nodes.grown(Nodes.field("Whose it is", customer))),
                        Nodes.whole("Body", Styles.HEADING),
                        bodies,
                        Nodes.whole("Wheel", Styles.HEADING),
                        wheels,
                        teaches,
                        take,
                        wrong);
        showChoices();
    }

    Node first() {
        return name;
    }

    void refresh() {
        sayWhatTeaches();
    }

    private void showChoices() {
        bodies.getChildren().clear();
        for (var one : Body.values()) {
            var button = Nodes.button(Words.capital(one.word()), one.meaning(), () -> {
                body = one;
                showChoices();
                sayWhatTeaches();
            });
            button.setId("new-body-" + one.name().toLowerCase(Locale.ROOT));
            if (one == body) button.getStyleClass().add(Styles.CHIEF);
            bodies.getChildren().add(button);
        }
        wheels.getChildren().clear();
        for (var side : List.of(Side.LEFT, Side.RIGHT)) {
            var button = Nodes.button("On the " + side.word(), "Where the driver sits", () -> {
                wheel = side;
                showChoices();
            });
            button.setId("new-wheel-" + side.word());
            if (side == wheel) button.getStyleClass().add(Styles.CHIEF);
            wheels.getChildren().add(button);
        }
    }

    private List<TakingIn.Earlier> earlier() {
        return model.others().teaching(name.getText(), body.word());
    }

    private void sayWhatTeaches() {
        var ofName = name.getText().isBlank()
                ? Optional.<TakingIn.Earlier>empty()
                : earlier().stream().filter(TakingIn.Earlier::isOfName).reduce((_, last) -> last);
        teaches.setText(ofName.map(car ->
                        "The %s was here: its rules, places, laps and patterns come along as guesses, to be confirmed."
                                .formatted(car.title()))
                .orElse("Its usual parts come along, with what usually holds them."));
    }

    private void takeIn() {
        try {
            var doubt = Likely.year(Integer.parseInt(year.getText().strip()), model.today());
            if (doubt.isPresent()) {
                if (!doubt.get().meant().isEmpty()) year.setText(doubt.get().meant());
                year.selectAll();
                wrong.setText(doubt.get().asks());
                year.requestFocus();
                return;
            }
            var car = new Car(
                    name.getText().strip(), Integer.parseInt(year.getText().strip()), body.word(), "");
            var changes = new ArrayList<JobChange>();
            changes.add(new AtIntake(
                    new CarBrought(car, new Customer(customer.getText().strip(), ""))));
            changes.addAll(TakingIn.known(body, wheel, earlier()));
            if (!model.takeIn(car.title(), changes)) return;
            name.clear();
            year.clear();
            customer.clear();
            wrong.setText("");
            model.stageProperty().set(WorkStage.INTAKE);
            model.screenProperty().set(Screen.STAGE);
        } catch (NumberFormatException noYear) {
            wrong.setText("“%s” is no year. Type it as 1963.".formatted(year.getText()));
            year.requestFocus();
        } catch (IllegalArgumentException unnamed) {
            wrong.setText(unnamed.getMessage());
            name.requestFocus();
        }
    }
}
