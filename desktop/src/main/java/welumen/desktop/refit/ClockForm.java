package welumen.desktop.refit;

import java.time.Duration;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.clock.BenchClock;
import welumen.clock.ClockChange.ClockStarted;
import welumen.clock.UsualWait;
import welumen.clock.Working;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.model.JobModel;
import welumen.job.JobChange.OnClock;

/** A clock on the rail for glue, filler or colour on the picked part: from when, until when, and how much at once. */
final class ClockForm extends VBox {
    /** Square metres a minute that one pair of hands sprays, and lays: guesses, on the safe side. */
    private static final double SPRAYS = 0.5;

    private static final double LAYS = 0.15;

    private final JobModel model;
    private final ComboBox<UsualWait> wait = new ComboBox<>();
    private final TextField celsius = new TextField();
    private final Label says = Nodes.label("", Styles.SECOND);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ClockForm(JobModel model) {
        super(8);
        this.model = model;
        wait.getItems().setAll(UsualWait.values());
        wait.setValue(UsualWait.CONTACT_TACK);
        WordCell.in(wait, one -> "%s, %s".formatted(one.word(), length(one.lasts())));
        wait.setMaxWidth(Double.MAX_VALUE);
        celsius.setId("celsius");
        celsius.setText("%.0f".formatted(model.yard().state().crew().limits().celsius()));
        celsius.setPrefColumnCount(4);
        celsius.setAccessibleText("How warm it is, in degrees Celsius");
        says.setId("clock-says");
        wait.setOnAction(_ -> say());
        celsius.textProperty().subscribe((_, _) -> say());
        var start = Nodes.button("Start the clock", "A clock on the rail for the picked part", this::start);
        start.setId("start-clock");
        getChildren()
                .addAll(
                        Nodes.whole("Glue, filler, colour", Styles.HEADING),
                        Nodes.form(10, Nodes.grown(wait), Nodes.row(6, celsius, Nodes.whole("°C")), start),
                        says);
        say();
    }

    private static String length(Duration lasts) {
        return lasts.toHours() > 0 ? lasts.toHours() + " h" : lasts.toMinutes() + " min";
    }

    /** Empty where no temperature of a workshop is typed. */
    private Optional<Working> working() {
        try {
            return Optional.of(wait.getValue()
                    .working()
                    .at(Double.parseDouble(celsius.getText().strip().replace(',', '.'))));
        } catch (IllegalArgumentException noTemperature) {
            return Optional.empty();
        }
    }

    private void say() {
        says.setText(working().map(this::said).orElse("How warm is it? Type it in °C, as 18."));
    }

    private String said(Working working) {
        var degrees = Double.parseDouble(celsius.getText().strip().replace(',', '.'));
        var words = working.isEndless()
                ? "%s after %s.".formatted(capital(wait.getValue().next()), length(working.earliest()))
                : String.format(
                        Locale.UK,
                        "%s from %s to %s; no more than %.1f m² at once by one pair of hands. %s",
                        capital(wait.getValue().next()),
                        length(working.earliest()),
                        length(working.latest()),
                        working.largestArea(SPRAYS, LAYS),
                        working.moved().isZero()
                                ? "It grabs at once."
                                : "It can be moved for %s.".formatted(length(working.moved())));
        return degrees < Working.COLD_CELSIUS
                ? words + " It is too cold for most products: see the sheet."
                : words + " The product's own sheet goes first.";
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    private void start() {
        model.picked()
                .ifPresent(part -> working().ifPresent(working -> {
                    var kind = wait.getValue();
                    var now = model.nowProperty().get();
                    var id =
                            "%s-%s-%d".formatted(part.id(), kind.name().toLowerCase(Locale.ROOT), now.getEpochSecond());
                    model.make(new OnClock(new ClockStarted(new BenchClock(
                            id,
                            part.title() + ", " + kind.word(),
                            kind.next(),
                            now,
                            working.earliest(),
                            working.isEndless() ? Duration.ZERO : working.latest(),
                            working.moved()))));
                }));
    }
}
