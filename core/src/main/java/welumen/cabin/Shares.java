package welumen.cabin;

import java.util.List;

/** Parts a length by weights, but gives nobody less than is needed, as far as there is room. */
final class Shares {
    private Shares() {}

    static List<Double> of(double length, List<Double> weights, double needed) {
        var total = weights.stream().mapToDouble(Double::doubleValue).sum();
        var least = Math.min(needed, length / weights.size());
        var spare = length - least * weights.size();
        var above = weights.stream()
                .map(weight -> Math.max(0, weight / total * length - least))
                .toList();
        var all = above.stream().mapToDouble(Double::doubleValue).sum();
        return above.stream()
                .map(more -> least + (all == 0 ? spare / weights.size() : more / all * spare))
                .toList();
    }
}
