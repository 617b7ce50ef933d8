package welumen.desktop.cut;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import welumen.cut.CutPiece;
import welumen.cut.CuttingTable;
import welumen.cut.FromPattern;
import welumen.cut.RoughCut;
import welumen.cut.forecast.AreaCount;
import welumen.cut.forecast.Forecast;
import welumen.cut.forecast.Question;
import welumen.cut.forecast.WhatIf;
import welumen.cut.hide.LeatherClass;
import welumen.cut.hide.Population;
import welumen.cut.table.Yields;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.WordCell;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.pattern.Piece;

/** How many hides to order: by area as it is usually done, and by the very pieces on hides that may come. */
final class ForecastLeaf extends Leaf {
    private static final int DELIVERIES = 300;
    private static final double GAP_MM = 3;
    private static final long SEED = 1;

    private final ComboBox<String> material = new ComboBox<>();
    private final ComboBox<LeatherClass> leather = new ComboBox<>();
    private final TextField price = new TextField("310");
    private final TextField secondLot = new TextField("180");
    private final Button begin = Nodes.chief("Forecast", "Lay the pieces out on three hundred deliveries", this::begin);
    private final Button stop = Nodes.button("Enough", "End it, and keep what is known", this::enough);
    private final Label answer = Nodes.label("", Styles.STRONG);
    private final Label sure = Nodes.label("", Styles.NOTE);
    private final VBox facts = new VBox(5);
    private final ForecastFelt felt = new ForecastFelt();
    private Optional<Forecasting> running = Optional.empty();
    private Optional<Forecast> forecast = Optional.empty();
    private List<WhatIf> changes = List.of();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ForecastLeaf(JobModel model) {
        super(model, "Forecast");
        material.setId("forecast-material");
        material.setPrefWidth(190);
        material.valueProperty().subscribe(this::show);
        leather.getItems().setAll(LeatherClass.values());
        leather.setValue(LeatherClass.STANDARD);
        leather.setId("leather-class");
        WordCell.in(leather, LeatherClass::word);
        leather.valueProperty().subscribe(this::show);
        price.setId("hide-price");
        price.setPrefColumnCount(5);
        secondLot.setId("second-lot");
        secondLot.setPrefColumnCount(5);
        begin.setId("begin-forecast");
        stop.setId("forecast-enough");
        answer.setId("forecast-answer");
        answer.setMinHeight(USE_PREF_SIZE);
        sure.setMinHeight(USE_PREF_SIZE);
        sure.setId("forecast-sure");
        facts.setId("forecast-facts");
        getChildren()
                .addAll(
                        new FlowPane(
                                14,
                                10,
                                Nodes.field("Material", material),
                                Nodes.field("Leather", leather),
                                Nodes.field("A hide costs", price),
                                Nodes.field("A second order, besides", secondLot),
                                Nodes.level(begin),
                                Nodes.level(stop)),
                        answer,
                        sure,
                        Nodes.beside(felt, Nodes.scroll(facts), 330));
    }

    @Override
    protected Node first() {
        return begin;
    }

    @Override
    protected void refresh() {
        Nodes.refill(
                material,
                model.job().patterns().pieces().stream()
                        .map(Piece::material)
                        .distinct()
                        .toList());
        show();
    }

    /** All of that material, those that wait for a trial too: hides are ordered before. */
    private List<CutPiece> pieces() {
        return RoughCut.of(
                        FromPattern.pieces(model.job().patterns().pieces()),
                        model.job().cutLog().worked())
                .stream()
                .filter(piece -> piece.material().equals(material.getValue()))
                .toList();
    }

    private Population population() {
        var own = Stream.concat(model.workshop().stock().stream(), model.job().cutLog().brought().stream())
                .filter(stock -> stock.material().equals(material.getValue()))
                .toList();
        return leather.getValue().population().learnt(own);
    }

    private void show() {
        begin.setDisable(running.isPresent() || pieces().isEmpty());
        stop.setVisible(running.isPresent());
        stop.setManaged(running.isPresent());
        facts.getChildren().clear();
        if (pieces().isEmpty()) {
            answer.setText("No piece of that material has been drawn yet.");
            sure.setText("");
            return;
        }
        var known = forecast.filter(one -> one.question().pieces().equals(pieces()));
        byArea();
        if (known.isEmpty()) {
            answer.setText("%s of %s: how many hides?".formatted(Words.many(count(), "piece"), material.getValue()));
            sure.setText("");
            return;
        }
        felt.show(known.get());
        say(known.get());
    }

    private int count() {
        return CutPiece.count(pieces());
    }

    /** As it is usually reckoned: area by the workshop's yield. */
    private void byArea() {
        var own = model.job().table() instanceof CuttingTable.Laid laid
                ? Yields.of(laid, model.job().cutLog())
                : new Yields(0, 0, 0);
        var yields = model.others().yields().and(own);
        var hides = population();
        var count = new AreaCount(CutPiece.area(pieces()), yields.learnt(), hides.meanMm2());
        facts.getChildren()
                .addAll(
                        Nodes.whole("By area alone", Styles.HEADING),
                        Nodes.label(
                                "%s net ÷ %s used ÷ %s a hide = %.2f, so %d; spare %s net."
                                        .formatted(
                                                Words.squareMetres(count.netMm2()),
                                                Words.percent(yields.learnt()),
                                                Words.squareMetres(hides.meanMm2()),
                                                count.wanted(),
                                                count.hides(),
                                                Words.squareMetres(count.spareMm2())),
                                Styles.MEASURE),
                        Nodes.label(
                                (yields.cutMm2() == 0
                                                ? "Nothing has been cut here yet: %s is what is usual by hand."
                                                        .formatted(Words.percent(Yields.USUAL))
                                                : "This workshop has cut %s, of which %s became pieces."
                                                        .formatted(
                                                                Words.squareMetres(yields.cutMm2()),
                                                                Words.percent(yields.share())))
                                        + " %s of its own hides count."
                                                .formatted(hides.seen() == 0 ? "None" : Words.count(hides.seen())),
                                Styles.NOTE));
    }

    private void say(Forecast known) {
        var best = known.recommended();
        var share = known.enough(best);
        answer.setText("Order %s of one lot: in %s of deliveries they are enough."
                .formatted(Words.many(best, "hide"), Words.percent(share.likely())));
        sure.setText("%d deliveries; surely between %s and %s.%s"
                .formatted(
                        known.deliveries(),
                        Words.percent(share.low()),
                        Words.percent(share.high()),
                        known.full().isEmpty()
                                ? " A plan of a moment opens a hide too many now and then; that is still to be corrected."
                                : " %d were laid out in full as well: %d of them did with one hide fewer, and so it is reckoned for all."
                                        .formatted(known.full().size(), known.saved())));
        facts.getChildren().add(Nodes.whole("What it costs on the mean", Styles.HEADING));
        for (var hides = Math.max(1, best - 1); hides <= best + 1; hides++)
            facts.getChildren()
                    .add(Nodes.label(
                            "%s: %s%.0f"
                                    .formatted(
                                            Words.many(hides, "hide"), model.currencySign(), known.expectedCost(hides)),
                            hides == best ? Styles.STRONG : Styles.MEASURE));
        facts.getChildren().add(Nodes.whole("What decides it", Styles.HEADING));
        known.deciding().stream()
                .limit(4)
                .forEach(piece -> facts.getChildren()
                        .add(Nodes.label(
                                "%s: on the last hide in %s"
                                        .formatted(
                                                Words.capital(piece.getKey().replace('-', ' ')),
                                                Words.percent(piece.getValue())),
                                Styles.MEASURE)));
        if (changes.isEmpty()) return;
        facts.getChildren().add(Nodes.whole("What a change would buy", Styles.HEADING));
        if (changes.stream().noneMatch(change -> change.buys() > 0))
            facts.getChildren()
                    .add(Nodes.label(
                            "Nothing that was tried would make %s do more often."
                                    .formatted(Words.many(Math.max(1, best - 1), "hide")),
                            Styles.NOTE));
        for (var change : changes)
            if (change.buys() > 0)
                facts.getChildren()
                        .add(Nodes.label(
                                "%s: %s would do in %s in place of %s"
                                        .formatted(
                                                change.words(),
                                                Words.many(change.hides(), "hide"),
                                                Words.percent(change.after()),
                                                Words.percent(change.before())),
                                Styles.MEASURE));
    }

    private void begin() {
        var hide = amount(price);
        var later = amount(secondLot);
        if (hide.isEmpty() || later.isEmpty()) {
            answer.setText("What does a hide cost, and what a second order besides? Type both as 310.");
            return;
        }
        changes = List.of();
        var task = new Forecasting(
                new Question(pieces(), GAP_MM, population(), hide.get(), later.get(), SEED),
                DELIVERIES,
                known -> Platform.runLater(() -> {
                    if (running.isEmpty()) return;
                    forecast = Optional.of(known);
                    show();
                }));
        running = Optional.of(task);
        task.setOnSucceeded(_ -> {
            running = Optional.empty();
            changes = task.getValue();
            show();
        });
        task.setOnFailed(_ -> {
            running = Optional.empty();
            model.say("The forecast failed: " + task.getException().getMessage());
            show();
        });
        show();
        answer.setText("The first ten deliveries come in a moment.");
        task.begin();
    }

    private static Optional<Double> amount(TextField field) {
        var text = field.getText().strip().toLowerCase(Locale.ROOT);
        return text.matches("\\d{1,5}(\\.\\d{1,2})?") ? Optional.of(Double.valueOf(text)) : Optional.empty();
    }

    private void enough() {
        running.ifPresent(Forecasting::finishNow);
    }

    /** Leaving the stage ends it. */
    void close() {
        enough();
    }
}
