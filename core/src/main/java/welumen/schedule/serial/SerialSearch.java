package welumen.schedule.serial;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import welumen.schedule.Bound;
import welumen.schedule.Net;
import welumen.schedule.Order;
import welumen.schedule.Windows;

/**
 * A good plan in a moment: activities by their latest starts, then orders near the best one, each pushed to the right and back to
 * the left (forward-backward improvement, Tormos and Lova, 2001). Equal seed and rounds, equal plan.
 */
public final class SerialSearch {
    /** How far an order wanders from the best, in shares of the plan. */
    private static final double[] WANDER = {0.02, 0.05, 0.1, 0.2};

    /** How many steps back it looks for what it must not be worse than. */
    private static final int AGO = 20;

    private final Net net;
    private final int[] work;
    private final Bound enough;
    private final SerialScheme scheme;
    private final Cost[] ago = new Cost[AGO];
    private int[] best = {};
    private int[] present = {};
    private Cost presentCost = new Cost(Long.MAX_VALUE, Integer.MAX_VALUE, Long.MAX_VALUE);
    private Cost cost = new Cost(Long.MAX_VALUE, Integer.MAX_VALUE, Long.MAX_VALUE);

    /** What is missed; then the last end, and where two plans share it, the sum of all. */
    private record Cost(long missed, int end, long sum) {
        private static final Comparator<Cost> ORDER = Comparator.comparingLong(Cost::missed)
                .thenComparingInt(Cost::end)
                .thenComparingLong(Cost::sum);

        boolean isBelow(Cost other) {
            return ORDER.compare(this, other) < 0;
        }
    }

    /** @param enough it stops at a plan that is as good */
    public SerialSearch(Net net, Bound enough) {
        this.net = net;
        this.enough = enough;
        work = net.likely();
        scheme = new SerialScheme(net);
    }

    /**
     * Starts, in seconds; once.
     *
     * @param near those of a plan from which it goes on, however they fit
     * @param first told the one that it begins with
     */
    public int[] best(Optional<int[]> near, long seed, int rounds, Consumer<int[]> first, BooleanSupplier stop) {
        if (net.size() == 0) return new int[0];
        begin(near);
        first.accept(best);
        var random = new Random(seed);
        for (var i = 0; i < rounds && !isEnough() && !stop.getAsBoolean(); i++) step(random, i);
        return best;
    }

    private boolean isEnough() {
        return cost.end() <= enough.end() && cost.missed() <= enough.missed();
    }

    private void begin(Optional<int[]> near) {
        near.ifPresent(starts -> keep(scheme.early(work, Order.of(net, starts))));
        var far = IntStream.of(Windows.earliest(net, work)).max().orElse(0) * 2 + 1;
        keep(scheme.early(work, Order.of(net, Windows.earliest(net, work))));
        var latest = Windows.wanted(net, work, Math.max(far, cost.end())).latest();
        var starts = new int[net.size()];
        for (var i = 0; i < starts.length; i++) starts[i] = net.open(i).latest(latest[i], work[i]);
        present = improved(scheme.early(work, Order.of(net, starts)));
        if (near.isPresent()) present = best; // what is known is seldom left far behind
        presentCost = keep(present);
        Arrays.fill(ago, presentCost);
    }

    /** An order near the present one: some change places all over it, or all do within a while of it. */
    private int[] near(Random random, double wander) {
        var spread = wander * cost.end();
        var from = random.nextDouble() * (1 + wander) * cost.end() - spread;
        var isLocal = random.nextBoolean();
        var keys = new int[net.size()];
        for (var i = 0; i < keys.length; i++) {
            keys[i] = present[i];
            if (!isLocal) keys[i] += (int) (random.nextGaussian() * spread / 2);
            else if (present[i] >= from && present[i] < from + spread)
                keys[i] = (int) (from + random.nextDouble() * spread);
        }
        return Order.of(net, keys);
    }

    /** Goes on from what is no worse than what stood there a while ago (late acceptance, Burke and Bykov, 2017). */
    private void step(Random random, int round) {
        var tried = improved(scheme.early(work, near(random, WANDER[round % WANDER.length])));
        var reached = keep(tried);
        var at = round % ago.length;
        if (!ago[at].isBelow(reached) || !presentCost.isBelow(reached)) {
            present = tried;
            presentCost = reached;
        }
        ago[at] = presentCost;
    }

    /** To the right and back to the left, as long as it helps. */
    private int[] improved(int[] starts) {
        var at = starts;
        for (var costs = keep(at); ; ) {
            var late = scheme.late(work, backward(at), costs.end());
            if (late.length == 0) return at;
            var next = scheme.early(work, Order.of(net, late));
            var reached = keep(next);
            if (!reached.isBelow(costs)) return at;
            at = next;
            costs = reached;
        }
    }

    private Cost keep(int[] starts) {
        var last = 0;
        var sum = 0L;
        for (var i = 0; i < starts.length; i++) {
            var end = net.open(i).end(starts[i], work[i]);
            last = Math.max(last, end);
            sum += end;
        }
        var reached = new Cost(net.missed(starts), last, sum);
        if (reached.isBelow(cost)) {
            cost = reached;
            best = starts;
        }
        return reached;
    }

    /** The last end first. */
    private int[] backward(int[] starts) {
        var ends = new int[starts.length];
        for (var i = 0; i < ends.length; i++) ends[i] = net.open(i).end(starts[i], work[i]);
        return IntStream.range(0, ends.length)
                .boxed()
                .sorted(Comparator.<Integer>comparingInt(i -> -ends[i]).thenComparingInt(i -> -i))
                .mapToInt(i -> i)
                .toArray();
    }
}
