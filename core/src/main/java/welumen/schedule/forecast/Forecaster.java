package welumen.schedule.forecast;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.schedule.Net;
import welumen.schedule.Order;
import welumen.schedule.Schedule;
import welumen.schedule.serial.SerialScheme;

/**
 * Runs a plan many times, each activity taking what it takes by chance (Monte Carlo, Van Slyke, 1963), in the plan's order:
 * nobody knows beforehand what will take long. The chance of a day errs by 1 in 100 with 2,000 runs. Linear in the runs;
 * equal seed, equal answer, on however many cores.
 */
public final class Forecaster {
    public static final int RUNS = 2000;

    /** Activities up to which that many runs are done in a few seconds; of more, fewer are, for they cost in the square. */
    private static final int MANY = 300;

    private static final int FEWEST_RUNS = 200;
    private static final int BATCH = 50;

    private final Net net;
    private final Map<String, Double> fails;
    private final int[] order;
    private final long seed;
    private final int asked;

    private Forecaster(Net net, Schedule plan, Map<String, Double> fails, Optional<String> last, long seed) {
        this.net = net;
        this.fails = fails;
        this.seed = seed;
        asked = IntStream.range(0, net.size())
                .filter(i -> last.filter(net.activity(i).id()::equals).isPresent())
                .findFirst()
                .orElse(-1);
        var starts = new HashMap<String, Integer>();
        for (var booking : plan.bookings()) starts.put(booking.id(), net.seconds(booking.start()));
        order = Order.of(
                net,
                IntStream.range(0, net.size())
                        .map(i -> starts.getOrDefault(net.activity(i).id(), 0))
                        .toArray());
    }

    /** How many runs of a net are done in a few seconds; {@link #RUNS} of one that a yard has. */
    public static int runs(Net net) {
        return Math.clamp((long) RUNS * MANY / Math.max(1, net.size()), FEWEST_RUNS, RUNS);
    }

    /** @param fails the share in which an activity must be done once more, by its id; none where it is not named */
    public static Forecast of(Net net, Schedule plan, Map<String, Double> fails, int runs, long seed) {
        return of(net, plan, fails, Optional.empty(), runs, seed);
    }

    /** The same, where it is asked what holds up the end of one activity and not of all. */
    public static Forecast of(
            Net net, Schedule plan, Map<String, Double> fails, Optional<String> last, int runs, long seed) {
        return new Forecaster(net, plan, fails, last, seed).run(runs);
    }

    /** Of one batch: the ends of its runs, of all and of each goal, and how often each activity held up the end. */
    private record Batch(int[] ends, int[][] goals, int[] critical) {}

    private Forecast run(int runs) {
        var batches = IntStream.range(0, Math.ceilDiv(runs, BATCH))
                .parallel()
                .mapToObj(batch -> batch(batch * BATCH, Math.min(runs, (batch + 1) * BATCH)))
                .toList();
        var goals = new HashMap<String, Ends>();
        for (var k = 0; k < net.goals().size(); k++) {
            var at = k;
            goals.put(
                    net.activity(net.goals().get(k).last()).id(),
                    ends(batches.stream().flatMapToInt(batch -> Arrays.stream(batch.goals()[at]))));
        }
        var critical = new HashMap<String, Double>();
        for (var i = 0; i < net.size(); i++) {
            var at = i;
            var often = batches.stream().mapToInt(batch -> batch.critical()[at]).sum();
            critical.put(net.activity(i).id(), often / (double) runs);
        }
        return new Forecast(ends(batches.stream().flatMapToInt(batch -> Arrays.stream(batch.ends()))), goals, critical);
    }

    private Ends ends(IntStream ends) {
        return new Ends(ends.sorted().mapToObj(net::time).toList());
    }

    private Batch batch(int from, int to) {
        var scheme = new SerialScheme(net);
        var ends = new int[to - from];
        var goals = new int[net.goals().size()][to - from];
        var critical = new int[net.size()];
        for (var run = from; run < to; run++) {
            var work = work(new SplittableRandom(seed * 1_000_003 + run));
            var start = scheme.early(work, order);
            var end = new int[start.length];
            for (var i = 0; i < end.length; i++) end[i] = net.open(i).end(start[i], work[i]);
            ends[run - from] = Arrays.stream(end).max().orElse(0);
            for (var k = 0; k < goals.length; k++)
                goals[k][run - from] = end[net.goals().get(k).last()];
            var held = Critical.of(net, start, end, asked);
            for (var i = 0; i < held.length; i++) if (held[i]) critical[i]++;
        }
        return new Batch(ends, goals, critical);
    }

    private int[] work(RandomGenerator random) {
        var work = new int[net.size()];
        for (var i = 0; i < work.length; i++) {
            var effort = net.activity(i).effort();
            work[i] = Triangular.seconds(effort, random);
            if (random.nextDouble() < fails.getOrDefault(net.activity(i).id(), 0.0))
                work[i] += Triangular.seconds(effort, random);
        }
        return work;
    }
}
