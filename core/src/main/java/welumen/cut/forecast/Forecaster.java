package welumen.cut.forecast;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import welumen.cut.NestOptions;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;
import welumen.cut.nest.Workers;

/**
 * Samples deliveries and lays the job's pieces out on each; after every ten there is a forecast, and again after each delivery
 * that was laid out in full. Deliveries come from the seed alone, so that the same question has the same answer.
 *
 * <p>A share of n deliveries is known to within ±1/√n in nineteen of twenty such forecasts (the binomial's normal
 * approximation at one half); its cost is one plan of a moment a delivery, and {@value #FULL} in full. Monte Carlo
 * after Metropolis and Ulam (1949).
 */
public final class Forecaster {
    private static final int TOGETHER = 10;
    /** Deliveries that are laid out in full, to see by how much a plan of a moment is too dear. */
    static final int FULL = 20;

    private static final NestOptions FULLY = NestOptions.USUAL.withRounds(14);

    private Forecaster() {}

    /**
     * @param progress told of each forecast on the caller's thread; the last one is returned too
     * @param stop the best known so far is returned then
     */
    public static Forecast of(ForecastQuestion question, int deliveries, Consumer<Forecast> progress, StopSignal stop) {
        var laid = laid(question, deliveries, progress, stop);
        return calibrated(question, laid, progress, stop);
    }

    /** As quick as can be, for comparing what a change buys: no delivery is laid out in full. */
    static Forecast quick(ForecastQuestion question, int deliveries, StopSignal stop) {
        return Forecast.of(question, laid(question, deliveries, _ -> {}, stop), List.of());
    }

    private static List<Delivery> laid(
            ForecastQuestion question, int deliveries, Consumer<Forecast> progress, StopSignal stop) {
        var laid = new ArrayList<Delivery>();
        try (var pool = Workers.pool(Workers.COUNT)) {
            while (laid.size() < deliveries && !stop.stopRequested()) {
                laid.addAll(some(question, laid.size(), Math.min(deliveries, laid.size() + TOGETHER), pool));
                progress.accept(Forecast.of(question, laid, List.of()));
            }
        }
        return laid;
    }

    /** In the order of their numbers, whichever is ready first. */
    private static List<Delivery> some(ForecastQuestion question, int from, int to, ExecutorService pool) {
        var running = IntStream.range(from, to)
                .mapToObj(number -> pool.submit(() -> Delivery.laid(question, number)))
                .toList();
        return running.stream().map(Workers::result).toList();
    }

    private static Forecast calibrated(
            ForecastQuestion question, List<Delivery> laid, Consumer<Forecast> progress, StopSignal stop) {
        var full = new ArrayList<Forecast.Full>();
        var forecast = Forecast.of(question, laid, List.of());
        for (var delivery : laid.subList(0, Math.min(FULL, laid.size()))) {
            if (stop.stopRequested()) break;
            full.add(new Forecast.Full(delivery.needed(), doesWithOneFewer(question, delivery, stop)));
            forecast = Forecast.of(question, laid, full);
            progress.accept(forecast);
        }
        return forecast;
    }

    private static boolean doesWithOneFewer(ForecastQuestion question, Delivery delivery, StopSignal stop) {
        if (delivery.needed() < 2) return false;
        var fewer = question.problem(question.delivery(delivery.number(), delivery.needed() - 1));
        var plan = Nester.untilAllLie(fewer, FULLY, stop);
        return plan.placements().size() == question.count();
    }
}
