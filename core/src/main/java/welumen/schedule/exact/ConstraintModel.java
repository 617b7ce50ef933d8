package welumen.schedule.exact;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.IntVar;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import welumen.schedule.Bound;
import welumen.schedule.Net;
import welumen.schedule.OpenTime;
import welumen.schedule.Windows;

/**
 * The problem for constraint programming with clause learning (CP-SAT of OR-Tools; Stuckey, 2010). Closed hours are taken out
 * of time, so that work has one length; what runs on the wall's clock is said by steps. Exact, for any hours.
 */
public final class ConstraintModel {
    /** Ways of searching that take turns, whatever the machine: so that the same comes out on each. */
    private static final int WORKERS = 4;

    /** In lots of how many a resource is limited once more, at the most. */
    private static final int LOTS = 6;

    /** Those that raise the bound; the others look near the best plan. */
    private static final List<String> PROVERS = List.of("reduced_costs", "no_lp");

    private final Net net;
    private final int tick;
    private final int unit;
    private final CpModel model = new CpModel();
    private final List<Task> tasks = new ArrayList<>();
    private final Objective objective;

    /**
     * @param starts the best that was found; empty where there is none
     * @param bound what is proven
     */
    public record Answer(int[] starts, Bound bound) {}

    /**
     * Where no plan misses less than the known one, it looks for one that ends earlier and misses as little; else for one that
     * misses less.
     *
     * @param known starts of a plan
     * @param bound what is proven
     */
    public ConstraintModel(Net net, int[] known, Bound bound) {
        Native.load();
        this.net = net;
        tick = tick();
        unit = unit();
        var missed = net.missed(known);
        var isLate = missed > bound.missed();
        var windows = isLate ? Reach.missing(net, known, missed) : Windows.of(net, net.likely(), Reach.end(net, known));
        for (var i = 0; i < net.size(); i++) {
            var latest = net.open(i).latest(windows.latest()[i], net.likely(i));
            var places = Places.of(net, i, net.likely(i), net.any(), tick, windows.earliest()[i], latest);
            var task = new Task(model, places, net.activity(i).id());
            tasks.add(task);
            model.addHint(task.start(), net.any().open(known[i]) / tick);
            for (var arc : net.into(i)) link(tasks.get(arc.before()), arc, i);
        }
        for (var r = 0; r < net.resources(); r++) limit(r);
        objective = new Objective(net, model, tasks, tick, unit);
        if (isLate) objective.missLess(bound.missed(), missed);
        else objective.endEarlier(bound.end(), Reach.end(net, known), missed);
    }

    /** The most seconds in which every opening, closing and start is whole. */
    private int tick() {
        for (var tick : new int[] {OpenTime.QUARTER, 60})
            if (net.any().isWholeIn(tick) && allWholeIn(tick)) return tick;
        return 1;
    }

    private boolean allWholeIn(int seconds) {
        return IntStream.range(0, net.size()).allMatch(i -> net.open(i).isWholeIn(seconds));
    }

    /** The most seconds in which every end is whole too. */
    private int unit() {
        var unit = tick;
        for (var work : net.likely()) unit = gcd(unit, work);
        for (var goal : net.goals()) unit = gcd(unit, net.any().open(goal.due()));
        for (var wish : net.wishes()) unit = gcd(unit, wish.open());
        return unit;
    }

    private static int gcd(int a, int b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    private void link(Task before, Net.Arc arc, int i) {
        var places = before.places();
        var ready = new long[places.count()];
        for (var k = 0; k < ready.length; k++)
            ready[k] = net.any().open(net.open(i).next(net.ready(i, arc, places.end()[k]))) / tick;
        before.before(tasks.get(i), ready);
    }

    private void limit(int resource) {
        var users = IntStream.range(0, net.size())
                .filter(i -> net.uses(i, resource) > 0 && net.likely(i) > 0)
                .toArray();
        if (users.length < 2 && net.fewer(resource).isEmpty()) return;
        if (net.count(resource) == 1 && net.fewer(resource).isEmpty()) {
            model.addNoOverlap(
                    IntStream.of(users).mapToObj(i -> tasks.get(i).interval()).toList());
            return;
        }
        for (var lot = 1; lot <= Math.min(LOTS, net.mostUsed(resource)); lot++) limit(resource, users, lot);
    }

    /** In whole lots, of which there are only so many; those of one are all that is wanted, the others follow and help. */
    private void limit(int resource, int[] users, int lot) {
        var cumulative = model.addCumulative(net.count(resource) / lot);
        for (var i : users)
            if (net.uses(i, resource) >= lot)
                cumulative.addDemand(tasks.get(i).interval(), net.uses(i, resource) / lot);
        if (lot > 1) return;
        for (var fewer : net.fewer(resource)) {
            var from = net.any().open(fewer.from()) / tick;
            var until = Math.ceilDiv(net.any().open(fewer.until()), tick);
            if (until > from) cumulative.addDemand(model.newFixedInterval(from, until - from, "fewer"), fewer.by());
        }
    }

    /**
     * Searches on.
     *
     * @param seconds at the most
     * @param patience in the solver's own time, which is the same on every machine
     * @param better told the starts of each plan that is better than those before
     */
    public Answer solve(double seconds, double patience, long seed, Consumer<int[]> better, BooleanSupplier stop) {
        var solver = new CpSolver();
        solver.getParameters()
                .setRandomSeed((int) (seed & Integer.MAX_VALUE))
                .setNumWorkers(WORKERS)
                .setInterleaveSearch(true)
                .setMaxDeterministicTime(patience)
                .setMaxTimeInSeconds(seconds);
        PROVERS.forEach(solver.getParameters()::addSubsolvers);
        try (var _ = new Watch(solver, stop)) {
            var status = solver.solve(model, new CpSolverSolutionCallback() {
                @Override
                public void onSolutionCallback() {
                    better.accept(starts(start -> value(start)));
                }
            });
            var found = status == CpSolverStatus.OPTIMAL || status == CpSolverStatus.FEASIBLE;
            return new Answer(
                    found ? starts(solver::value) : new int[0],
                    status == CpSolverStatus.INFEASIBLE // never, for one plan is known: nothing is claimed of it
                            ? new Bound(0, 0)
                            : objective.proven(solver.bestObjectiveBound()));
        }
    }

    private interface Value {
        long of(IntVar start);
    }

    private int[] starts(Value value) {
        return tasks.stream()
                .mapToInt(task -> task.places().start()[task.places().indexOf(value.of(task.start()))])
                .toArray();
    }
}
