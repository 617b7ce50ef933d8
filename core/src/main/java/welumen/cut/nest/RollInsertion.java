package welumen.cut.nest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Separation;

/**
 * Pieces that a plan left over are put among those that lie, on the whole length of the roll, and what then overlaps is separated:
 * all of them at once, then fewer and fewer, at last one by one. Whoever failed often is tried seldom.
 */
final class RollInsertion {
    private static final int IDLE = 25;
    private static final int RETURNS = 2;

    private final List<Item> items;
    private final RandomGenerator random;
    /** How often each item found no place by itself. */
    private final Map<Item, Integer> failures = new HashMap<>();

    private int atOnce = Integer.MAX_VALUE;
    private @Nullable Trial trial;
    private long done;

    /** @param items all that are to lie on the roll */
    RollInsertion(List<Item> items, RandomGenerator random) {
        this.items = items;
        this.random = random;
    }

    /** A layout that is tried. @param more those that lie nowhere in {@code from} */
    private record Trial(Layout from, List<Item> more, Layout layout, Separation separation) {}

    /** Those that lie nowhere yet, and could lie on the roll one way or other. */
    List<Item> leftOver(Layout best) {
        return items.stream()
                .filter(item ->
                        !best.items.contains(item) && !item.ways().getFirst().none())
                .toList();
    }

    /** Whether none of the left-over pieces has found a place for a long time, so that most work is better spent elsewhere. */
    boolean isHopeless(List<Item> leftOver) {
        return leftOver.stream().allMatch(item -> failures.getOrDefault(item, 0) > 3);
    }

    /**
     * A layout with at least one piece more, if one came to rest.
     *
     * @param most in items moved
     */
    Optional<Layout> work(Layout best, List<Item> leftOver, long most, StopSignal stop) {
        var end = done + most;
        while (done < end && !stop.stopRequested()) {
            if (trial == null || trial.from.items.size() != best.items.size()) trial = begin(best, leftOver);
            var now = trial;
            var before = now.separation.moves();
            var outcome = now.separation.run(end - done, stop);
            done += 1 + now.separation.moves() - before;
            switch (outcome) {
                case UNDER_WAY -> {
                    return Optional.empty();
                }
                case APART -> {
                    trial = null;
                    atOnce = Integer.MAX_VALUE;
                    now.more.forEach(failures::remove);
                    return Optional.of(now.layout);
                }
                case STUCK -> {
                    trial = null;
                    if (now.more.size() == 1) failures.merge(now.more.getFirst(), 1, Integer::sum);
                    atOnce = Math.max(1, now.more.size() / 2);
                }
            }
        }
        return Optional.empty();
    }

    private Trial begin(Layout best, List<Item> leftOver) {
        var more = some(leftOver);
        var layout = Search.with(best, more, random);
        layout.maxX[0] = layout.fields.getFirst().maxX;
        layout.forget();
        return new Trial(best, more, layout, new Separation(layout, random, IDLE, RETURNS));
    }

    /** As many as are tried at once, those that failed least, and of these any. */
    private List<Item> some(List<Item> leftOver) {
        var shuffled = new ArrayList<>(leftOver);
        for (var i = shuffled.size() - 1; i > 0; i--) {
            var other = random.nextInt(i + 1);
            var item = shuffled.get(i);
            shuffled.set(i, shuffled.get(other));
            shuffled.set(other, item);
        }
        return shuffled.stream()
                .sorted((one, other) -> Integer.compare(failures.getOrDefault(one, 0), failures.getOrDefault(other, 0)))
                .limit(Math.min(atOnce, shuffled.size()))
                .toList();
    }
}
