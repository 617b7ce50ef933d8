package welumen.treatment;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;

/** Finds where the order of two ways turns over, one figure at a time. */
final class Sensitivity {
    private static final double MOST_HOURS = 10;

    private final Weighing weighing;
    private final Candidate first;
    private final Candidate second;

    Sensitivity(Weighing weighing, Candidate first, Candidate second) {
        this.weighing = weighing;
        this.first = first;
        this.second = second;
    }

    /** Every figure that could turn it over by itself, the smallest change first. */
    List<SwitchingPoint> points() {
        var points = new ArrayList<SwitchingPoint>();
        for (var criterion : Criterion.values()) weight(criterion).ifPresent(points::add);
        var hours = first.hours().likely();
        turn(1, MOST_HOURS, factor -> lead(first.withHours(factor), second))
                .ifPresent(factor -> points.add(new SwitchingPoint.FirstTakes(hours, hours * factor)));
        var bought = second.materials() + second.boughtIn();
        if (bought > 0)
            turn(1, 0, factor -> lead(first, second.withPrices(factor)))
                    .ifPresent(factor -> points.add(new SwitchingPoint.SecondBuysFor(bought, bought * factor)));
        points.sort(Comparator.comparingDouble(SwitchingPoint::howFar));
        return points;
    }

    /** The lead of the first is linear in the weight of a criterion, since the others shrink in proportion. */
    private Optional<SwitchingPoint> weight(Criterion criterion) {
        var now = criterion.of(weighing.weights());
        DoubleFunction<Double> lead = to -> {
            var shifted = weighing.with(criterion.shifted(weighing.weights(), to));
            return shifted.worth(first) - shifted.worth(second);
        };
        var atNone = lead.apply(0);
        var atAll = lead.apply(1);
        if (atNone >= 0 == atAll >= 0) return Optional.empty();
        var then = atNone / (atNone - atAll);
        return Optional.of(new SwitchingPoint.WeightIs(criterion, now, then));
    }

    private double lead(Candidate one, Candidate other) {
        return weighing.worth(one) - weighing.worth(other);
    }

    /** Where a lead that only shrinks from one end to the other is nought, by halving; empty where it stays. */
    private static Optional<Double> turn(double from, double to, DoubleUnaryOperator lead) {
        if (lead.applyAsDouble(to) >= 0) return Optional.empty();
        var good = from;
        var bad = to;
        for (var i = 0; i < 60; i++) {
            var middle = (good + bad) / 2;
            if (lead.applyAsDouble(middle) >= 0) good = middle;
            else bad = middle;
        }
        return Optional.of((good + bad) / 2);
    }
}
