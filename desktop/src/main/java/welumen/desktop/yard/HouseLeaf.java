package welumen.desktop.yard;

import java.math.BigDecimal;
import java.util.Currency;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.intake.HouseWay;
import welumen.intake.Question;
import welumen.intake.School;
import welumen.measure.Length;
import welumen.measure.NumberText;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.treatment.Matter;
import welumen.treatment.PriceList;
import welumen.yard.HouseChange.PricesHeld;
import welumen.yard.HouseChange.SchoolHeld;
import welumen.yard.HouseChange.SchoolLeftOpen;
import welumen.yard.HouseChange.WayHeld;
import welumen.yard.YardChange.CountedIn;
import welumen.yard.YardChange.OfHouse;
import welumen.yard.YardChange.WorkshopNamed;

/** What holds for every car that does not say otherwise: the yard's name and money, its prices, its ways. */
final class HouseLeaf extends Leaf {
    private static final double WIDE = 262;

    private final TextField name = CountFields.field("yard-name", 16, this::keepName);
    private final TextField currency = CountFields.field("yard-currency", 5, this::keepCounting);
    private final ComboBox<Length.Style> lengths = new ComboBox<>();
    private final TextField hour = CountFields.field("price-hour", 6, this::keepPrices);
    private final TextField level = CountFields.field("price-level", 6, this::keepPrices);
    private final Map<Matter, TextField> matters = new EnumMap<>(Matter.class);
    private final FlowPane precautions = new FlowPane(8, 8);
    private final FlowPane questions = new FlowPane(14, 12);
    private final Label pricesSaid = Nodes.label("", Styles.SECOND);
    private final Label wrong = Nodes.label("", Styles.DANGER);
    private final LimitsForm limits;
    private boolean filling;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    HouseLeaf(JobModel model) {
        super(model, Reads.ALL);
        limits = new LimitsForm(model);
        pricesSaid.setId("prices-said");
        wrong.setId("house-wrong");
        lengths.setId("yard-lengths");
        lengths.getItems().setAll(Length.Style.values());
        WordCell.in(lengths, style -> style == Length.Style.INCHES ? "inches" : "millimetres");
        lengths.valueProperty().subscribe((_, _) -> {
            if (!filling) keepCounting();
        });
        var surfaces = new FlowPane(14, 12);
        for (var matter : Matter.values()) {
            var field = CountFields.field("price-" + matter.name().toLowerCase(Locale.ROOT), 6, this::keepPrices);
            matters.put(matter, field);
            surfaces.getChildren().add(Nodes.field(Words.capital(matter.word()), field));
        }
        var take = Nodes.chief(
                "These are our prices", "Every car is reckoned anew (Enter in any field)", this::keepPrices);
        take.setId("say-prices");
        var all = new VBox(
                14,
                wrong,
                Nodes.form(
                        14,
                        Nodes.field("The yard is called", name),
                        Nodes.field("Money", currency),
                        Nodes.field("Lengths are said in", lengths)),
                Nodes.whole("Prices", Styles.STRONG),
                pricesSaid,
                Nodes.form(
                        14,
                        Nodes.field("An hour’s work", hour),
                        Nodes.field("Glue, paint, bought parts: times the usual", level),
                        take),
                Nodes.whole("A square metre of new", Styles.HEADING),
                surfaces,
                limits,
                Nodes.whole("Precautions", Styles.STRONG),
                precautions,
                Nodes.whole("Where good trimmers differ", Styles.STRONG),
                questions);
        getChildren().add(Nodes.scroll(all));
    }

    @Override
    protected String says() {
        return "An hour is %s%s, in every car that does not say otherwise."
                .formatted(
                        model.currencySign(),
                        number(model.yard().state().house().prices().hour()));
    }

    @Override
    protected Node first() {
        return hour;
    }

    @Override
    protected void refresh() {
        filling = true;
        limits.refresh();
        var yard = model.yard().state();
        name.setText(yard.name());
        currency.setText(yard.counting().currency().getCurrencyCode());
        lengths.setValue(yard.counting().lengths());
        var prices = yard.house().prices();
        hour.setText(number(prices.hour()));
        level.setText(number(prices.level()));
        matters.forEach((matter, field) -> field.setText(
                number(Objects.requireNonNull(prices.perSquareMetre().get(matter)))));
        pricesSaid.setText(
                yard.house().hasPrices()
                        ? "These hold for every car that has no prices of its own."
                        : "These are a first guess: put the yard’s own in their place.");
        precautions
                .getChildren()
                .setAll(Stream.of(HouseWay.values()).map(this::precaution).toList());
        questions
                .getChildren()
                .setAll(Stream.of(Question.values()).map(this::question).toList());
        filling = false;
    }

    private Node precaution(HouseWay way) {
        var taken = model.yard().state().house().ways().contains(way);
        var button =
                Nodes.button(way.word(), way.meaning(), () -> model.yard().make(new OfHouse(new WayHeld(way, !taken))));
        button.setId("yard-way-" + way.name().toLowerCase(Locale.ROOT));
        if (taken) button.getStyleClass().add(Styles.CHIEF);
        return button;
    }

    private Node question(Question question) {
        var box = new ComboBox<Optional<School>>();
        box.setId("yard-question-" + question.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        WordCell.in(box, school -> school.map(School::word).orElse("left open"));
        box.getItems().add(Optional.empty());
        School.of(question).forEach(school -> box.getItems().add(Optional.of(school)));
        box.setValue(Optional.ofNullable(model.yard().state().house().schools().get(question)));
        box.valueProperty().subscribe(school -> {
            if (!filling) answer(question, school);
        });
        return Nodes.field(question.word(), box);
    }

    private void answer(Question question, Optional<School> school) {
        model.yard()
                .make(new OfHouse(school.isPresent() ? new SchoolHeld(school.get()) : new SchoolLeftOpen(question)));
    }

    private void keepName() {
        if (!name.getText().isBlank())
            model.yard().make(new WorkshopNamed(name.getText().strip()));
    }

    private void keepCounting() {
        try {
            var money = Currency.getInstance(currency.getText().strip().toUpperCase(Locale.ROOT));
            wrong.setText("");
            model.yard().make(new CountedIn(money, lengths.getValue()));
        } catch (IllegalArgumentException unknown) {
            wrong.setText("“%s” is no currency. Use its three letters, as GBP.".formatted(currency.getText()));
            currency.requestFocus();
        }
    }

    private void keepPrices() {
        var surfaces = new EnumMap<Matter, Double>(Matter.class);
        for (var field : matters.entrySet()) surfaces.put(field.getKey(), price(field.getValue()));
        var ofHour = price(hour);
        var ofLevel = price(level);
        var all = Stream.concat(surfaces.values().stream(), Stream.of(ofHour, ofLevel));
        if (all.noneMatch(price -> price.isNaN()))
            model.yard().make(new OfHouse(new PricesHeld(new PriceList(ofHour, ofLevel, surfaces))));
    }

    /** Not a number where it cannot be read, which is said. */
    private Double price(TextField field) {
        switch (NumberText.read(field.getText().strip(), "")) {
            case Refused<BigDecimal>(var why) -> pricesSaid.setText(why);
            case Understood<BigDecimal>(var number) -> {
                if (number.signum() > 0) return number.doubleValue();
                pricesSaid.setText("A price is above nought.");
            }
        }
        field.requestFocus();
        return Double.NaN;
    }

    private static String number(double price) {
        return price == Math.rint(price) ? "%.0f".formatted(price) : "%.2f".formatted(price);
    }
}
