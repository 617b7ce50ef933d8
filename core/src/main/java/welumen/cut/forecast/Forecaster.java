package welumen.cut.forecast;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorCompletionService;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import welumen.cut.NestOptions;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;
import welumen.cut.nest.Workers;

/**
 * Samples deliveries and lays the job's pieces out on each; after every ten there is a forecast, and again after each delivery
 * that was laid out in full. Deliveries come from the seed alone, so that the same question has the same answer.
 */
public final class Forecaster {
    private static final int TOGETHER = 10;
    /** Laid out in full, to see by how much a plan of a moment is too dear. */
    private static final int FULL = 20;

    private static final NestOptions FULLY = NestOptions.USUAL.withRounds(14);

    private Forecaster() {}

    /**
     * @param progress told of each forecast on the caller's thread; the last one is returned too
     * @param stop the best known so far is returned then
     */
    public static Forecast of(Question question, int deliveries, Consumer<Forecast> progress, StopSignal stop) {
        var laid = new ArrayList<Delivery>();
        try (var pool = Workers.pool(Workers.COUNT)) {
            while (laid.size() < deliveries && !stop.stopRequested()) {
                var running = new ExecutorCompletionService<Delivery>(pool);
                var from = laid.size();
                var to = Math.min(deliveries, from + TOGETHER);
                for (var number = from; number < to; number++) {
                    var one = number;
                    running.submit(() -> Delivery.laid(question, one));
                }
                for (var i = from; i < to; i++) laid.add(Workers.next(running));
                laid.sort(Comparator.comparingInt(Delivery::number));
                progress.accept(Forecast.of(question, laid, List.of()));
            }
        }
        return calibrated(question, laid, progress, stop);
    }

    /** As quick as can be, for comparing what a change buys: no delivery is laid out in full. */
    static Forecast quick(Question question, int deliveries, StopSignal stop) {
        var laid = new ArrayList<Delivery>();
        try (var pool = Workers.pool(Workers.COUNT)) {
            var running = new ExecutorCompletionService<Delivery>(pool);
            for (var number = 0; number < deliveries; number++) {
                var one = number;
                running.submit(
                        () -> stop.stopRequested() ? new Delivery(one, 0, Map.of()) : Delivery.laid(question, one));
            }
            for (var number = 0; number < deliveries; number++) laid.add(Workers.next(running));
        }
        laid.removeIf(delivery -> delivery.needed() == 0);
        laid.sort(Comparator.comparingInt(Delivery::number));
        return Forecast.of(question, laid, List.of());
    }

    private static Forecast calibrated(
            Question question, List<Delivery> laid, Consumer<Forecast> progress, StopSignal stop) {
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

    /** The search ends as soon as everything has a place; that is all that is asked. */
    private static boolean doesWithOneFewer(Question question, Delivery delivery, StopSignal stop) {
        if (delivery.needed() < 2) return false;
        var fewer = question.problem(question.delivery(delivery.number(), delivery.needed() - 1));
        var isDone = new AtomicBoolean();
        var plan = Nester.lay(
                fewer,
                FULLY,
                (_, best) -> {
                    if (best.placements().size() == question.count()) isDone.set(true);
                },
                () -> isDone.get() || stop.stopRequested());
        return plan.placements().size() == question.count();
    }
}
