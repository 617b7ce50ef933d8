package welumen.cut.nest;

import java.util.random.RandomGenerator;

/**
 * Two pieces of about one size change places, so that a search that is at its end here goes on from elsewhere (a sideways move:
 * Selman, Levesque and Mitchell, 1992). Of one hide no more area is covered than before, and what lies on the others stays there.
 */
final class Sideways {
    private static final double MOST_TIMES = 1.67;
    /** So many pairs are drawn; where none may change places, everything stays. */
    private static final int TRIED = 300;

    private final Layout layout;
    private final int on;
    private final RandomGenerator random;

    private Sideways(Layout layout, int on, RandomGenerator random) {
        this.layout = layout;
        this.on = on;
        this.random = random;
    }

    /** @param on the number of the hide on which no more is to lie */
    static void from(Layout layout, int on, RandomGenerator random) {
        new Sideways(layout, on, random).exchange();
    }

    private void exchange() {
        var count = layout.items.size();
        for (var item = 0; item < count; item++) layout.keptOff[item] = layout.field[item] == on ? Layout.NONE : on;
        for (var tried = 0; tried < TRIED; tried++) {
            var one = random.nextInt(count);
            var other = random.nextInt(count);
            if (!isOfUse(one, other)) continue;
            var kept = layout.keptOff[one];
            layout.keptOff[one] = layout.keptOff[other];
            layout.keptOff[other] = kept;
            layout.exchange(one, other);
            return;
        }
    }

    private boolean isOfUse(int one, int other) {
        if (layout.items.get(one).piece() == layout.items.get(other).piece()) return false;
        var times = area(one) / area(other);
        if (times > MOST_TIMES || times < 1 / MOST_TIMES) return false;
        var here = layout.field[one];
        var there = layout.field[other];
        if (here == there) return true;
        var wouldCoverMore = here == on && times < 1 || there == on && times > 1;
        return !wouldCoverMore && mayLie(one, there) && mayLie(other, here);
    }

    private boolean mayLie(int item, int field) {
        return !layout.items.get(item).ways().get(field).none();
    }

    private double area(int item) {
        return layout.items.get(item).plain().area;
    }
}
