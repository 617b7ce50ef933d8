package welumen.desktop.cut;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import welumen.cut.leather.LeatherClass;
import welumen.cut.leather.Terms;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.WordCell;
import welumen.measure.NumberText;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;

/** How a leather is bought, to be typed. What is typed holds when a field is left or Enter is pressed. */
final class TermsFields {
    private static final double MM2_PER_M2 = 1e6;

    private final ComboBox<LeatherClass> sold = new ComboBox<>();
    private final TextField price = field("hide-price", 5);
    private final TextField secondOrder = field("second-lot", 5);
    private final TextField days = field("hide-days", 3);
    private final TextField reserve = field("leather-reserve", 4);
    private boolean isShowing;

    /** @param onTyped run when something may have changed */
    TermsFields(Runnable onTyped) {
        sold.getItems().setAll(LeatherClass.values());
        sold.setId("leather-class");
        WordCell.in(sold, LeatherClass::word);
        sold.valueProperty().subscribe(() -> {
            if (!isShowing) onTyped.run();
        });
        for (var field : List.of(price, secondOrder, days, reserve)) {
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
                Nodes.field("Reserve, m²", reserve));
    }

    void show(Terms terms) {
        isShowing = true;
        sold.setValue(terms.sold());
        put(price, plain(terms.price()));
        put(secondOrder, plain(terms.secondOrder()));
        put(days, Integer.toString(terms.days()));
        put(reserve, plain(terms.reserveMm2() / MM2_PER_M2));
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

    Parsed<Terms> read() {
        if (!days.getText().strip().matches("\\d{1,3}"))
            return new Refused<>("How many working days does a hide take to come? Type a whole number, as 7.");
        return NumberText.read(price.getText(), "")
                .flatMap(costs -> NumberText.read(secondOrder.getText(), "")
                        .flatMap(again -> NumberText.read(reserve.getText(), "m²")
                                .map(kept -> new Terms(
                                        sold.getValue(),
                                        costs.doubleValue(),
                                        again.doubleValue(),
                                        Integer.parseInt(days.getText().strip()),
                                        kept.doubleValue() * MM2_PER_M2))));
    }
}
