package welumen.cut.nest.quick;

import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;

/**
 * A plan within the first second: the largest piece first, each at the best of some free places on the first stock that has
 * one; a further stock is opened only where those that are open have none.
 *
 * <p>A greedy plan, O(n · m) for n pieces beside m that lie, with no bound on how far it is from the best; use {@link
 * welumen.cut.nest.Nester} for that.
 */
public final class QuickPlan extends OneByOne {
    private static final int LOOKS = 200;
    private static final int FEWER = 40;
    private static final int FOUND = 12;
    private static final double STEP = 0.5;

    private final RandomGenerator random;

    private QuickPlan(List<Container> fields, List<Item> items, long seed) {
        super(fields, items);
        random = new SplittableRandom(seed);
    }

    /** Of one material: where each item lies that found a place. */
    public static List<Placement> of(List<Container> fields, List<Item> items, long seed, StopSignal stop) {
        return new QuickPlan(fields, items, seed).lay(inOrder(items), stop);
    }

    @Override
    Optional<Place> place(int item, int on, boolean isOpen) {
        return place(item, on, isOpen ? LOOKS : LOOKS + FEWER);
    }

    private Optional<Place> place(int item, int on, int looks) {
        var ways = layout.items.get(item).ways().get(on);
        if (ways.none()) return Optional.empty();
        var field = layout.fields.get(on);
        var places = field.places(layout.items.get(item).piece().grade());
        Place best = null;
        var found = 0;
        for (var look = 0; look < looks && found < FOUND; look++) {
            var range = ways.any(random);
            var isQuarter = range.isWhole() && random.nextInt(3) > 0;
            var share = range.isOne() ? 0 : isQuarter ? random.nextInt(4) / 4.0 : random.nextDouble();
            var form = layout.items.get(item).form(range.flipped());
            var at = places.isEmpty()
                    ? new double[] {
                        field.minX + random.nextDouble() * field.width(),
                        field.minY + random.nextDouble() * field.height()
                    }
                    : places.get(random.nextInt(places.size()));
            var turn = ways.turned(range, share, layout.course(item, on, at[0], at[1], 0, range.flipped()));
            tried.lay(form, at[0], at[1], turn);
            if (tried.maxX - tried.minX > field.width() || tried.maxY - tried.minY > field.height()) continue;
            tried.shift(
                    Math.max(0, field.minX - tried.minX) - Math.max(0, tried.maxX - field.maxX),
                    Math.max(0, field.minY - tried.minY) - Math.max(0, tried.maxY - field.maxY));
            if (!isFree(item, on, range.flipped())) continue;
            found++;
            if (best != null && badness(field) > best.badness() + field.width() / 4) continue;
            push(item, on, range.flipped());
            if (best == null || badness(field) < best.badness())
                best = new Place(tried.x, tried.y, turn, range.flipped(), badness(field));
        }
        return Optional.ofNullable(best);
    }

    /** Near the cut end of a roll, or one end of a hide. */
    private double badness(Container field) {
        return tried.maxX - field.minX + 0.1 * (tried.maxY - field.minY);
    }

    /** Toward the corner by halving steps, as far as it goes. */
    private void push(int item, int on, boolean isFlipped) {
        var field = layout.fields.get(on);
        for (var step = field.width() / 4; step > STEP; step /= 2)
            for (var moved = true; moved; ) {
                moved = pushed(item, on, isFlipped, -step, 0) || pushed(item, on, isFlipped, 0, -step);
            }
    }

    /** Clear of everything, and with the stretch of its stock. */
    private boolean isFree(int item, int on, boolean isFlipped) {
        var course = layout.course(item, on, tried.x, tried.y, tried.turn, isFlipped);
        return layout.items.get(item).ways().get(on).suit(tried.turn, isFlipped, course) && isFree(item, on);
    }

    private boolean pushed(int item, int on, boolean isFlipped, double dx, double dy) {
        var field = layout.fields.get(on);
        if (tried.minX + dx < field.minX || tried.minY + dy < field.minY) return false;
        tried.shift(dx, dy);
        if (isFree(item, on, isFlipped)) return true;
        tried.shift(-dx, -dy);
        return false;
    }
}
