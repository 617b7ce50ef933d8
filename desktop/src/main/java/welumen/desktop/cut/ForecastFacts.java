package welumen.desktop.cut;

import java.util.List;
import java.util.Optional;
import javafx.scene.layout.VBox;
import welumen.cut.forecast.Forecast;
import welumen.cut.forecast.WhatIf;
import welumen.cut.table.Yields;
import welumen.desktop.look.Nodes;
import welumen.desktop.look.Styles;
import welumen.desktop.look.Words;

/** What stands beside the forecast: the sums by area, what it costs, what decides it, and what a change would buy. */
final class ForecastFacts extends VBox {
    private static final int DECIDING = 4;

    @SuppressWarnings("this-escape") // JavaFX builds a pane by its own methods; no subclass overrides them
    ForecastFacts() {
        super(5);
        setId("forecast-facts");
    }

    void clear() {
        getChildren().clear();
    }

    void show(LeatherSupply supply, Optional<Forecast> known, List<WhatIf> changes) {
        clear();
        byArea(supply);
        here(supply);
        known.filter(Forecast::isCorrected).ifPresent(forecast -> {
            costs(supply, forecast);
            deciding(forecast);
            if (!changes.isEmpty()) changes(forecast, changes);
        });
    }

    private void heading(String words) {
        getChildren().add(Nodes.whole(words, Styles.HEADING));
    }

    private void fact(String words) {
        getChildren().add(Nodes.label(words, Styles.MEASURE));
    }

    private void note(String words) {
        getChildren().add(Nodes.label(words, Styles.NOTE));
    }

    private void byArea(LeatherSupply supply) {
        var count = supply.byArea();
        var yields = supply.yields();
        var seen = supply.population().seen();
        heading("By area alone");
        fact("%s net ÷ %s used = %s ÷ %s a hide = %.2f, so %d; spare %s net."
                .formatted(
                        Words.squareMetres(count.netMm2()),
                        Words.percent(count.yield()),
                        Words.squareMetres(count.grossMm2()),
                        Words.squareMetres(count.hideMm2()),
                        count.wanted(),
                        count.hides(),
                        Words.squareMetres(count.spareMm2())));
        note("%s %s"
                .formatted(
                        supply.terms().yield() > 0 ? "What is used stands as it was typed." : learnt(yields),
                        supply.terms().hideMm2() > 0
                                ? "So does the size of a hide."
                                : "%s of its own hides count.".formatted(seen == 0 ? "None" : Words.count(seen))));
    }

    private static String learnt(Yields yields) {
        return yields.cutMm2() == 0
                ? "Nothing has been cut here yet: %s is what is usual by hand.".formatted(Words.percent(Yields.USUAL))
                : "This workshop has cut %s, of which %s became pieces."
                        .formatted(Words.squareMetres(yields.cutMm2()), Words.percent(yields.share()));
    }

    private void here(LeatherSupply supply) {
        var reserve = supply.reserve();
        if (reserve.hereMm2() == 0) return;
        heading("Of what is here");
        fact(ReserveSaid.working(reserve));
    }

    private void costs(LeatherSupply supply, Forecast forecast) {
        heading("What it costs on the mean");
        var best = forecast.recommended();
        for (var hides = Math.max(1, best - 1); hides <= best + 1; hides++)
            getChildren()
                    .add(Nodes.label(
                            "%s: %s%.0f"
                                    .formatted(
                                            Words.many(hides, "hide"),
                                            supply.model().currencySign(),
                                            forecast.expectedCost(hides)),
                            hides == best ? Styles.STRONG : Styles.MEASURE));
    }

    private void deciding(Forecast forecast) {
        heading("What decides it");
        forecast.deciding().stream()
                .limit(DECIDING)
                .forEach(piece -> fact("%s: on the last hide in %s"
                        .formatted(Words.capital(piece.getKey().replace('-', ' ')), Words.percent(piece.getValue()))));
    }

    private void changes(Forecast forecast, List<WhatIf> changes) {
        heading("What a change would buy");
        if (changes.stream().noneMatch(change -> change.buys() > 0))
            note("Nothing that was tried would make %s do more often."
                    .formatted(Words.many(Math.max(1, forecast.recommended() - 1), "hide")));
        for (var change : changes)
            if (change.buys() > 0)
                fact("%s: %s would do in %s in place of %s"
                        .formatted(
                                change.words(),
                                Words.many(change.hides(), "hide"),
                                Words.percent(change.after()),
                                Words.percent(change.before())));
    }
}
