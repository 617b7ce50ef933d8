package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.cloth.Repeat;
import welumen.cut.nest.quick.OneByOne;
import welumen.cut.nest.quick.RepeatPlan;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Layout;

/**
 * The shortest length of rolls whose pattern repeats, where pieces cannot slide: the order in which they are laid is changed a
 * little, and what comes out shorter is kept (a local search over sequences).
 */
final class RepeatSearch extends Search {
    private static final int TRIES = 12;
    private static final int MOST_SWAPS = 3;

    /** What each worker offered last. */
    private final Map<Integer, Offer> offers = new ConcurrentHashMap<>();

    private List<Integer> order;

    RepeatSearch(List<Container> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        order = OneByOne.inOrder(items);
    }

    private record Offer(List<Integer> order, Layout layout) {}

    static boolean isFor(List<Container> fields) {
        return fields.stream().anyMatch(field -> Repeat.isIn(field.stock));
    }

    /** The first plan, the largest first. */
    static List<Placement> first(List<Container> fields, List<Item> items, StopSignal stop) {
        return RepeatPlan.of(fields, items, OneByOne.inOrder(items), stop);
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        var random = random(worker);
        var bestOrder = order;
        @Nullable List<Placement> best = null;
        for (var i = 0; i < TRIES && !stop.stopRequested(); i++) {
            var next = swapped(random);
            var placements = RepeatPlan.of(fields, items, next, StopSignal.NEVER);
            if (best != null && !isShorter(placements, best)) continue;
            best = placements;
            bestOrder = next;
        }
        if (best == null) return Optional.empty();
        var offer = new Offer(bestOrder, laid(best));
        offers.put(worker, offer);
        return Optional.of(offer.layout());
    }

    private List<Integer> swapped(RandomGenerator random) {
        var next = new ArrayList<>(order);
        for (var swaps = 1 + random.nextInt(MOST_SWAPS); swaps > 0; swaps--) {
            var a = random.nextInt(next.size());
            var b = random.nextInt(next.size());
            next.set(a, next.set(b, next.get(a)));
        }
        return next;
    }

    private boolean isShorter(List<Placement> one, List<Placement> other) {
        return one.size() != other.size() ? one.size() > other.size() : length(one) < length(other);
    }

    private double length(List<Placement> placements) {
        var length = 0.0;
        for (var placement : placements)
            for (var item : items)
                if (item.piece().id().equals(placement.piece())) {
                    length = Math.max(
                            length,
                            placement
                                    .pose()
                                    .apply(item.piece().shape().outline())
                                    .box()
                                    .maxX());
                    break;
                }
        return length;
    }

    /** The order of the one that was taken over is gone on from. */
    @Override
    void learn(List<Layout> found) {
        if (found.isEmpty()) return;
        best = found.getLast();
        for (var offer : offers.values()) if (offer.layout() == best) order = offer.order();
    }
}
