package welumen.desktop.intake;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.HouseWay;
import welumen.intake.IntakeChange.HouseWayChosen;
import welumen.intake.IntakeChange.HouseWayLeftToYard;
import welumen.intake.IntakeChange.QuestionLeftOpen;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.job.JobChange;
import welumen.job.JobChange.AtIntake;
import welumen.job.JobChange.AtTreatment;
import welumen.measure.NumberText;
import welumen.measure.Parsed.Understood;
import welumen.treatment.PriceList;
import welumen.treatment.TreatmentChange.PricesLeftToYard;
import welumen.treatment.TreatmentChange.PricesSaid;

/** In what this car is done otherwise than the yard does it; all else is as in the yard. */
final class WaysSection extends Leaf {
    private static final double WIDE = 262;

    private final Label said = Nodes.label("", Styles.STRONG);
    private final VBox departures = new VBox(8);
    private final FlowPane precautions = new FlowPane(8, 8);
    private final ComboBox<Question> question = new ComboBox<>();
    private final ComboBox<School> school = new ComboBox<>();
    private final TextField hour = new TextField();
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    WaysSection(JobModel model) {
        super(model, Reads.ALL);
        said.setId("ways-said");
        question.setId("depart-question");
        school.setId("depart-school");
        WordCell.in(question, Question::word);
        WordCell.in(school, School::word, "how, in this car");
        question.getItems().setAll(Question.values());
        question.valueProperty().subscribe(asked -> {
            filling = true;
            school.setValue(null);
            school.getItems().setAll(asked == null ? List.of() : School.of(asked));
            filling = false;
        });
        question.setValue(Question.FLOORS);
        school.valueProperty().subscribe(chosen -> {
            if (!filling && chosen != null) model.make(new AtIntake(new SchoolChosen(chosen)));
        });
        hour.setId("depart-hour");
        hour.setPrefColumnCount(6);
        hour.setOnAction(_ -> charge());
        getChildren()
                .addAll(
                        said,
                        departures,
                        Nodes.whole("Precautions in this car", Styles.HEADING),
                        precautions,
                        Nodes.whole("Otherwise in this car", Styles.HEADING),
                        Nodes.form(
                                14,
                                Nodes.field("Where good trimmers differ", question),
                                Nodes.field("is done so", school),
                                Nodes.field("An hour’s work", hour)));
    }

    @Override
    protected Node first() {
        return question;
    }

    @Override
    protected void refresh() {
        var own = model.own();
        var rows = new ArrayList<Node>();
        own.brief().saidWays().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .filter(way -> way.getValue() != yardHas(way.getKey()))
                .forEach(way -> rows.add(departure(
                        way.getKey().word(),
                        way.getValue() ? "yes, in this car" : "not in this car",
                        new AtIntake(new HouseWayLeftToYard(way.getKey())),
                        way.getKey().name())));
        own.brief().schools().values().stream()
                .sorted()
                .filter(one -> yardSchool(one.question()).filter(one::equals).isEmpty())
                .forEach(one -> rows.add(departure(
                        one.question().word(),
                        one.word()
                                + yardSchool(one.question())
                                        .map(yards -> "; in the yard: " + yards.word())
                                        .orElse(""),
                        new AtIntake(new QuestionLeftOpen(one.question())),
                        one.question().name())));
        own.choices()
                .prices()
                .ifPresent(prices -> rows.add(departure(
                        "Prices",
                        "%.2f an hour, in this car".formatted(prices.hour()),
                        new AtTreatment(new PricesLeftToYard()),
                        "prices")));
        departures.getChildren().setAll(rows);
        said.setText(
                rows.isEmpty()
                        ? "All is done as in the yard."
                        : "Done as in the yard, but for %s.".formatted(Words.many(rows.size(), "thing")));
        precautions
                .getChildren()
                .setAll(Stream.of(HouseWay.values()).map(this::precaution).toList());
        hour.setText("%.2f".formatted(model.terms().prices().hour()));
    }

    private HBox departure(String what, String how, JobChange asInYard, String id) {
        var back = Nodes.button("As in the yard", "Say no more of it for this car", () -> model.make(asInYard));
        back.setId("as-yard-" + id.toLowerCase(Locale.ROOT).replace('_', '-'));
        var row = Nodes.row(
                14,
                Nodes.grown(Nodes.column(2, Nodes.label(what, Styles.STRONG), Nodes.label(how, Styles.SECOND))),
                back);
        row.getStyleClass().add(Styles.CARD);
        return row;
    }

    private boolean yardHas(HouseWay way) {
        return model.yard().state().house().ways().contains(way);
    }

    private Optional<School> yardSchool(Question asked) {
        return Optional.ofNullable(model.yard().state().house().schools().get(asked));
    }

    private Node precaution(HouseWay way) {
        var taken = model.job().brief().ways().contains(way);
        var button = Nodes.button(
                way.word(), way.meaning(), () -> model.make(new AtIntake(new HouseWayChosen(way, !taken))));
        button.setId("way-" + way.name().toLowerCase(Locale.ROOT));
        if (taken) button.getStyleClass().add(Styles.CHIEF);
        return button;
    }

    private void charge() {
        var prices = model.terms().prices();
        if (NumberText.read(hour.getText().strip(), "") instanceof Understood<BigDecimal>(var number)
                && number.signum() > 0)
            model.make(new AtTreatment(
                    new PricesSaid(new PriceList(number.doubleValue(), prices.level(), prices.perSquareMetre()))));
        else said.setText("“%s” is no price above nought.".formatted(hour.getText()));
    }
}
