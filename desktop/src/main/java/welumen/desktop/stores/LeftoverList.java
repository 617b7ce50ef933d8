package welumen.desktop.stores;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cut.Stock;
import welumen.cut.table.Leftover;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Beside;
import welumen.measure.Length;
import welumen.measure.Parsed.Understood;

/** What was left over of earlier cuts: all of it, or that from which a piece of a typed size can be cut. */
final class LeftoverList extends VBox {
    private static final Pattern SIZE = Pattern.compile("(?<a>\\d.*?)\\s*[x×]\\s*(?<b>\\d.*)");

    private final JobModel model;
    private final TextField size = new TextField();
    private final Label answer = Nodes.label("", Styles.STRONG);
    private final VBox list = new VBox(6);
    private final Beside seeking;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LeftoverList(JobModel model) {
        super(8);
        this.model = model;
        seeking = new Beside(model);
        size.setId("leftover-size");
        size.setPromptText("A piece is missing: 420 x 180");
        size.setAccessibleText("The size of a piece that is missing");
        size.setMaxWidth(320);
        size.setOnAction(_ -> refresh());
        answer.setId("leftover-answer");
        list.setId("leftovers");
        getChildren().addAll(Nodes.whole("Left over, and kept", Styles.HEADING), size, answer, list);
    }

    /** Sought beside, since the largest rectangles in many offcuts take a moment. */
    void refresh() {
        var all = model.others().leftovers();
        if (size.getText().isBlank()) {
            show(all);
            answer.setText(all.isEmpty() ? "Nothing is kept yet: at Cut, “It is cut” keeps what is worth it." : "");
            return;
        }
        var wanted = wanted();
        if (wanted.isEmpty()) {
            answer.setText("“%s” is no size. Type it as 420 x 180.".formatted(size.getText()));
            return;
        }
        var one = wanted.get().getFirst();
        var other = wanted.get().getLast();
        seeking.ask(() -> Leftover.having(all, one, other), found -> {
            show(found);
            answer.setText(
                    found.isEmpty()
                            ? "%s by %s can be cut from none of the %d that are kept."
                                    .formatted(Words.mm(one), Words.mm(other), all.size())
                            : "%s by %s can be cut from the %s."
                                    .formatted(
                                            Words.mm(one),
                                            Words.mm(other),
                                            found.getFirst().stock().id()));
        });
    }

    private Optional<List<Double>> wanted() {
        var typed = SIZE.matcher(size.getText().strip());
        if (!typed.matches()
                || !(Length.parse(typed.group("a")) instanceof Understood<Length>(var one))
                || !(Length.parse(typed.group("b")) instanceof Understood<Length>(var other))) return Optional.empty();
        return Optional.of(List.of(one.mm(), other.mm()));
    }

    private void show(List<Leftover> leftovers) {
        list.getChildren()
                .setAll(leftovers.stream()
                        .map(one -> Nodes.label(said(one), Styles.MEASURE))
                        .toList());
    }

    private String said(Leftover one) {
        var since = one.since().equals(LocalDate.EPOCH)
                ? ""
                : ", since %s; %s".formatted(Words.dayOfYear(one.since()), mayGo(one));
        return "%s: %s, %s, of the %s%s"
                .formatted(
                        Words.capital(one.stock().id()), one.stock().material(), large(one.stock()), one.job(), since);
    }

    private String mayGo(Leftover one) {
        return one.mayGo().isAfter(model.today()) ? "may go after " + Words.dayOfYear(one.mayGo()) : "may go";
    }

    private static String large(Stock stock) {
        return switch (stock) {
            case Stock.Roll roll -> "%.2f m of %.0f mm".formatted(roll.length() / 1000, roll.width());
            case Stock.Hide hide ->
                Words.squareMetres(hide.shape().area())
                        + (hide.lot().dye().isEmpty()
                                ? ""
                                : ", lot " + hide.lot().dye());
        };
    }
}
