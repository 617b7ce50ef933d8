package welumen.treatment.whole;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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

class BestSetTest {
    private static final Finish WANTED = new Finish(2.5);
    private static final int RANDOM_PLANS = 10_000;

    private static PartId part(int number) {
        return new PartId("part-" + number);
    }

    private static Option option(PartId part, Treatment step, int cost, double halves, double worth) {
        var hours = cost / 100.0;
        return new Option(
                new Candidate(
                        part,
                        List.of(step),
                        new Hours(hours / 2, hours, 2 * hours),
                        0,
                        cost,
                        0,
                        0,
                        new Finish(halves / 2),
                        0.5,
                        10,
                        0,
                        Undo.YES,
                        false,
                        false,
                        0),
                worth,
                (int) (10 + halves * 4));
    }

    private static WholeJob random(long seed, int parts, int options, double budgetShare) {
        var random = new Random(seed);
        var open = new ArrayList<Open>();
        for (var i = 0; i < parts; i++) {
            var ways = new ArrayList<Option>();
            for (var j = 0; j < options; j++)
                ways.add(option(
                        part(i),
                        j == 0 ? Treatment.LEAVE : Treatment.RECOVER,
                        20 + random.nextInt(600),
                        random.nextInt(9),
                        random.nextInt(1000) / 1000.0));
            open.add(new Open(part(i), ways, 0.3 + random.nextInt(3), WANTED, Optional.empty()));
        }
        var groups = new ArrayList<Group>();
        for (var i = 0; i + 2 < parts; i += 3)
            groups.add(new Group(SeenTogether.DASH, Measure.FINISH, List.of(part(i), part(i + 1), part(i + 2))));
        groups.add(new Group(SeenTogether.SEATS, Measure.GLOSS, List.of(part(0), part(parts - 1))));
        return new WholeJob(
                open, budgetShare * parts * 320, parts * 4.0, 40, groups, List.of(List.of(part(0), part(1))));
    }

    /** Against every set there is: as many kept rules, goal by goal, and then the most worth. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void noSetIsBetter(long seed) {
        var job = random(seed, 5, 4, seed % 3 == 0 ? 0.3 : 0.8);
        var best = BestSet.of(job);
        assertThat(best.isProvenBest()).isTrue();
        var found = rank(best);
        for (var number = 0; number < Math.pow(4, 5); number++) {
            var chosen = new HashMap<PartId, Integer>();
            for (int i = 0, rest = number; i < 5; i++, rest /= 4) chosen.put(part(i), rest % 4);
            var other = job.judge(chosen, false);
            if (breaksPatina(other)) continue;
            assertThat(compare(found, rank(other))).as("%s", other).isLessThanOrEqualTo(0);
        }
    }

    /** As large as a whole car, beside ten thousand sets thrown by chance that keep every rule that the best one keeps. */
    @Test
    void aWholeCarIsNeverWorseThanTenThousandByChance() {
        var job = random(99, 120, 8, 0.75);
        var best = BestSet.of(job);
        assertThat(best.broken().stream().noneMatch(Broken.OverBudget.class::isInstance))
                .isTrue();
        var random = new Random(1);
        for (var i = 0; i < RANDOM_PLANS; i++) {
            var chosen = new HashMap<PartId, Integer>();
            for (var part : job.parts()) chosen.put(part.part(), random.nextInt(8));
            var other = job.judge(chosen, false);
            if (!breaksPatina(other))
                assertThat(compare(rank(best), rank(other))).isLessThanOrEqualTo(0);
        }
        assertThat(BestSet.of(job)).isEqualTo(best);
    }

    @Test
    void whatTheTrimmerHasFixedStays() {
        var free = random(5, 6, 4, 0.9);
        var parts = new ArrayList<>(free.parts());
        parts.set(2, new Open(part(2), parts.get(2).options(), 1, WANTED, Optional.of(3)));
        var job = new WholeJob(parts, free.budget(), free.hours(), free.days(), free.neighbours(), free.patina());
        var plan = BestSet.of(job);
        assertThat(plan.of(part(2)).orElseThrow().candidate())
                .isEqualTo(parts.get(2).options().get(3).candidate());
    }

    /** Too little money is met as nearly as can be, and said. */
    @Test
    void whereTheBudgetIsTooSmallTheCheapestSetIsGivenAndTheRestSaid() {
        var job = random(7, 5, 4, 0.8).withBudget(10);
        var plan = BestSet.of(job);
        var cheapest = job.parts().stream()
                .mapToDouble(open -> open.options().stream()
                        .mapToDouble(option -> option.candidate().cost())
                        .min()
                        .orElseThrow())
                .sum();
        assertThat(plan.broken())
                .anySatisfy(broken -> assertThat(broken)
                        .isInstanceOfSatisfying(
                                Broken.OverBudget.class,
                                over -> assertThat(over.by()).isLessThanOrEqualTo(cheapest + 600 - 10)));
    }

    @Test
    void moreMoneyNeverBuysLess() {
        assertThat(TradeCurve.of(random(3, 20, 5, 0.8), 8, () -> true)).isEmpty();
        var curve = TradeCurve.of(random(3, 20, 5, 0.8), 8);
        assertThat(curve.size()).isGreaterThan(3);
        for (var i = 1; i < curve.size(); i++)
            assertThat(compare(rank(curve.get(i).plan()), rank(curve.get(i - 1).plan())))
                    .isLessThanOrEqualTo(0);
    }

    @Test
    void aJobWithoutPartsHasAnEmptyPlan() {
        var none = new WholeJob(List.of(), 100, 10, 10, List.of(), List.of());
        assertThat(BestSet.of(none)).isEqualTo(none.judge(Map.of(), true));
    }

    private static boolean breaksPatina(WholePlan plan) {
        return plan.broken().stream().anyMatch(Broken.PatinaSplit.class::isInstance);
    }

    /** Goal by goal, the less the better: money over, hours over, days late, parts that stand out, levels below, worth lost. */
    private static double[] rank(WholePlan plan) {
        var rank = new double[6];
        for (var broken : plan.broken())
            switch (broken) {
                case Broken.OverBudget(var by) -> rank[0] += by;
                case Broken.TooMuchWork(var hours) -> rank[1] += hours;
                case Broken.TooLate(var part, var days) -> rank[2] += days;
                case Broken.StandsOut _ -> rank[3]++;
                case Broken.BelowStandard(var part, var finish) -> rank[4] += 2.5 - finish.level();
                case Broken.PatinaSplit _ -> {}
            }
        rank[5] = -plan.worth();
        return rank;
    }

    private static int compare(double[] one, double[] other) {
        for (var i = 0; i < one.length; i++)
            if (Math.abs(one[i] - other[i]) > 1e-3) return Double.compare(one[i], other[i]);
        return 0;
    }
}
