package welumen.desktop.intake;

import java.math.BigDecimal;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.job.JobChange.AtTreatment;
import welumen.measure.NumberText;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.treatment.Matter;
import welumen.treatment.PriceList;
import welumen.treatment.TreatmentChange.PricesSaid;

/** What the workshop charges and pays; said once, it holds for later jobs too. */
final class PricesSection extends Leaf {
    private final TextField hour = new TextField();
    private final TextField level = new TextField();
    private final Map<Matter, TextField> matters = new EnumMap<>(Matter.class);
    private final Label said = Nodes.label("", Styles.STRONG);

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    PricesSection(JobModel model) {
        super(model, "Prices");
        hour.setId("price-hour");
        level.setId("price-level");
        said.setId("prices-said");
        var surfaces = new FlowPane(14, 12);
        for (var matter : Matter.values()) {
            var field = new TextField();
            field.setId("price-" + matter.name().toLowerCase(Locale.ROOT));
            field.setPrefColumnCount(7);
            field.setOnAction(_ -> say());
            matters.put(matter, field);
            surfaces.getChildren().add(Nodes.field(Words.capital(matter.word()), field));
        }
        for (var field : new TextField[] {hour, level}) {
            field.setPrefColumnCount(7);
            field.setOnAction(_ -> say());
        }
        var take =
                Nodes.chief("These are our prices", "Every way to go is reckoned anew (Enter in any field)", this::say);
        take.setId("say-prices");
        getChildren()
                .addAll(
                        said,
                        Nodes.row(
                                14,
                                Nodes.field("An hour’s work", hour),
                                Nodes.field("Glue, paint, bought parts: times the usual", level)),
                        Nodes.whole("A square metre of new", Styles.HEADING),
                        surfaces,
                        Nodes.row(14, take));
    }

    @Override
    protected Node first() {
        return hour;
    }

    @Override
    protected void refresh() {
        var prices = model.terms().prices();
        hour.setText(number(prices.hour()));
        level.setText(number(prices.level()));
        matters.forEach(
                (matter, field) -> field.setText(number(prices.perSquareMetre().get(matter))));
        said.setText(
                model.job().choices().prices().isPresent()
                        ? "These prices were said in this job."
                        : prices.equals(PriceList.USUAL)
                                ? "These prices are a first guess: put the workshop’s own in their place."
                                : "These prices were said in an earlier job.");
    }

    private void say() {
        var surfaces = new EnumMap<Matter, Double>(Matter.class);
        for (var field : matters.entrySet()) {
            var price = price(field.getValue());
            if (price.isNaN()) return;
            surfaces.put(field.getKey(), price);
        }
        var ofHour = price(hour);
        var ofLevel = price(level);
        if (!ofHour.isNaN() && !ofLevel.isNaN())
            model.make(new AtTreatment(new PricesSaid(new PriceList(ofHour, ofLevel, surfaces))));
    }

    /** Not a number where it cannot be read, which is said. */
    private Double price(TextField field) {
        switch (NumberText.read(field.getText().strip(), "")) {
            case Refused<BigDecimal>(var why) -> said.setText(why);
            case Understood<BigDecimal>(var number) -> {
                if (number.signum() > 0) return number.doubleValue();
                said.setText("A price is above nought.");
            }
        }
        field.requestFocus();
        return Double.NaN;
    }

    private static String number(double price) {
        return price == Math.rint(price) ? "%.0f".formatted(price) : "%.2f".formatted(price);
    }
}
