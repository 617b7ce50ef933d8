package welumen.cut.nest;

import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.nest.separation.Layout;

/**
 * A piece of one hide goes over to the others, as a rule in exchange for a smaller one of theirs, so that less lies on it. What
 * lies on the others stays there, but for what was exchanged.
 */
final class MoveOver {
    private static final double EXCHANGED = 0.7;
    /** Area of what comes back, as a share of what went, at the least. */
    private static final double SMALLEST = 0.6;

    private static final double LARGEST = 0.98;

    private final Layout layout;
    private final int on;
    private final RandomGenerator random;

    private MoveOver(Layout layout, int on, RandomGenerator random) {
        this.layout = layout;
        this.on = on;
        this.random = random;
    }

    /** @param on the number of the hide on which less is to lie, from which some piece may go */
    static void from(Layout layout, int on, RandomGenerator random) {
        new MoveOver(layout, on, random).exchange();
    }

    /** What lies on a hide and may lie on another that is open. */
    static IntStream mayGo(Layout layout, int on) {
        return IntStream.range(0, layout.items.size())
                .filter(item -> layout.field[item] == on
                        && IntStream.of(layout.fieldsFor(item)).anyMatch(field -> field != on));
    }

    private void exchange() {
        var gone = mayGo(layout, on).toArray();
        layout.keepOthersOff(on);
        var one = any(gone);
        var back = random.nextDouble() < EXCHANGED ? smallerThan(one) : new int[0];
        if (back.length == 0) one = smaller(one, any(gone));
        else fetch(any(back));
        layout.keptOff[one] = on;
        Search.scatter(layout, one, random);
    }

    private IntStream items() {
        return IntStream.range(0, layout.items.size());
    }

    private int any(int[] some) {
        return some[random.nextInt(some.length)];
    }

    private int smaller(int one, int other) {
        return area(other) < area(one) ? other : one;
    }

    /** What lies on the others and could come back for one that goes. */
    private int[] smallerThan(int one) {
        return items().filter(item -> layout.field[item] != on
                        && !layout.items.get(item).ways().get(on).none()
                        && area(item) > SMALLEST * area(one)
                        && area(item) < LARGEST * area(one))
                .toArray();
    }

    /** Off where it lies; from then on it may lie anywhere. */
    private void fetch(int item) {
        layout.keptOff[item] = layout.field[item];
        Search.scatter(layout, item, random);
        layout.keptOff[item] = Layout.NONE;
    }

    private double area(int item) {
        return layout.items.get(item).plain().area;
    }
}
