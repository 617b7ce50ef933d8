package welumen.desktop.finish;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.Locale;
import java.util.regex.Pattern;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.model.JobModel;
import welumen.finish.Batch;
import welumen.finish.FinishChange.BatchSaid;
import welumen.job.JobChange.AtFinish;
import welumen.measure.DayText;
import welumen.yard.Tin;

/** How the small pieces are sprayed: coats, what a can does, how long a load takes and dries, and by when. */
final class HowForm extends VBox {
    private static final Pattern CLOCK = Pattern.compile("(.*?)\\s*(?:at )?(\\d{1,2}:\\d{2})");
    private static final double USUAL_CAN = 1.5;
    private static final double USUAL_LOAD_HOURS = 2;
    private static final Duration USUAL_TURN = Duration.ofHours(1);
    private static final int USUAL_COATS = 3;
    private static final LocalTime USUAL_TIME = LocalTime.of(16, 0);

    private final JobModel model;
    private final TextField coats = field("batch-coats", 3);
    private final TextField can = field("batch-can", 4);
    private final TextField needs = field("batch-needs", 4);
    private final TextField turns = field("batch-turns", 4);
    private final TextField handled = field("batch-handled", 4);
    private final TextField due = field("batch-due", 11);
    private final Label wrong = Nodes.label("", Styles.DANGER);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    HowForm(JobModel model) {
        super(4);
        this.model = model;
        wrong.setId("batch-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        due.setPromptText("Thu 10:00");
        getChildren()
                .addAll(
                        Nodes.form(
                                14,
                                Nodes.field("Coats", coats),
                                Nodes.field("A can does, m²", can),
                                Nodes.field("A load takes, h", needs),
                                Nodes.field("Turning, h", turns),
                                Nodes.field("Handled after, h", handled),
                                Nodes.field("By when", due)),
                        wrong);
    }

    private TextField field(String id, int columns) {
        var field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        field.setOnAction(_ -> keep());
        return field;
    }

    void refresh() {
        var said = model.job().finish().batch().said();
        var usual = model.yard().state().products().of(Tin.Use.COLOUR).handle();
        coats.setText(String.valueOf(said.map(Batch.How::coats).orElse(USUAL_COATS)));
        can.setText(number(said.map(Batch.How::canSquareMetres).orElse(USUAL_CAN)));
        needs.setText(
                number(hours(said.map(Batch.How::needs).orElse(Duration.ofMinutes((long) (60 * USUAL_LOAD_HOURS))))));
        turns.setText(number(hours(said.map(Batch.How::turns).orElse(USUAL_TURN))));
        handled.setText(number(hours(said.map(Batch.How::handled).orElse(usual))));
        due.setText(said.map(Batch.How::due).map(HowForm::said).orElse(""));
        wrong.setText("");
    }

    private static double hours(Duration time) {
        return time.toMinutes() / 60.0;
    }

    private static String number(double number) {
        return number == Math.rint(number) ? "%.0f".formatted(number) : String.format(Locale.ROOT, "%.2f", number);
    }

    private static String said(LocalDateTime time) {
        return "%s %s".formatted(DayText.said(time.toLocalDate()), time.toLocalTime());
    }

    private void keep() {
        try {
            var how = new Batch.How(
                    (int) Typed.number(coats), Typed.number(can), time(needs), time(turns), time(handled), due());
            wrong.setText("");
            model.make(new AtFinish(new BatchSaid(how)));
        } catch (IllegalArgumentException refused) {
            wrong.setText(String.valueOf(refused.getMessage()));
        }
    }

    private static Duration time(TextField field) {
        return Duration.ofMinutes(Math.round(60 * Typed.number(field)));
    }

    private LocalDateTime due() {
        var typed = due.getText().strip();
        var clock = CLOCK.matcher(typed);
        var hasTime = clock.matches();
        var day = DayText.read(hasTime ? clock.group(1) : typed, model.today());
        if (day.isEmpty())
            throw new IllegalArgumentException("“%s” is no day. Type it as Thu 10:00, or 23 Apr.".formatted(typed));
        return day.get()
                .atTime(
                        hasTime
                                ? LocalTime.parse(("0" + clock.group(2)).replaceFirst("^0(\\d\\d:)", "$1"))
                                : USUAL_TIME);
    }
}
