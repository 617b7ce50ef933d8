package welumen.desktop.cut;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import welumen.cut.leather.LeatherClass;
import welumen.cut.leather.LeatherTerms;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.measure.NumberText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** How a leather is bought, to be typed. What is typed holds when a field is left or Enter is pressed. */
final class TermsFields {
    private static final double MM2_PER_M2 = 1e6;

    private final ComboBox<LeatherClass> sold = new ComboBox<>();
    private final TextField price = field("hide-price", 5);
    private final TextField secondOrder = field("second-lot", 5);
    private final TextField days = field("hide-days", 3);
    private final TextField reserve = field("leather-reserve", 4);
    private final TextField yield = field("leather-yield", 4);
    private final TextField hide = field("hide-mean", 4);
    private boolean isShowing;

    /** @param onTyped run when something may have changed */
    TermsFields(Runnable onTyped) {
        sold.getItems().setAll(LeatherClass.values());
        sold.setId("leather-class");
        WordCell.in(sold, LeatherClass::word);
        sold.valueProperty().subscribe(() -> {
            if (!isShowing) onTyped.run();
        });
        for (var field : List.of(price, secondOrder, days, reserve, yield, hide)) {
            field.setOnAction(_ -> onTyped.run());
            field.focusedProperty().subscribe((_, isFocused) -> {
                if (!isFocused) onTyped.run();
            });
        }
    }

    private static TextField field(String id, int columns) {
        var field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(columns);
        return field;
    }

    Stream<Node> nodes() {
        return Stream.of(
                Nodes.field("Leather", sold),
                Nodes.field("A hide costs", price),
                Nodes.field("To order again", secondOrder),
                Nodes.field("Days", days),
                Nodes.field("Reserve, m²", reserve),
                Nodes.field("Used, %", yield),
                Nodes.field("A hide, m²", hide));
    }

    /**
     * @param learntYield what is reckoned with where nobody says otherwise
     * @param learntMm2 of a hide, likewise
     */
    void show(LeatherTerms terms, double learntYield, double learntMm2) {
        isShowing = true;
        sold.setValue(terms.sold());
        put(price, plain(terms.price()));
        put(secondOrder, plain(terms.secondOrder()));
        put(days, Integer.toString(terms.days()));
        put(reserve, plain(terms.reserveMm2() / MM2_PER_M2));
        put(yield, terms.yield() == 0 ? "" : plain(100 * terms.yield()));
        put(hide, terms.hideMm2() == 0 ? "" : plain(terms.hideMm2() / MM2_PER_M2));
        yield.setPromptText("%.0f ?".formatted(100 * learntYield));
        hide.setPromptText("%.2f ?".formatted(learntMm2 / MM2_PER_M2));
        isShowing = false;
    }

    /** What is being typed is left alone. */
    private static void put(TextField field, String text) {
        if (!field.isFocused()) field.setText(text);
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(Math.round(number * 1000) / 1000.0)
                .stripTrailingZeros()
                .toPlainString();
    }

    Parsed<LeatherTerms> read() {
        if (!days.getText().strip().matches("\\d{1,3}"))
            return new Refused<>("How many working days does a hide take to come? Type a whole number, as 7.");
        return NumberText.read(price.getText(), "")
                .flatMap(costs -> NumberText.read(secondOrder.getText(), "")
                        .flatMap(again -> NumberText.read(reserve.getText(), "m²")
                                .flatMap(kept -> between(yield, 1, 100, "Of a hide, 1 to 100 % become pieces; as 62.")
                                        .flatMap(used -> between(hide, 2.1, 12, "A hide has 2.1 to 12 m²; as 4.65.")
                                                .map(mean -> new LeatherTerms(
                                                        sold.getValue(),
                                                        costs.doubleValue(),
                                                        again.doubleValue(),
                                                        Integer.parseInt(
                                                                days.getText().strip()),
                                                        kept.doubleValue() * MM2_PER_M2,
                                                        used / 100,
                                                        mean * MM2_PER_M2))))));
    }

    /** Nought where nothing is typed: as it is learnt. */
    private static Parsed<Double> between(TextField field, double least, double most, String otherwise) {
        if (field.getText().isBlank()) return new Understood<>(0.0);
        return NumberText.read(field.getText().replace("%", ""), "")
                .map(Number::doubleValue)
                .flatMap(number ->
                        number < least || number > most ? new Refused<>(otherwise) : new Understood<>(number));
    }
}
