package welumen.desktop.survey;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import welumen.cabin.Part;
import welumen.care.Caution;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.IntakeChange.SchoolChosen;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.job.JobChange.AtIntake;
import welumen.measure.Finish;
import welumen.treatment.SchoolCautions;
import welumen.treatment.SchoolSteps;
import welumen.treatment.TwoWays;

/** Where good trimmers differ: two schools side by side, for this very job, and which of them it follows. */
final class TwoWaysLeaf extends Leaf {
    private final ComboBox<Question> question = new ComboBox<>();
    private final ComboBox<School> one = new ComboBox<>();
    private final ComboBox<School> other = new ComboBox<>();
    private final GridPane table = new GridPane(22, 10);
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    TwoWaysLeaf(JobModel model) {
        super(model, Reads.ALL);
        question.setId("question-of-schools");
        one.setId("one-way");
        other.setId("other-way");
        WordCell.in(question, Question::word);
        WordCell.in(one, School::word);
        WordCell.in(other, School::word);
        question.setMinWidth(250);
        List.of(one, other).forEach(box -> {
            box.valueProperty().subscribe(() -> {
                if (!filling) show();
            });
        });
        question.valueProperty().subscribe(() -> {
            if (!filling) choose();
        });
        answer.setId("two-ways-answer");
        table.setId("two-ways");
        getChildren()
                .addAll(
                        Nodes.form(
                                14,
                                Nodes.field("Where good trimmers differ", question),
                                Nodes.field("One way", one),
                                Nodes.field("Another", other)),
                        table);
    }

    @Override
    protected Node first() {
        return question;
    }

    @Override
    protected void refresh() {
        var given = model.job().given(model.terms());
        if (given.isEmpty()) {
            answer.setText("Agree on a standard at Intake first.");
            return;
        }
        var asked = TwoWays.asked(given.get());
        filling = true;
        var before = question.getValue();
        Nodes.refill(question, asked);
        filling = false;
        if (question.getValue() == null) {
            answer.setText("Nothing in this job hangs on a school: mark what you find first.");
            table.getChildren().clear();
        } else if (question.getValue() == before) show();
        else choose();
    }

    /** What the job follows now beside the next one; else the first two. */
    private void choose() {
        var asked = question.getValue();
        if (asked == null) return;
        var schools = School.of(asked);
        filling = true;
        one.getItems().setAll(schools);
        other.getItems().setAll(schools);
        var follows = model.job().brief().schools().getOrDefault(asked, schools.getFirst());
        one.setValue(follows);
        other.setValue(schools.get((schools.indexOf(follows) + 1) % schools.size()));
        filling = false;
        show();
    }

    private void show() {
        table.getChildren().clear();
        var given = model.job().given(model.terms());
        if (given.isEmpty() || one.getValue() == null || other.getValue() == null) return;
        var both = TwoWays.of(given.get(), one.getValue(), other.getValue());
        var words = new AdviceWords(model.currencySign());
        var a = both.one();
        var b = both.other();
        answer.setText(sentence(both, words));
        var row = 0;
        row(row++, "", a.school().word(), b.school().word());
        row(row++, "Work", Words.hours(a.hours()), Words.hours(b.hours()));
        row(row++, "Costs", words.money(a.money()), words.money(b.money()));
        row(row++, "Failed trials, likely", words.money(a.lost()), words.money(b.lost()));
        row(row++, "Longest wait", Words.many((int) a.days(), "day"), Words.many((int) b.days(), "day"));
        row(row++, "Finish, on the mean", new Finish(a.finish()).said(), new Finish(b.finish()).said());
        row(row++, "Meets the standard", below(a), below(b));
        row(row++, "Stays original", "%.0f %%".formatted(100 * a.original()), "%.0f %%".formatted(100 * b.original()));
        row(row++, "The next strip", comesOff(a), comesOff(b));
        row(row++, "Step by step", steps(a.school()), steps(b.school()));
        row(row++, "Mind", mind(a.school()), mind(b.school()));
        table.addRow(row, Nodes.whole("", Styles.HEADING), follow(a.school()), follow(b.school()));
    }

    private String sentence(TwoWays both, AdviceWords words) {
        var a = both.one();
        var b = both.other();
        if (a.parts() == 0)
            return "They cannot be compared: no part on which something was found can be done both ways (%s)."
                    .formatted(named(both.apart()));
        var hours = b.hours() - a.hours();
        var money = b.money() + b.lost() - a.money() - a.lost();
        return "It is asked of %s. The other way takes %s %s and costs %s %s%s; it turns on %s.%s"
                .formatted(
                        Words.many(a.parts(), "part"),
                        Words.hours(Math.abs(hours)),
                        hours >= 0 ? "more" : "less",
                        words.money(Math.abs(money)),
                        money >= 0 ? "more" : "less",
                        both.isToOneStandard() ? "" : ", but not to the same standard",
                        question.getValue().turnsOn(),
                        both.apart().isEmpty()
                                ? ""
                                : " Left out, since they cannot be done both ways: %s.".formatted(named(both.apart())));
    }

    private static String named(List<Part> parts) {
        return parts.stream().map(Part::name).collect(Collectors.joining(", "));
    }

    private static String below(TwoWays.Way way) {
        return way.below().isEmpty() ? "all of it" : "not " + named(way.below());
    }

    private static String mind(School school) {
        var cautions = SchoolCautions.of(school).stream().map(Caution::sentence).toList();
        return cautions.isEmpty() ? "nothing beside the usual" : String.join(" ", cautions);
    }

    private static String steps(School school) {
        return String.join("; ", SchoolSteps.of(school));
    }

    private static String comesOff(TwoWays.Way way) {
        return way.school().effect().comesOffAgain() ? "finds it comes off whole" : "as usual";
    }

    private void row(int row, String what, String a, String b) {
        var style = row == 0 ? Styles.STRONG : Styles.MEASURE;
        table.addRow(row, Nodes.whole(what, Styles.HEADING), wide(a, style), wide(b, style));
    }

    private static Label wide(String text, String style) {
        var label = Nodes.label(text, style);
        label.setPrefWidth(300);
        return label;
    }

    private Node follow(School school) {
        var follows = school == model.job().brief().schools().get(school.question());
        if (follows) return Nodes.whole("This job’s way", Styles.STRONG);
        var button = Nodes.button(
                "Follow this",
                "From now on this job is reckoned so",
                () -> model.make(new AtIntake(new SchoolChosen(school))));
        button.setId("follow-" + school.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        return button;
    }
}
