package welumen.desktop.yard;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.desktop.look.ListCard;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.desktop.stage.StockLine;
import welumen.desktop.stage.StockWords;
import welumen.desktop.stage.WordLine;
import welumen.measure.NumberText;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.shape.Planar;
import welumen.yard.Material;

/** Hides, rolls, sheets and offcuts of the whole yard: what came in, for which car, what it is called, what is gone. */
final class StockLeaf extends Leaf {
    private static final double FORM = 372;

    private final WordLine<Stock> typed;
    private final ComboBox<String> material = new ComboBox<>();
    private final VBox list = new VBox(8);
    private final TextField name = new TextField();
    private final TextField of = CountFields.field("stock-of", 10, this::putRight);
    private final TextField lot = CountFields.field("stock-lot", 6, this::putRight);
    private final TextField thickness = CountFields.field("stock-thickness", 5, this::putRight);
    private final TextField cost = CountFields.field("stock-cost", 6, this::putRight);
    private final Label heard = Nodes.label("", Styles.STRONG);
    private final Label about = Nodes.label("", Styles.SECOND);
    private final Label hangs = Nodes.label("", Styles.DANGER);
    private final VBox form;
    private @Nullable String picked;
    private @Nullable Stock shown;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    StockLeaf(JobModel model) {
        super(model, Reads.ALL);
        typed = StockLine.of(
                "yard-stock", model, () -> String.valueOf(material.getValue()), this::takeIn, heard::setText);
        material.setId("yard-stock-material");
        material.setEditable(true);
        material.setPrefWidth(180);
        name.setId("stock-name");
        name.setOnAction(_ -> call());
        heard.setId("yard-stock-said");
        hangs.setId("stock-hangs");
        var called = Nodes.button("Call it so", "Under this name from now on (Enter)", this::call);
        called.setId("stock-call");
        var gone = Nodes.button("It is gone", "Sent back, sold, spoilt or thrown away", this::gone);
        gone.setId("stock-gone");
        var keep =
                Nodes.button("Put right", "It is of this material and lot, and cost so much (Enter)", this::putRight);
        keep.setId("stock-right");
        form = Nodes.column(
                12,
                about,
                Nodes.field("It is called", name),
                Nodes.row(10, called, gone),
                Nodes.form(10, Nodes.field("Material", of), Nodes.field("Lot", lot)),
                Nodes.form(10, Nodes.field("Thickness", thickness), Nodes.field("Cost", cost), keep),
                hangs);
        form.getStyleClass().add(Styles.CARD);
        form.setMinWidth(FORM);
        form.setMaxWidth(FORM);
        var both = new HBox(24, Nodes.grown(Nodes.scroll(list)), new VBox(form));
        VBox.setVgrow(both, Priority.ALWAYS);
        getChildren().addAll(Nodes.field("Material", material), typed, heard, both);
    }

    @Override
    protected String says() {
        var here = model.yard().state().stock().here();
        var leather = here.stream()
                .filter(Stock.Hide.class::isInstance)
                .mapToDouble(stock -> Planar.areaLeft(stock.shape()))
                .sum();
        var rolls = (int) here.stream().filter(Stock.Roll.class::isInstance).count();
        if (here.isEmpty()) return "Nothing is here to cut from.";
        return "%s of hides and sheets, and %s, are here."
                .formatted(Words.squareMetres(leather), Words.many(rolls, "roll"));
    }

    @Override
    protected Node first() {
        return typed.field();
    }

    @Override
    protected void refresh() {
        var here = model.yard().state().stock().here();
        if (one().isEmpty()) picked = here.isEmpty() ? null : here.getFirst().id();
        var materials = Stream.concat(
                        model.yard().state().goods().materials().all().stream().map(Material::name),
                        here.stream().map(Stock::material))
                .distinct()
                .toList();
        var chosen = material.getValue();
        if (!material.getItems().equals(materials)) material.getItems().setAll(materials);
        material.setValue(
                chosen != null && !chosen.isBlank() ? chosen : materials.isEmpty() ? "" : materials.getFirst());
        list.getChildren().setAll(here.stream().map(this::card).toList());
        if (here.isEmpty())
            list.getChildren().add(Nodes.label("Nothing is here to cut from. Type what came in.", Styles.SECOND));
        show();
    }

    private Optional<Stock> one() {
        return model.yard().state().stock().findOne(Objects.requireNonNullElse(picked, ""));
    }

    private void show() {
        form.setVisible(one().isPresent());
        one().ifPresent(stock -> {
            hangs.setText(Words.capital(model.stock().hangs(stock.id())));
            if (stock.equals(shown)) return; // nothing typed is lost where something else changes
            shown = stock;
            about.setText(StockWords.said(stock));
            name.setText(stock.id());
            of.setText(stock.material());
            lot.setText(stock.lot().dye());
            thickness.setText(CountFields.lengthText(stock.lot().thicknessMm()));
            cost.setText(CountFields.text(stock.price()));
        });
    }

    private Node card(Stock stock) {
        var words = new ArrayList<Node>();
        words.add(Nodes.label(Words.capital(stock.id()), Styles.STRONG));
        words.add(Nodes.label(StockWords.line(stock), Styles.SECOND));
        model.stock()
                .boughtFor(stock.id())
                .ifPresent(car -> words.add(Nodes.label("bought for the " + car, Styles.NOTE)));
        var card = new ListCard(stock.id(), () -> pick(stock.id()), words.toArray(Node[]::new));
        card.setId("stock-" + stock.id().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        return card.picked(stock.id().equals(picked));
    }

    private void pick(String id) {
        picked = id;
        refresh();
    }

    private boolean takeIn(Stock stock) {
        var taken = model.stock().takenIn(stock);
        taken.ifPresent(one -> {
            heard.setText(
                    one.id().equals(stock.id())
                            ? ""
                            : "There was a %s before, so this one is called “%s”.".formatted(stock.id(), one.id()));
            picked = one.id();
            refresh();
        });
        return taken.isPresent();
    }

    private void putRight() {
        one().ifPresent(stock -> {
            try {
                var now = stock.bought(
                        of.getText().strip(),
                        new Lot(
                                lot.getText().strip(),
                                CountFields.mm(thickness),
                                stock.lot().supplier()),
                        price());
                heard.setText("");
                if (!now.equals(stock)) model.stock().found(now);
            } catch (IllegalArgumentException fault) {
                heard.setText(fault.getMessage());
            }
        });
    }

    private double price() {
        if (cost.getText().isBlank()) return 0;
        return switch (NumberText.read(cost.getText().strip(), "")) {
            case Understood<BigDecimal>(var number) -> number.doubleValue();
            case Refused<BigDecimal>(var why) -> throw new IllegalArgumentException(why);
        };
    }

    private void call() {
        one().filter(stock ->
                        !name.getText().isBlank() && !name.getText().strip().equals(stock.id()))
                .ifPresent(stock -> {
                    var now = name.getText().strip();
                    picked = now;
                    if (!model.stock().called(stock.id(), now)) picked = stock.id();
                    refresh();
                });
    }

    private void gone() {
        one().ifPresent(stock -> model.stock().gone(stock.id(), ""));
    }
}
