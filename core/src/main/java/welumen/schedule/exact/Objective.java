package welumen.schedule.exact;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.LinearExpr;
import java.util.List;
import welumen.schedule.Bound;
import welumen.schedule.Net;

/** What is wanted of a plan: that it misses less, or, where it cannot, that it ends earlier. */
final class Objective {
    private final Net net;
    private final CpModel model;
    private final List<Task> tasks;
    private final int tick;
    private final int unit;
    private boolean isOfTheEnd;

    /** @param unit of seconds, in which every end and every due time is whole */
    Objective(Net net, CpModel model, List<Task> tasks, int tick, int unit) {
        this.net = net;
        this.model = model;
        this.tasks = tasks;
        this.tick = tick;
        this.unit = unit;
    }

    /** @param known what a known plan misses, in parts */
    void missLess(long least, long known) {
        var missed = missed(least, known);
        model.minimize(missed);
    }

    /**
     * @param known end of a known plan, in seconds
     * @param missed what it misses, in parts
     */
    void endEarlier(int bound, int known, long missed) {
        isOfTheEnd = true;
        if (net.wants()) missed(0, missed);
        var last = model.newIntVar(
                Math.ceilDiv(net.any().open(bound), unit),
                Math.ceilDiv(net.any().open(known), unit),
                "last end");
        for (var i = 0; i < net.size(); i++) if (net.out(i).isEmpty()) model.addGreaterOrEqual(last, end(i, 0));
        model.minimize(last);
    }

    /** In parts of a unit; no more than is known. */
    private IntVar missed(long least, long known) {
        var missed = model.newIntVar(Math.ceilDiv(least, unit), Math.ceilDiv(known, unit), "missed");
        var sum = LinearExpr.newBuilder();
        for (var goal : net.goals()) {
            var due = net.any().open(goal.due()) / unit;
            var late = model.newIntVar(0, known / unit / goal.weight() + 1, "late");
            model.addGreaterOrEqual(late, end(goal.last(), due));
            sum.addTerm(late, goal.weight());
        }
        for (var wish : net.wishes())
            sum.addTerm(tasks.get(wish.activity()).start(), (long) wish.weight() * tick / unit)
                    .add(-(long) wish.weight() * (wish.open() / unit));
        model.addGreaterOrEqual(missed, sum);
        return missed;
    }

    /** The end of an activity less something, in units: what was rounded up to whole ticks is taken off. */
    private LinearExpr end(int i, int less) {
        var spare = Math.ceilDiv(net.likely(i), tick) * tick - net.likely(i);
        return LinearExpr.newBuilder()
                .addTerm(tasks.get(i).end(), tick / unit)
                .add(-spare / unit - less)
                .build();
    }

    /** What the solver's bound says. */
    Bound proven(double bound) {
        var whole = (long) Math.ceil(Math.max(0, bound) - 1e-6) * unit;
        return isOfTheEnd ? new Bound(net.any().closing((int) whole), 0) : new Bound(0, whole);
    }
}
