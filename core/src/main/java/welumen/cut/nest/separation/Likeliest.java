package welumen.cut.nest.separation;

import java.util.function.Consumer;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;

/**
 * Of several layouts that chance makes of one, that in which least is in the way once what was moved lies as well as it can. Where
 * hides are jammed, a trial from there comes to rest far more often than from any.
 */
public final class Likeliest {
    private final Layout from;
    private final RandomGenerator random;
    private final Collider collider = new Collider();
    private long moves;

    /** @param from in which nothing is in the way */
    public Likeliest(Layout from, RandomGenerator random) {
        this.from = from;
        this.random = random;
    }

    /** @param total how much is in the way; infinite where the change changed nothing */
    private record Candidate(Layout layout, double total) {}

    /** @param change made to a copy, each time another one */
    public Layout of(int count, Consumer<Layout> change) {
        var best = candidate(change);
        for (var k = 1; k < count && best.total > 0; k++) {
            var other = candidate(change);
            if (other.total < best.total) best = other;
        }
        return best.layout;
    }

    /** How many items were looked for a better place for that. */
    public long moves() {
        return moves;
    }

    private Candidate candidate(Consumer<Layout> change) {
        var layout = from.copy();
        change.accept(layout);
        var changed = IntStream.range(0, layout.items.size())
                .filter(item -> !layout.isWithin(item) || isMoved(layout, item))
                .toArray();
        for (var item : changed) layout.measure(item, collider);
        var search = new PlaceSearch(layout, random, collider);
        for (var item : changed) {
            if (!layout.isInTheWay(item)) continue;
            search.move(item);
            moves++;
        }
        return new Candidate(layout, changed.length == 0 ? Double.POSITIVE_INFINITY : layout.total());
    }

    private boolean isMoved(Layout layout, int item) {
        var body = layout.bodies[item];
        var before = from.bodies[item];
        return layout.field[item] != from.field[item] || body.x != before.x || body.y != before.y;
    }
}
