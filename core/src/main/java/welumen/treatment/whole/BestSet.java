package welumen.treatment.whole;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import welumen.cabin.PartId;
import welumen.treatment.whole.WholeJob.Open;
import welumen.treatment.whole.WholeJob.Pair;

/**
 * Finds the best set of treatments exactly, by constraint programming with clause learning (CP-SAT). Goals are met one
 * after the other: not over the budget, not over the hours and days, nothing that stands out among its neighbours, nothing
 * below the standard, and then the most worth; a goal that cannot be met whole is met as far as can be.
 */
public final class BestSet {
    private static final double WORTH_SCALE = 1e4;
    private static final double TENTHS = 10;

    /** In the solver's own time, which is the same on every machine. */
    private static final double PATIENCE = 4;

    private final WholeJob job;
    private final CpModel model = new CpModel();
    private final Map<PartId, BoolVar[]> chosen = new HashMap<>();
    private boolean isProven = true;

    private BestSet(WholeJob job) {
        this.job = job;
    }

    /** The plan, judged by {@link WholeJob#judge}; the same for the same job. */
    public static WholePlan of(WholeJob job) {
        if (job.parts().isEmpty()) return job.judge(Map.of(), true);
        Loader.loadNativeLibraries();
        return new BestSet(job).solve();
    }

    private WholePlan solve() {
        for (var part : job.parts()) {
            var options = new BoolVar[part.options().size()];
            for (var i = 0; i < options.length; i++) options[i] = model.newBoolVar("");
            model.addExactlyOne(options);
            part.fixed().ifPresent(way -> model.addEquality(options[way], 1));
            chosen.put(part.part(), options);
        }
        patina();
        Map<PartId, Integer> best = Map.of();
        for (var goal : List.of(overBudget(), overTime(), standingOut(), belowStandard(), lostWorth()))
            best = least(goal);
        return job.judge(best, isProven);
    }

    /** Meets a goal as far as can be, and keeps it so for those that follow. */
    private Map<PartId, Integer> least(LinearExpr goal) {
        model.minimize(goal);
        var solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(1).setMaxDeterministicTime(PATIENCE);
        var status = solver.solve(model);
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE)
            throw new IllegalStateException("No set of treatments agrees with what is fixed: " + status);
        isProven &= status == CpSolverStatus.OPTIMAL;
        model.clearObjective();
        model.addLessOrEqual(goal, Math.round(solver.objectiveValue()));
        var ways = new HashMap<PartId, Integer>();
        model.clearHints();
        for (var part : job.parts()) {
            var options = chosen.get(part.part());
            for (var i = 0; i < options.length; i++) {
                model.addHint(options[i], solver.value(options[i]));
                if (solver.booleanValue(options[i])) ways.put(part.part(), i);
            }
        }
        return ways;
    }

    /** Groups of which some member has no way to keep its patina, or none but to keep it, bind only where they can. */
    private void patina() {
        for (var group : job.patina()) {
            var kept = model.newBoolVar("");
            for (var part : group)
                job.find(part).ifPresent(open -> {
                    var options = chosen.get(part);
                    var keeping = LinearExpr.newBuilder();
                    for (var i = 0; i < options.length; i++)
                        if (Patina.isKept(open.options().get(i).candidate())) keeping.add(options[i]);
                    if (canDoBoth(open)) model.addEquality(keeping, kept);
                });
        }
    }

    private static boolean canDoBoth(Open open) {
        var keeping = open.options().stream()
                .filter(option -> Patina.isKept(option.candidate()))
                .count();
        return open.fixed().isEmpty() && keeping > 0 && keeping < open.options().size();
    }

    private LinearExpr overBudget() {
        var cost = LinearExpr.newBuilder();
        for (var part : job.parts())
            add(cost, part, option ->
                    (long) Math.ceil(part.options().get(option).candidate().cost()));
        return excess(cost, (long) Math.floor(job.budget()));
    }

    private LinearExpr overTime() {
        var tenths = LinearExpr.newBuilder();
        var late = LinearExpr.newBuilder();
        for (var part : job.parts()) {
            add(tenths, part, option -> (long) Math.ceil(
                    TENTHS * part.options().get(option).candidate().hours().likely()));
            add(late, part, option -> (long) Math.ceil(
                    TENTHS * Math.max(0, part.options().get(option).candidate().days() - job.days())));
        }
        return LinearExpr.newBuilder()
                .add(excess(tenths, (long) Math.floor(TENTHS * job.hours())))
                .add(late)
                .build();
    }

    private LinearExpr standingOut() {
        var apart = LinearExpr.newBuilder();
        for (var pair : job.neighbours()) {
            var broken = model.newBoolVar("");
            within(pair, broken, this::level, (long) (TENTHS * WholeJob.FINISH_APART));
            if (pair.sameMatter()) within(pair, broken, this::gloss, WholeJob.GLOSS_APART);
            apart.add(broken);
        }
        return apart.build();
    }

    private interface Measure {
        LinearExpr of(PartId part);
    }

    /** Both ways round, unless the pair is broken. */
    private void within(Pair pair, BoolVar broken, Measure measure, long apart) {
        var one = measure.of(pair.one());
        var other = measure.of(pair.other());
        for (var sign : new int[] {1, -1}) {
            var difference = LinearExpr.newBuilder().addTerm(one, sign).addTerm(other, -sign);
            model.addLessOrEqual(difference, apart).onlyEnforceIf(broken.not());
        }
    }

    private LinearExpr level(PartId part) {
        return sum(
                part,
                option -> Math.round(TENTHS
                        * find(part).options().get(option).candidate().finish().level()));
    }

    private LinearExpr gloss(PartId part) {
        return sum(part, option -> find(part).options().get(option).gloss());
    }

    private LinearExpr belowStandard() {
        var below = LinearExpr.newBuilder();
        for (var part : job.parts())
            add(
                    below,
                    part,
                    option -> Math.max(
                            0,
                            Math.round(TENTHS
                                    * (part.wanted().level()
                                            - part.options()
                                                    .get(option)
                                                    .candidate()
                                                    .finish()
                                                    .level()))));
        return below.build();
    }

    private LinearExpr lostWorth() {
        var lost = LinearExpr.newBuilder();
        for (var part : job.parts())
            add(
                    lost,
                    part,
                    option -> -Math.round(WORTH_SCALE
                            * part.importance()
                            * part.options().get(option).worth()));
        return lost.build();
    }

    private interface Amount {
        long of(int option);
    }

    private void add(LinearExprBuilder sum, Open part, Amount amount) {
        var options = chosen.get(part.part());
        for (var i = 0; i < options.length; i++) {
            var here = amount.of(i);
            if (here != 0) sum.addTerm(options[i], here);
        }
    }

    private LinearExpr sum(PartId part, Amount amount) {
        var sum = LinearExpr.newBuilder();
        add(sum, find(part), amount);
        return sum.build();
    }

    /** A variable for how much a sum is over what there is. */
    private LinearExpr excess(LinearExprBuilder sum, long limit) {
        var over = model.newIntVar(0, Integer.MAX_VALUE, "");
        var less = LinearExpr.newBuilder().add(sum).addTerm(over, -1);
        model.addLessOrEqual(less, limit);
        return LinearExpr.sum(new IntVar[] {over});
    }

    private Open find(PartId part) {
        return job.find(part).orElseThrow();
    }
}
