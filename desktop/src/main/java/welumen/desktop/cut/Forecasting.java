package welumen.desktop.cut;

import java.util.List;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import welumen.cut.forecast.Forecast;
import welumen.cut.forecast.ForecastQuestion;
import welumen.cut.forecast.Forecaster;
import welumen.cut.forecast.WhatIf;
import welumen.desktop.model.Background;
import welumen.desktop.model.Background.Takes;

/** A forecast off the window's thread, and after it what changes would buy. {@link #finishNow} keeps what is known. */
final class Forecasting extends Task<List<WhatIf>> {
    private final ForecastQuestion question;
    private final int deliveries;
    private volatile boolean finishNow;
    private final Consumer<Forecast> progress;

    /** @param progress told on a thread of the forecast's */
    Forecasting(ForecastQuestion question, int deliveries, Consumer<Forecast> progress) {
        this.question = question;
        this.deliveries = deliveries;
        this.progress = progress;
    }

    void finishNow() {
        finishNow = true;
    }

    private boolean isStopped() {
        return finishNow || isCancelled();
    }

    @Override
    protected List<WhatIf> call() {
        var forecast = Forecaster.of(question, deliveries, progress, this::isStopped);
        return forecast.deliveries() == 0 ? List.of() : WhatIf.of(forecast, this::isStopped);
    }

    void begin(Background background) {
        var listed = background.run("the forecast", Takes.A_WHILE, this, this::cancel);
        progressProperty().subscribe(share -> listed.is(share.doubleValue()));
    }
}
