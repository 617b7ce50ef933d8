package welumen.treatment.whole;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import welumen.cabin.PartId;

/**
 * The job without its common limits: whoever goes over one pays a price for it instead, and the trees no longer know of
 * each other, so that each is settled exactly. The least of all that is never more than the least within the limits; prices
 * are sought by subgradients that make it as much as can be (Held and Karp, 1971; Polyak, 1969).
 */
final class Relaxation {
    private static final int ROUNDS = 400;
    private static final int IDLE = 12;
    private static final double SMALLEST_STEP = 0.01;
    private static final double SMALLEST_GAIN = 1e-6;

    /** @param ways for each part the place of its option */
    record Selection(Map<PartId, Integer> ways, long[] amounts) {
        long of(Goal goal) {
            return amounts[goal.ordinal()];
        }
    }

    private final List<Tree> trees;
    private final Goal goal;
    private final long[] limits;
    private double[] prices;
    private double bound = Double.NEGATIVE_INFINITY;
    private Selection best;

    /**
     * @param limits by goal; {@link Long#MAX_VALUE} where there is none
     * @param known a set within all limits
     */
    private Relaxation(List<Tree> trees, Goal goal, long[] limits, Selection known) {
        this.trees = trees;
        this.goal = goal;
        this.limits = limits;
        this.best = known;
        this.prices = new double[limits.length];
        prices[goal.ordinal()] = 1;
    }

    static Relaxation of(List<Tree> trees, Goal goal, long[] limits, Selection known) {
        var relaxation = new Relaxation(trees, goal, limits, known);
        relaxation.seekPrices();
        return relaxation;
    }

    /** The set that has least of one goal, whatever it has of the others. */
    static Selection least(List<Tree> trees, Goal goal) {
        var prices = new double[Goal.values().length];
        prices[goal.ordinal()] = 1;
        return set(all(trees, prices));
    }

    /** No set within the limits has less of the goal than this. */
    double bound() {
        return bound;
    }

    /** The best set within the limits that was met. */
    Selection best() {
        return best;
    }

    /** By how much what a choice costs at least, at the prices found, is above what the cheapest beside it does. */
    double more(Tree tree, Tree.Way way) {
        return all(way.parts(), prices).value() - least(tree, prices).value();
    }

    double more(Tree.Leaf leaf, int option) {
        return value(leaf.amounts()[option], prices) - least(leaf, prices).value();
    }

    private void seekPrices() {
        var here = prices.clone();
        var step = 1.0;
        var idle = 0;
        for (var round = 0; round < ROUNDS && step > SMALLEST_STEP; round++) {
            var found = all(trees, here);
            var set = set(found);
            keep(set);
            var value = found.value() - sumOfLimits(here);
            if (value > bound + SMALLEST_GAIN) {
                bound = value;
                prices = here.clone();
                idle = 0;
            } else if (++idle == IDLE) {
                step /= 2;
                idle = 0;
                here = prices.clone();
                continue;
            }
            if (best.of(goal) - bound < 1 || !move(here, set, step * (best.of(goal) - value))) return;
        }
    }

    /** Dearer where a limit is passed, cheaper where something is left; false where nothing is to be moved. */
    private boolean move(double[] here, Selection set, double want) {
        var length = 0.0;
        var way = new double[here.length];
        for (var i = 0; i < here.length; i++) {
            if (limits[i] == Long.MAX_VALUE || i == goal.ordinal()) continue;
            way[i] = set.amounts()[i] - limits[i];
            if (here[i] == 0 && way[i] < 0) way[i] = 0;
            length += Math.pow(way[i] / scale(i), 2);
        }
        if (length == 0) return false;
        for (var i = 0; i < here.length; i++)
            here[i] = Math.max(0, here[i] + want * way[i] / (scale(i) * scale(i)) / length);
        here[goal.ordinal()] = 1;
        return true;
    }

    /** So that money and parts are moved alike. */
    private double scale(int goal) {
        return Math.max(1, limits[goal]);
    }

    private void keep(Selection set) {
        for (var i = 0; i < limits.length; i++) if (i != goal.ordinal() && set.amounts()[i] > limits[i]) return;
        if (set.of(goal) < best.of(goal)) best = set;
    }

    private double sumOfLimits(double[] here) {
        var sum = 0.0;
        for (var i = 0; i < limits.length; i++)
            if (i != goal.ordinal() && limits[i] != Long.MAX_VALUE) sum += here[i] * limits[i];
        return sum;
    }

    /** What was settled at least cost: an option, or the parts of the way that was taken. */
    private record Found(double value, Tree.@Nullable Leaf leaf, int option, List<Found> parts) {}

    private static Found least(Tree tree, double[] prices) {
        return switch (tree) {
            case Tree.Leaf leaf -> {
                var best = 0;
                var least = Double.POSITIVE_INFINITY;
                for (var i = 0; i < leaf.options().length; i++) {
                    var value = value(leaf.amounts()[i], prices);
                    if (value < least) {
                        least = value;
                        best = i;
                    }
                }
                yield new Found(least, leaf, best, List.of());
            }
            case Tree.Choice(var ways) -> {
                @Nullable Found best = null;
                for (var way : ways) {
                    var found = all(way.parts(), prices);
                    if (best == null || found.value() < best.value()) best = found;
                }
                yield Objects.requireNonNull(best); // a choice has a way
            }
        };
    }

    private static Found all(List<Tree> trees, double[] prices) {
        var parts = new ArrayList<Found>(trees.size());
        var sum = 0.0;
        for (var tree : trees) {
            var found = least(tree, prices);
            sum += found.value();
            parts.add(found);
        }
        return new Found(sum, null, 0, parts);
    }

    private static double value(long[] amounts, double[] prices) {
        var sum = 0.0;
        for (var i = 0; i < prices.length; i++) sum += prices[i] * amounts[i];
        return sum;
    }

    private static Selection set(Found found) {
        var set = new Selection(new HashMap<>(), new long[Goal.values().length]);
        gather(found, set);
        return set;
    }

    private static void gather(Found found, Selection set) {
        if (found.leaf() != null) {
            set.ways().put(found.leaf().part(), found.leaf().options()[found.option()]);
            var amounts = found.leaf().amounts()[found.option()];
            for (var i = 0; i < amounts.length; i++) set.amounts()[i] += amounts[i];
        }
        found.parts().forEach(part -> gather(part, set));
    }
}
