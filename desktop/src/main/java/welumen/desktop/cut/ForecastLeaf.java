package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import welumen.cut.CutChange.TermsSaid;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.forecast.Forecast;
import welumen.cut.forecast.ForecastQuestion;
import welumen.cut.forecast.WhatIf;
import welumen.cut.leather.LeatherTerms;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;
import welumen.desktop.model.JobModel;
import welumen.desktop.stage.Leaf;
import welumen.desktop.stage.Reads;
import welumen.job.JobChange.AtCut;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** How many hides to order: by area as it is usually done, and by the very pieces on hides that may come. */
final class ForecastLeaf extends Leaf {
    private static final int DELIVERIES = 300;
    private static final long SEED = 1;

    private final ComboBox<String> material = new ComboBox<>();
    private final TermsFields terms = new TermsFields(this::typed);
    private final Button begin = Nodes.chief("Forecast", "Lay the pieces out on three hundred deliveries", this::begin);
    private final Button stop = Nodes.button("Enough", "End it, and keep what is known", this::enough);
    private final Label reserve = Nodes.label("", Styles.DANGER);
    private final Label sure = Nodes.label("", Styles.NOTE);
    private final ForecastFacts facts = new ForecastFacts();
    private final ForecastFelt felt = new ForecastFelt();
    private Optional<Forecasting> running = Optional.empty();
    private Optional<Forecast> forecast = Optional.empty();
    private List<WhatIf> changes = List.of();

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ForecastLeaf(JobModel model) {
        super(model, Reads.ALL);
        material.setId("forecast-material");
        material.valueProperty().subscribe(this::turnTo);
        begin.setId("begin-forecast");
        stop.setId("forecast-enough");
        stop.managedProperty().bind(stop.visibleProperty());
        answer.setId("forecast-answer");
        reserve.setId("forecast-reserve");
        reserve.managedProperty().bind(reserve.textProperty().isNotEmpty());
        sure.setId("forecast-sure");
        sure.managedProperty().bind(sure.textProperty().isNotEmpty());
        for (var line : List.of(reserve, sure)) line.setMinHeight(USE_PREF_SIZE);
        var row = new FlowPane(14, 10, Nodes.field("Material", material));
        row.getChildren()
                .addAll(Stream.concat(terms.nodes(), Stream.of(Nodes.level(begin), Nodes.level(stop)))
                        .toList());
        getChildren().addAll(row, reserve, sure, Nodes.beside(felt, Nodes.scroll(facts), 330));
    }

    @Override
    protected Node first() {
        return begin;
    }

    @Override
    protected void refresh() {
        Nodes.refill(
                material,
                LeatherSupply.all(model).stream().map(LeatherSupply::material).toList());
        turnTo();
    }

    private Optional<LeatherSupply> supply() {
        return LeatherSupply.of(model, material.getValue());
    }

    private void turnTo() {
        supply().ifPresent(supply -> terms.show(
                supply.terms(), supply.yields().learnt(), supply.learnt().meanMm2()));
        show();
    }

    /** Nothing is asked twice: what is typed is the job's. */
    private void typed() {
        supply().ifPresent(supply -> {
            switch (terms.read()) {
                case Refused<LeatherTerms>(var why) -> answer.setText(why);
                case Understood<LeatherTerms>(var said) -> {
                    if (said.equals(supply.terms())) show();
                    else model.make(new AtCut(new TermsSaid(supply.material(), said)));
                }
            }
        });
    }

    private void show() {
        var supply = supply();
        begin.setDisable(running.isPresent() || supply.isEmpty());
        stop.setVisible(running.isPresent());
        if (supply.isEmpty()) {
            facts.clear();
            answer.setText("No piece of that material has been drawn yet.");
            reserve.setText("");
            sure.setText("");
            return;
        }
        var pieces = supply.get().pieces();
        var known = forecast.filter(one -> one.question().pieces().equals(pieces));
        facts.show(supply.get(), known, changes);
        reserve.setText(ReserveSaid.shortage(supply.get()));
        answer.setText(known.map(this::answered)
                .orElseGet(() -> "By area alone %s will do for %s of %s; “Forecast” lays out the very pieces."
                        .formatted(
                                Words.many(supply.get().byArea().hides(), "hide"),
                                Words.many(CutPiece.count(pieces), "piece"),
                                supply.get().material())));
        sure.setText(known.map(ForecastLeaf::surely).orElse(""));
        felt.show(known.filter(Forecast::isCorrected));
    }

    private String answered(Forecast known) {
        if (!known.isCorrected())
            return running.isPresent()
                    ? "%d deliveries laid out in a moment, %d of them in full so far: how many are enough is not known yet."
                            .formatted(known.deliveries(), known.full().size())
                    : "It was stopped before it could be corrected: how many are enough is not known.";
        var best = known.recommended();
        return "Order %s of one lot: %s. They are enough in %s of deliveries."
                .formatted(
                        Words.many(best, "hide"),
                        switch (known.rule()) {
                            case CHEAPEST -> "that costs least on the mean, a second order reckoned in";
                            case NEARLY_ALWAYS -> "the fewest that do in nineteen deliveries of twenty";
                        },
                        Words.percent(known.enough(best).likely()));
    }

    private static String surely(Forecast known) {
        if (!known.isCorrected()) return "";
        var share = known.enough(known.recommended());
        return "%d deliveries; surely between %s and %s. %d were laid out in full as well: %d of them did with one hide fewer, and so it is reckoned for all."
                .formatted(
                        known.deliveries(),
                        Words.percent(share.low()),
                        Words.percent(share.high()),
                        known.full().size(),
                        known.saved());
    }

    private void begin() {
        if (terms.read() instanceof Refused<LeatherTerms>(var why)) answer.setText(why);
        else supply().ifPresent(this::begin);
    }

    private void begin(LeatherSupply supply) {
        changes = List.of();
        var bought = supply.terms();
        var task = new Forecasting(
                new ForecastQuestion(
                        supply.pieces(),
                        CutProblem.USUAL_GAP_MM,
                        supply.population(),
                        bought.price(),
                        bought.secondOrder(),
                        SEED),
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
        task.setOnCancelled(_ -> {
            running = Optional.empty();
            show();
        });
        task.setOnFailed(_ -> {
            running = Optional.empty();
            model.say("The forecast failed: " + task.getException().getMessage());
            show();
        });
        show();
        answer.setText("The first ten deliveries come in a moment.");
        task.begin(model.background());
    }

    private void enough() {
        running.ifPresent(Forecasting::finishNow);
    }

    @Override
    protected void closed() {
        enough();
    }
}
