package welumen.treatment.whole;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;

/**
 * What each budget buys: the best plan for a row of budgets, from the cheapest set that there is to where more buys nothing.
 *
 * <p>One {@link BestSet} for each budget of the row; between two budgets nothing is claimed.
 */
public final class TradeCurve {
    /** A budget and the best plan within it. */
    public record Point(double budget, WholePlan plan) {}

    private TradeCurve() {}

    /** @param points how many budgets to try, 2 or more; fewer come back where two buy the same */
    public static List<Point> of(WholeJob job, int points) {
        return of(job, points, () -> false); // to its end
    }

    /** The same; what has been tried by then where it is stopped, on any thread. */
    public static List<Point> of(WholeJob job, int points, BooleanSupplier stop) {
        var least = sum(job, ways -> ways.min().orElseThrow());
        var all = sum(job, ways -> ways.max().orElseThrow());
        var most = BestSet.of(job.withBudget(all)).cost();
        var curve = new ArrayList<Point>();
        for (var i = 0; i < points && !stop.getAsBoolean(); i++) {
            var budget = Math.ceil((least + (most - least) * i / (points - 1)) / 10) * 10;
            var plan = BestSet.of(job.withBudget(budget));
            if (!curve.isEmpty() && plan.otherThan(curve.getLast().plan()).isEmpty()) continue;
            curve.add(new Point(budget, plan));
        }
        return curve;
    }

    private static double sum(WholeJob job, ToDoubleFunction<DoubleStream> ofPart) {
        return job.parts().stream()
                .mapToDouble(part -> ofPart.applyAsDouble(part.options().stream()
                        .mapToDouble(option -> option.candidate().cost())))
                .sum();
    }
}
