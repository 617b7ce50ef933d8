package welumen.desktop.yard;

import java.math.BigDecimal;
import java.time.LocalTime;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.measure.NumberText;
import welumen.yard.CrewChange.LimitsSaid;
import welumen.yard.Limits;
import welumen.yard.Limits.Daily;
import welumen.yard.SlotText;
import welumen.yard.YardChange.OfCrew;

/** What the premises allow: when one may be loud, when the sun is off the place, how warm it is, what the lines carry. */
final class LimitsForm extends VBox {
    private final JobModel model;
    private final TextField loud = CountFields.field("limit-loud", 9, this::keep);
    private final TextField shade = CountFields.field("limit-shade", 9, this::keep);
    private final TextField celsius = CountFields.field("limit-celsius", 5, this::keep);
    private final TextField kilowatts = CountFields.field("limit-kilowatts", 5, this::keep);
    private final Label said = Nodes.label("", Styles.SECOND);
    private final Label wrong = Nodes.label("", Styles.DANGER);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LimitsForm(JobModel model) {
        super(8);
        this.model = model;
        wrong.setId("limits-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        said.setId("limits-said");
        loud.setPromptText("7 to 20");
        shade.setPromptText("11 to 22");
        kilowatts.setPromptText("3.6");
        getChildren()
                .addAll(
                        Nodes.whole("What the place allows", Styles.STRONG),
                        said,
                        Nodes.form(
                                14,
                                Nodes.field("Loud work only", loud),
                                Nodes.field("In the shade", shade),
                                Nodes.field("Warmth here, °C", celsius),
                                Nodes.field("Lines carry, kW", kilowatts)),
                        wrong);
    }

    void refresh() {
        var limits = model.yard().state().crew().limits();
        loud.setText(said(limits.loud()));
        shade.setText(said(limits.shade()));
        celsius.setText(String.format(Locale.ROOT, "%.0f", limits.celsius()));
        kilowatts.setText(CountFields.text(limits.kilowatts()));
        wrong.setText("");
        said.setText(
                limits.equals(Limits.NONE)
                        ? "Nothing is said: the days are planned as if nobody minded noise, sun or cold (Enter in any field)."
                        : "The days keep to it, and cures take as long as they do at %.0f °C."
                                .formatted(limits.celsius()));
    }

    private static String said(Daily daily) {
        return daily.isAlways() ? "" : "%s to %s".formatted(daily.from(), daily.until());
    }

    private void keep() {
        try {
            var limits =
                    new Limits(daily(loud), daily(shade), number(celsius, Limits.NONE.celsius()), number(kilowatts, 0));
            wrong.setText("");
            model.yard().make(new OfCrew(new LimitsSaid(limits)));
        } catch (IllegalArgumentException refused) {
            wrong.setText(String.valueOf(refused.getMessage()));
        }
    }

    /** As a slot of every day; nothing typed is always. */
    private static Daily daily(TextField field) {
        var slots = SlotText.read(field.getText()).orThrow();
        if (slots.isEmpty()) return Daily.ALWAYS;
        var until = slots.getFirst().until();
        return new Daily(slots.getFirst().from(), until.equals(LocalTime.of(23, 59)) ? LocalTime.MIDNIGHT : until);
    }

    private static double number(TextField field, double none) {
        var typed = field.getText().strip();
        return typed.isEmpty()
                ? none
                : NumberText.read(typed, "").map(BigDecimal::doubleValue).orThrow();
    }
}
