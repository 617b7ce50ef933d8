package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import welumen.cut.Placement;
import welumen.cut.Repeat;
import welumen.cut.StopSignal;

/**
 * The shortest length of rolls whose pattern repeats, where pieces cannot slide: the order in which they are laid is changed a
 * little, and what comes out shorter is kept (a local search over sequences).
 */
final class RepeatSearch extends Search {
    private static final int TRIES = 12;
    private static final int MOST_SWAPS = 3;

    private final List<List<Integer>> tried = new ArrayList<>();
    private List<Integer> order;

    RepeatSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        order = OneByOne.inOrder(items);
        for (var worker = 0; worker < Workers.COUNT; worker++) tried.add(order);
    }

    static boolean isFor(List<Field> fields) {
        return fields.stream().anyMatch(field -> Repeat.isIn(field.stock));
    }

    /** The first plan, the largest first. */
    static List<Placement> first(List<Field> fields, List<Item> items) {
        return RepeatPlan.of(fields, items, OneByOne.inOrder(items));
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        var random = random(worker);
        @Nullable List<Placement> best = null;
        for (var i = 0; i < TRIES && !stop.stopRequested(); i++) {
            var next = swapped(random);
            var placements = RepeatPlan.of(fields, items, next);
            if (best != null && !isShorter(placements, best)) continue;
            best = placements;
            tried.set(worker, next);
        }
        return Optional.ofNullable(best).map(this::laid);
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
    void learn(Optional<Layout> found) {
        if (found.isEmpty()) return;
        best = found.get();
        for (var one : tried) if (isBest(laid(RepeatPlan.of(fields, items, one)))) order = one;
    }

    private boolean isBest(Layout layout) {
        return layout.bodies.length == best.bodies.length
                && IntStream.range(0, layout.bodies.length)
                        .allMatch(
                                i -> layout.bodies[i].x == best.bodies[i].x && layout.bodies[i].y == best.bodies[i].y);
    }
}
