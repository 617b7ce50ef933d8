package welumen.desktop.stores;

import java.time.LocalDate;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import welumen.cut.stock.Stock;
import welumen.cut.table.Leftover;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Beside;
import welumen.measure.Lengths;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.measure.Size;

/** What was left over of earlier cuts: all of it, or that from which a piece of a typed size can be cut. */
final class LeftoverList extends VBox {
    private final JobModel model;
    private final TextField size = new TextField();
    private final Label answer = Nodes.label("", Styles.STRONG);
    private final VBox list = new VBox(6);
    private final Beside seeking;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    LeftoverList(JobModel model) {
        super(8);
        this.model = model;
        seeking = new Beside(model, "a leftover that is large enough");
        size.setId("leftover-size");
        size.setPromptText(Lengths.example("A piece is missing: 420 x 180", "A piece is missing: 16 1/2 x 7"));
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
        if (size.getText().isBlank())
            seeking.ask(
                    () -> all,
                    found -> show(
                            found,
                            found.isEmpty() ? "Nothing is kept yet: at Cut, “It is cut” keeps what is worth it." : ""));
        else
            switch (Size.parse(size.getText())) {
                case Refused<Size>(var why) -> answer.setText(why);
                case Understood<Size>(var wanted) ->
                    seeking.ask(
                            () -> Leftover.having(all, wanted.oneMm(), wanted.otherMm()),
                            found -> show(found, said(wanted, found, all.size())));
            }
    }

    private static String said(Size wanted, List<Leftover> found, int all) {
        return "%s by %s can be cut from %s."
                .formatted(
                        Lengths.said(wanted.oneMm()),
                        Lengths.said(wanted.otherMm()),
                        found.isEmpty()
                                ? "none of the %d that are kept".formatted(all)
                                : "the " + found.getFirst().stock().id());
    }

    private void show(List<Leftover> leftovers, String said) {
        answer.setText(said);
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
        var large = switch (stock) {
            case Stock.Roll roll ->
                "%.2f m of %s".formatted(roll.length() / Stock.MM_PER_M, Lengths.near(roll.width()));
            case Stock.Hide hide -> Words.squareMetres(hide.shape().area());
        };
        return stock.lot().dye().isEmpty()
                ? large
                : large + ", lot " + stock.lot().dye();
    }
}
