package welumen.schedule.exact;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.IntVar;
import com.google.ortools.sat.IntervalVar;
import com.google.ortools.sat.LinearArgument;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.Literal;
import com.google.ortools.util.Domain;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;

/** One activity in the model: its start, its end and what lies between. */
final class Task {
    private final CpModel model;
    private final Places places;
    private final IntVar start;
    private final LinearArgument end;
    private final IntervalVar interval;
    private final Map<Long, Literal> notBefore = new HashMap<>();

    Task(CpModel model, Places places, String name) {
        this.model = model;
        this.places = places;
        start = model.newIntVarFromDomain(Domain.fromValues(places.at()), name);
        if (places.hasOneSize()) {
            end = LinearExpr.affine(start, 1, places.size()[0]);
            interval = model.newFixedSizeIntervalVar(start, places.size()[0], name);
        } else {
            var size = size(name);
            var ends = IntStream.range(0, places.count())
                    .mapToLong(k -> places.at()[k] + places.size()[k])
                    .toArray();
            var ending = model.newIntVarFromDomain(Domain.fromValues(ends), name + " ends");
            interval = model.newIntervalVar(start, size, ending, name);
            end = ending;
        }
    }

    /** How long it takes from start to end, closed hours included: it depends on where it starts. */
    private IntVar size(String name) {
        var bySize = new HashMap<Long, List<Long>>();
        for (var k = 0; k < places.count(); k++)
            bySize.computeIfAbsent(places.size()[k], _ -> new ArrayList<>()).add(places.at()[k]);
        var sizes = bySize.keySet().stream().sorted().toList();
        var size = model.newIntVarFromDomain(
                Domain.fromValues(sizes.stream().mapToLong(each -> each).toArray()), name + " takes");
        var chosen = new BoolVar[sizes.size()];
        for (var k = 0; k < chosen.length; k++) {
            chosen[k] = model.newBoolVar(name + " takes " + sizes.get(k));
            var starts = Objects.requireNonNull(bySize.get(sizes.get(k))).stream()
                    .mapToLong(at -> at)
                    .toArray();
            model.addLinearExpressionInDomain(start, Domain.fromValues(starts)).onlyEnforceIf(chosen[k]);
            model.addEquality(size, sizes.get(k)).onlyEnforceIf(chosen[k]);
        }
        model.addExactlyOne(chosen);
        return size;
    }

    Places places() {
        return places;
    }

    IntVar start() {
        return start;
    }

    LinearArgument end() {
        return end;
    }

    IntervalVar interval() {
        return interval;
    }

    /** Whether it starts at the k-th of its places or later. */
    Literal fromPlace(int k) {
        if (k == 0) return model.trueLiteral();
        var tick = places.at()[k];
        return notBefore.computeIfAbsent(tick, _ -> {
            var late = model.newBoolVar("not before " + tick);
            model.addGreaterOrEqual(start, tick).onlyEnforceIf(late);
            model.addLessThan(start, tick).onlyEnforceIf(late.not());
            return late;
        });
    }

    /**
     * Another starts no earlier than this one's start allows.
     *
     * @param ready the earliest tick at which the other starts, for each place of this one; never falling
     */
    void before(Task other, long[] ready) {
        var steps = new long[ready.length];
        for (var k = 0; k < steps.length; k++) steps[k] = ready[k] - places.at()[k];
        var least = Arrays.stream(steps).min().orElseThrow();
        model.addGreaterOrEqual(other.start, LinearExpr.affine(start, 1, least));
        for (var k = 0; k < ready.length; ) {
            var level = k;
            while (level + 1 < ready.length && ready[level + 1] == ready[k]) level++;
            var slope = k;
            while (slope + 1 < ready.length && steps[slope + 1] == steps[k]) slope++;
            if (slope > level) {
                if (steps[k] > least) sloping(other, steps[k], k, slope);
                k = slope + 1;
            } else {
                if (ready[k] > other.places.at()[0])
                    model.addGreaterOrEqual(other.start, ready[k]).onlyEnforceIf(fromPlace(k));
                k = level + 1;
            }
        }
    }

    private void sloping(Task other, long step, int from, int to) {
        var within = new ArrayList<>(List.of(fromPlace(from)));
        if (to + 1 < places.count()) within.add(fromPlace(to + 1).not());
        model.addGreaterOrEqual(other.start, LinearExpr.affine(start, 1, step))
                .onlyEnforceIf(within.toArray(Literal[]::new));
    }
}
