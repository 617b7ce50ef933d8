package welumen.treatment.whole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import welumen.cabin.PartId;
import welumen.measure.Finish;
import welumen.treatment.Candidate;
import welumen.treatment.Hours;
import welumen.treatment.Treatment;
import welumen.treatment.Undo;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholeJob.Measure;
import welumen.treatment.whole.WholeJob.Open;
import welumen.treatment.whole.WholeJob.Option;

class RelaxationTest {
    private static final int PARTS = 5;
    private static final int WAYS = 4;

    private static PartId id(int number) {
        return new PartId("part-" + number);
    }

    private static WholeJob job(long seed) {
        var random = new Random(seed);
        var parts = new ArrayList<Open>();
        for (var i = 0; i < PARTS; i++) {
            var ways = new ArrayList<Option>();
            for (var k = 0; k < WAYS; k++) {
                var money = 20 + random.nextInt(400);
                ways.add(new Option(
                        new Candidate(
                                id(i),
                                List.of(k == 0 ? Treatment.LEAVE : Treatment.RECOVER),
                                new Hours(1, 2, 3),
                                0,
                                money,
                                0,
                                0,
                                new Finish(random.nextInt(9) / 2.0),
                                0.5,
                                10,
                                0,
                                Undo.YES,
                                false,
                                false,
                                0),
                        random.nextInt(1000) / 1000.0,
                        10 + random.nextInt(30)));
            }
            parts.add(new Open(id(i), ways, 1, new Finish(2.5), Optional.empty()));
        }
        var groups = List.of(
                new Group(SeenTogether.DASH, Measure.FINISH, List.of(id(0), id(1), id(2))),
                new Group(SeenTogether.DASH, Measure.GLOSS, List.of(id(0), id(1))),
                new Group(SeenTogether.SEATS, Measure.FINISH, List.of(id(3), id(4))));
        return new WholeJob(parts, 1000, 100, 40, groups, List.of(List.of(id(1), id(3))));
    }

    /** Every set there is that treats patina alike, with what the judge counts of standing out. */
    private static List<long[]> all(WholeJob job) {
        var all = new ArrayList<long[]>();
        for (var number = 0; number < Math.pow(WAYS, PARTS); number++) {
            var chosen = new HashMap<PartId, Integer>();
            for (int i = 0, rest = number; i < PARTS; i++, rest /= WAYS) chosen.put(id(i), rest % WAYS);
            var plan = job.judge(chosen, false);
            if (plan.broken().stream().anyMatch(Broken.PatinaSplit.class::isInstance)) continue;
            all.add(amounts(job, chosen, plan));
        }
        return all;
    }

    private static long[] amounts(WholeJob job, Map<PartId, Integer> chosen, WholePlan plan) {
        var sum = new long[Goal.values().length];
        for (var part : job.parts()) {
            var of = Goal.of(job, part, part.options().get(chosen.get(part.part())));
            for (var goal = 0; goal < sum.length; goal++) sum[goal] += of[goal];
        }
        sum[Goal.STANDING_OUT.ordinal()] = plan.broken().stream()
                .filter(Broken.StandsOut.class::isInstance)
                .count();
        return sum;
    }

    /** The bound is never above the least that there is within the limits, and what was met on the way never below it. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void theBoundIsOne(long seed) {
        var job = job(seed);
        var all = all(job);
        var limits = new long[Goal.values().length];
        Arrays.fill(limits, Long.MAX_VALUE);
        limits[Goal.COST.ordinal()] = (long) job.budget();
        var trees = Tree.of(job);
        var cheapest = Relaxation.least(trees, Goal.COST);
        assertThat(cheapest.of(Goal.COST))
                .isEqualTo(all.stream()
                        .mapToLong(sum -> sum[Goal.COST.ordinal()])
                        .min()
                        .orElseThrow());
        if (cheapest.of(Goal.COST) > limits[Goal.COST.ordinal()]) return;
        for (var goal : List.of(Goal.STANDING_OUT, Goal.BELOW_STANDARD, Goal.LOST_WORTH)) {
            var least = all.stream()
                    .filter(sum -> sum[Goal.COST.ordinal()] <= limits[Goal.COST.ordinal()])
                    .mapToLong(sum -> sum[goal.ordinal()])
                    .min()
                    .orElseThrow();
            var relaxation = Relaxation.of(trees, goal, limits, cheapest);
            assertThat(relaxation.bound()).isLessThanOrEqualTo(least + 1e-6);
            assertThat(relaxation.best().of(goal)).isGreaterThanOrEqualTo(least);
            assertThat(relaxation.best().of(Goal.COST)).isLessThanOrEqualTo(limits[Goal.COST.ordinal()]);
        }
    }

    /** Without limits nothing is relaxed: the tree's least is the least there is, goal by goal. */
    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void aTreeSettlesWindowsAndPatinaExactly(long seed) {
        var job = job(seed);
        var all = all(job);
        for (var goal : Goal.values())
            assertThat(Relaxation.least(Tree.of(job), goal).of(goal))
                    .as("%s", goal)
                    .isEqualTo(all.stream()
                            .mapToLong(sum -> sum[goal.ordinal()])
                            .min()
                            .orElseThrow());
    }

    /** Parts that no group joins are trees of their own; a part that is fixed has one option. */
    @Test
    void whatIsNotJoinedFallsApart() {
        var job = job(1);
        var apart = new WholeJob(job.parts(), 1000, 100, 40, List.of(), List.of());
        assertThat(Tree.of(apart))
                .hasSize(PARTS)
                .allSatisfy(tree -> assertThat(tree).isInstanceOf(Tree.Leaf.class));
        var open = job.parts().getFirst();
        var fixed = new Open(open.part(), open.options(), 1, open.wanted(), Optional.of(2));
        var one = new WholeJob(List.of(fixed), 1000, 100, 40, List.of(), List.of());
        assertThat(Tree.of(one))
                .singleElement()
                .isInstanceOfSatisfying(
                        Tree.Leaf.class, leaf -> assertThat(leaf.options()).containsExactly(2));
        assertThat(Relaxation.least(Tree.of(one), Goal.COST).of(Goal.COST))
                .isCloseTo((long) open.options().get(2).candidate().cost(), within(1L));
    }
}
