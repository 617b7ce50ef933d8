package welumen.treatment.whole;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import com.google.ortools.sat.Literal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import welumen.cabin.PartId;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholeJob.Open;

/**
 * Finds the best set of treatments exactly, by constraint programming with clause learning (CP-SAT). Goals are met one
 * after the other: not over the budget, not over the hours and days, nothing that stands out among its neighbours, nothing
 * below the standard, and then the most worth; a goal that cannot be met whole is met as far as can be.
 */
public final class BestSet {
    private static final double WORTH_SCALE = 1e4;
    private static final double TENTHS = 10;

    /** For each goal, in the solver's own time, which is the same on every machine; about a quarter of a second. */
    private static final double PATIENCE = 0.09;

    private final WholeJob job;
    private final CpModel model = new CpModel();
    private final Map<PartId, BoolVar[]> chosen = new HashMap<>();
    /** All of them are hinted, so that each goal begins from what the one before has found. */
    private final List<IntVar> variables = new ArrayList<>();

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
            for (var i = 0; i < options.length; i++) options[i] = truth();
            model.addExactlyOne(options);
            part.fixed().ifPresent(way -> model.addEquality(options[way], 1));
            chosen.put(part.part(), options);
        }
        patina();
        var best = cheapest();
        for (var goal : List.of(overBudget(), overTime(), standingOut(), belowStandard(), lostWorth()))
            best = least(goal, best);
        return job.judge(best, isProven);
    }

    /** Meets a goal as far as can be, and keeps it so for those that follow; in too short a time what was found before. */
    private Map<PartId, Integer> least(LinearExpr goal, Map<PartId, Integer> before) {
        model.minimize(goal);
        var solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(1).setMaxDeterministicTime(PATIENCE);
        var status = solver.solve(model);
        isProven &= status == CpSolverStatus.OPTIMAL;
        model.clearObjective();
        if (status == CpSolverStatus.UNKNOWN) return before;
        if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE)
            throw new IllegalStateException("No set of treatments agrees with what is fixed: " + status);
        model.addLessOrEqual(goal, Math.round(solver.objectiveValue()));
        model.clearHints();
        for (var variable : variables) model.addHint(variable, solver.value(variable));
        return ways(option -> solver.booleanValue(option));
    }

    private Map<PartId, Integer> ways(Predicate<BoolVar> isChosen) {
        var ways = new HashMap<PartId, Integer>();
        chosen.forEach((part, options) -> {
            for (var i = 0; i < options.length; i++) if (isChosen.test(options[i])) ways.put(part, i);
        });
        return ways;
    }

    private Map<PartId, Integer> cheapest() {
        var ways = new HashMap<PartId, Integer>();
        for (var part : job.parts())
            ways.put(
                    part.part(),
                    part.fixed()
                            .orElseGet(() -> IntStream.range(0, part.options().size())
                                    .boxed()
                                    .min(Comparator.comparingDouble(option -> part.options()
                                            .get(option)
                                            .candidate()
                                            .cost()))
                                    .orElseThrow()));
        return ways;
    }

    /** Groups of which some member has no way to keep its patina, or none but to keep it, bind only where they can. */
    private void patina() {
        for (var group : job.patina()) {
            var kept = truth();
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

    /**
     * How many parts lie outside the window of their group. Each group has one window, begun at a value that one of its
     * ways has; whoever is not in it stands out.
     */
    private LinearExpr standingOut() {
        var standing = LinearExpr.newBuilder();
        for (var group : job.neighbours()) {
            var windows = new TreeMap<Integer, BoolVar>();
            for (var part : group.parts())
                for (var option : find(part).options())
                    windows.computeIfAbsent(group.measure().of(option), _ -> truth());
            model.addExactlyOne(windows.values().toArray(BoolVar[]::new));
            for (var part : group.parts()) standing.add(out(group, part, windows));
        }
        return standing.build();
    }

    /** Whether a part is outside its group's window. */
    private BoolVar out(Group group, PartId part, Map<Integer, BoolVar> windows) {
        var out = truth();
        var options = find(part).options();
        windows.forEach((low, window) -> {
            var inside = new ArrayList<Literal>();
            inside.add(out);
            inside.add(window.not());
            for (var i = 0; i < options.size(); i++) {
                var here = group.measure().of(options.get(i));
                if (here >= low && here <= low + group.measure().apart()) inside.add(chosen.get(part)[i]);
            }
            model.addBoolOr(inside.toArray(Literal[]::new));
        });
        return out;
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

    private BoolVar truth() {
        var variable = model.newBoolVar("");
        variables.add(variable);
        return variable;
    }

    private IntVar amount() {
        var variable = model.newIntVar(0, Integer.MAX_VALUE, "");
        variables.add(variable);
        return variable;
    }

    /** A variable for how much a sum is over what there is. */
    private LinearExpr excess(LinearExprBuilder sum, long limit) {
        var over = amount();
        var less = LinearExpr.newBuilder().add(sum).addTerm(over, -1);
        model.addLessOrEqual(less, limit);
        return LinearExpr.sum(new IntVar[] {over});
    }

    private Open find(PartId part) {
        return job.find(part).orElseThrow();
    }
}
