package welumen.cut.nest.separation;

import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import welumen.cut.StopSignal;

/**
 * Moves items that collide until none does. Pairs that go on colliding weigh more and more (guided local search; Voudouris
 * and Tsang, 1999), and those that do not weigh less again; where nothing helps for a while, it goes back to the best
 * layout so far with what it has learnt.
 */
public final class Separation {
    private static final double MOST_GROWTH = 2;
    private static final double LEAST_GROWTH = 1.2;
    private static final double FADES = 0.95;
    /** Share by which a total must be better to count as progress. */
    private static final double PROGRESS = 0.98;

    private final Layout layout;
    private final RandomGenerator random;
    private final Collider collider = new Collider();
    private final PlaceSearch search;
    private final int idle;
    private final int returns;
    private @Nullable Layout best;
    private double least;
    private int still;
    private int returned;
    private long moves;

    /** How far it has come. */
    public enum Outcome {
        APART,
        STUCK,
        UNDER_WAY
    }

    /**
     * @param idle how many rounds without progress before it goes back
     * @param returns how often it goes back
     */
    public Separation(Layout layout, RandomGenerator random, int idle, int returns) {
        this.layout = layout;
        this.random = random;
        this.search = new PlaceSearch(layout, random, collider);
        this.idle = idle;
        this.returns = returns;
    }

    /**
     * Goes on until nothing collides, nothing helps any more, or so many items have been moved as this stretch of work may
     * take. When nothing helps, the layout is the best that was found.
     */
    public Outcome run(long most, StopSignal stop) {
        if (best == null) {
            layout.measureAll(collider);
            best = layout.copy();
            least = layout.total();
        }
        for (var from = moves; least > 0; ) {
            while (still < idle) {
                if (moves - from >= most || stop.stopRequested()) return Outcome.UNDER_WAY;
                round(stop);
                note(best);
                if (least == 0) return Outcome.APART;
                learn();
            }
            layout.take(best);
            still = 0;
            if (returned++ >= returns) return Outcome.STUCK;
        }
        return Outcome.APART;
    }

    private void note(Layout soFar) {
        var total = layout.total();
        still = total < PROGRESS * least ? 0 : still + 1;
        if (total >= least) return;
        least = total;
        soFar.take(layout);
    }

    /** How many items were looked for a better place, which is what takes time. */
    public long moves() {
        return moves;
    }

    /** Every item that collides, in any order, once. */
    private void round(StopSignal stop) {
        var count = layout.items.size();
        var order = new int[count];
        for (var i = 0; i < count; i++) {
            var at = random.nextInt(i + 1);
            order[i] = order[at];
            order[at] = i;
        }
        for (var item : order) {
            if (stop.stopRequested()) return;
            if (layout.isInTheWay(item)) {
                search.move(item);
                moves++;
            }
        }
    }

    private void learn() {
        var deepest = 0.0;
        for (var row : layout.depth) for (var deep : row) deepest = Math.max(deepest, deep);
        for (var row : layout.groundDepth) for (var deep : row) deepest = Math.max(deepest, deep);
        if (deepest == 0) return;
        for (var i = 0; i < layout.depth.length; i++) {
            learn(layout.weight[i], layout.depth[i], deepest);
            learn(layout.groundWeight[i], layout.groundDepth[i], deepest);
        }
    }

    private static void learn(double[] weight, double[] depth, double deepest) {
        for (var j = 0; j < depth.length; j++)
            weight[j] = depth[j] > 0
                    ? weight[j] * (LEAST_GROWTH + (MOST_GROWTH - LEAST_GROWTH) * depth[j] / deepest)
                    : Math.max(1, weight[j] * FADES);
    }
}
