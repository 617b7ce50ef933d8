package welumen.desktop.finish;

import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.finish.coat.Cause;
import welumen.finish.underway.GoneWrong;

/** Why something is sprayed once more, and what that cost: hours, days and tins. */
final class AgainForm extends VBox {
    private final JobModel model;
    private final String what;
    private final ComboBox<Cause> cause = new ComboBox<>();
    private final TextField hours = field("0.5");
    private final TextField days = field("");
    private final TextField tins = field("0.5");
    private final Label shows = Nodes.label("", Styles.NOTE);
    private final Label wrong = Nodes.label("", Styles.DANGER);

    /**
     * @param what went wrong, in words
     * @param usual the cause that is likely
     * @param then told of it
     */
    AgainForm(JobModel model, String what, Cause usual, Consumer<GoneWrong> then) {
        super(6);
        this.model = model;
        this.what = what;
        cause.setId("again-cause");
        WordCell.in(cause, one -> Words.capital(one.word()));
        cause.getItems().setAll(List.of(Cause.values()));
        cause.setValue(usual);
        cause.setOnAction(_ -> guess());
        hours.setId("again-hours");
        days.setId("again-days");
        tins.setId("again-tins");
        wrong.setId("again-wrong");
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        var again = Nodes.button("Once more", "Back to its cause, with what it cost", () -> said(then));
        again.setId("again");
        getChildren()
                .addAll(
                        Nodes.form(
                                10,
                                Nodes.field("Because", cause),
                                Nodes.field("Hours lost", hours),
                                Nodes.field("Days", days),
                                Nodes.field("Tins", tins),
                                Nodes.level(again)),
                        shows,
                        wrong);
        guess();
    }

    private static TextField field(String usual) {
        var field = new TextField(usual);
        field.setPrefColumnCount(3);
        return field;
    }

    /** The days that it has cost before; a guess to put right. */
    private void guess() {
        var usual = GoneWrong.days(BenchMemory.gone(model), cause.getValue());
        days.setText(Typed.text(Math.round(10 * usual) / 10.0));
        shows.setText("It shows when %s.".formatted(cause.getValue().shows()));
    }

    private void said(Consumer<GoneWrong> then) {
        try {
            var gone = new GoneWrong(
                    what,
                    cause.getValue(),
                    Typed.number(hours),
                    Typed.number(days),
                    Typed.number(tins),
                    model.nowProperty().get());
            wrong.setText("");
            then.accept(gone);
        } catch (IllegalArgumentException none) {
            wrong.setText(String.valueOf(none.getMessage()));
        }
    }
}
