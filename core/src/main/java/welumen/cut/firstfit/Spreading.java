package welumen.cut.firstfit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.firstfit.Spread.Copy;
import welumen.cut.firstfit.Spread.Way;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.PlanScore;

/**
 * A plan by laying one piece after the other, corner to corner: once the biggest first, once those that need the best leather
 * (Burke and others, Operations Research 54, 2006); the better of the two.
 *
 * <p>Corner to corner along no-fit polygons, O(n²) of them for n pieces; no bound on how far it is from the best.
 */
public final class Spreading {
    private Spreading() {}

    /** At least the pinned pieces, which must lie validly; those alone where it is stopped on the way. */
    public static List<Placement> lay(CutProblem problem, StopSignal stop) {
        var grounds = problem.stock().stream()
                .map(stock -> new PreparedStock(stock, problem.gap()))
                .toList();
        var bySize = copies(problem);
        var byGrade = new ArrayList<>(bySize);
        byGrade.sort(Comparator.comparingInt(copy -> copy.piece().grade())); // stable: by size within a grade
        var best = problem.pinned();
        for (var way : List.of(
                new Way(bySize, grounds, Taste.BOX, Tries.QUARTERS),
                new Way(byGrade, grounds, Taste.ROWS, Tries.STRAIGHT))) {
            var found = new Spread(problem, new AttitudeChoice()).run(way, new SplittableRandom(0), stop);
            if (found.isPresent()
                    && PlanScore.of(problem, found.get()).compareTo(PlanScore.of(problem, best)) < 0
                    && PlanCheck.faults(problem, found.get()).isEmpty()) best = found.get();
        }
        return best;
    }

    /** Every copy that is not pinned, the biggest first. */
    private static List<Copy> copies(CutProblem problem) {
        var copies = new ArrayList<Copy>();
        for (var piece : problem.pieces())
            for (var copy = 1; copy <= piece.quantity(); copy++)
                if (!problem.isPinned(piece.id(), copy)) copies.add(new Copy(piece, copy));
        copies.sort(Comparator.comparingDouble(
                copy -> -copy.piece().shape().outline().box().area()));
        return List.copyOf(copies);
    }
}
