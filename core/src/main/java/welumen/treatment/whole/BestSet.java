package welumen.treatment.whole;

import com.google.ortools.Loader;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import welumen.treatment.whole.Relaxation.Selection;

/**
 * Finds the best set of treatments exactly. Goals are met one after the other: not over the budget, not over the hours, not
 * late, nothing that stands out among its neighbours, nothing below the standard, and then the most worth; a goal that
 * cannot be met whole is met as far as can be.
 *
 * <p>A tree of small sets (dynamic programming after Dechter and Mateescu, 2007) under prices of the limits (Held and
 * Karp, 1971), and what that leaves open by mixed-integer programming (OR-Tools). The problem is as hard as a
 * knapsack; where the patience ends first, {@link WholePlan#isProvenBest} says so, and {@link WholeJob#judge} reckons
 * every plan anew.
 */
public final class BestSet {
    /** Time for the whole job in the solver's own units, which are the same on every machine; here about a second and a half. */
    private static final double PATIENCE = 0.45;

    /** Shares of the room to the bound that are searched in turn: a look near the bound finds a good set, against which more can be taken away. */
    private static final List<Double> SHARES_OF_ROOM = List.of(0.03, 0.1, 0.3, 1.0);

    /** Amount that is lost in adding prices to whole numbers; it must not throw out a better set. */
    private static final double ROUNDING = 1e-4;

    private final WholeJob job;
    private final List<Tree> trees;
    private final long[] limits = new long[Goal.values().length];
    private double patience = PATIENCE;
    private boolean isProven = true;

    private BestSet(WholeJob job) {
        this.job = job;
        this.trees = Tree.of(job);
        Arrays.fill(limits, Long.MAX_VALUE);
    }

    /** The plan, judged by {@link WholeJob#judge}; the same for the same job. */
    public static WholePlan of(WholeJob job) {
        if (job.parts().isEmpty()) return job.judge(Map.of(), true);
        Loader.loadNativeLibraries();
        return new BestSet(job).solve();
    }

    private WholePlan solve() {
        var best = Relaxation.least(trees, Goal.COST);
        for (var goal : Goal.values()) {
            var enough = goal.limit(job);
            if (best.of(goal) > enough) best = least(goal, enough, best);
            limits[goal.ordinal()] = Math.max(enough, best.of(goal));
        }
        return job.judge(best.ways(), isProven);
    }

    /** As little of a goal as can be, or what is enough, within what was reached before it. */
    private Selection least(Goal goal, long enough, Selection before) {
        var relaxation = Relaxation.of(trees, goal, limits, before);
        var best = relaxation.best();
        for (var share : SHARES_OF_ROOM) {
            var room = best.of(goal) - 1 - relaxation.bound() + ROUNDING;
            if (room < 0 || best.of(goal) <= enough) return best;
            if (patience <= 0) break;
            limits[goal.ordinal()] = best.of(goal) - 1;
            var answer = LeftToSearch.better(trees, relaxation, goal, limits, share * room, patience);
            patience -= answer.spent();
            if (answer.found().isPresent()) best = answer.found().get();
            if (share == 1 && answer.isSure()) return best;
        }
        isProven = false;
        return best;
    }
}
