package welumen.cut.nest.separation;

import java.util.Arrays;
import java.util.random.RandomGenerator;
import welumen.shape.Box;

/**
 * The place of one item where it lies least in others, each as it weighs: some places about where it lies, some side by side
 * with others, some all over the fields, the best of them moved step by step as long as that helps.
 */
final class PlaceSearch {
    private static final int ALL_OVER = 36;
    /** Samples of which one lies beside something. */
    private static final int BESIDE = 3;
    /** Share of those that lies beside a side of the field's box. */
    private static final double BESIDE_BOX = 0.1;
    /** Samples on each field at the least, where several are open. */
    private static final int ON_EACH = 20;

    private static final int ABOUT = 18;
    private static final int KEPT = 3;
    /** Places of good leather to a hide's width. */
    private static final double NEIGHBOURS = 20;

    private static final double FIRST_STEP = 0.2;
    private static final double COARSE = 0.02;
    private static final double FINE = 0.0006;
    private static final double FIRST_TURN = 0.12;
    private static final double GROWS = 1.1;
    private static final double SHRINKS = 0.5;

    private final Layout layout;
    private final RandomGenerator random;
    private final Collider collider;
    private final PlacedForm tried;
    /** On each field the others that lie there, in the order in which they are looked at. */
    private final int[][] order;

    private final int[] counts;
    private int item;

    /** A place, and what it costs. */
    private static final class Place {
        int field;
        double x;
        double y;
        double turn;
        Ways.Range range = new Ways.Range(0, 0, false);
        double cost = Double.MAX_VALUE;

        void take(Place other) {
            field = other.field;
            x = other.x;
            y = other.y;
            turn = other.turn;
            range = other.range;
            cost = other.cost;
        }
    }

    private final Place[] kept = new Place[KEPT];
    private final Place offer = new Place();
    private final Place here = new Place();

    PlaceSearch(Layout layout, RandomGenerator random, Collider collider) {
        this.layout = layout;
        this.random = random;
        this.collider = collider;
        this.tried = new PlacedForm(layout.items.getFirst().plain());
        this.order = new int[layout.fields.size()][0];
        this.counts = new int[order.length];
        for (var i = 0; i < KEPT; i++) kept[i] = new Place();
    }

    /** Moves an item to a better place, if there is one; true if it was moved. */
    boolean move(int which) {
        item = which;
        arrange();
        for (var place : kept) place.cost = Double.MAX_VALUE;
        var body = layout.bodies[item];
        var ways = layout.items.get(item).ways().get(layout.field[item]);
        if (ways.none()) return false;
        here.field = layout.field[item];
        here.x = body.x;
        here.y = body.y;
        here.turn = body.turn;
        here.range = ways.at(
                body.turn,
                layout.flipped[item],
                layout.course(item, here.field, body.x, body.y, body.turn, layout.flipped[item]));
        here.cost = layout.isWithin(item) ? layout.weighed(item) : Double.MAX_VALUE;
        keep(here);
        for (var i = 0; i < ABOUT; i++) about();
        var open = openFields();
        var looks = Math.max(ALL_OVER, ON_EACH * open);
        for (var i = 0; i < looks / BESIDE; i++) beside(open);
        for (var i = looks / BESIDE; i < looks; i++) anywhere(open);
        for (var place : kept) if (place.cost < Double.MAX_VALUE) refine(place, COARSE);
        var best = kept[0];
        for (var place : kept) if (place.cost < best.cost) best = place;
        if (best.cost == Double.MAX_VALUE) return false;
        refine(best, FINE);
        if (best.cost >= here.cost && here.cost < Double.MAX_VALUE) return false;
        layout.lay(item, best.field, best.x, best.y, best.turn, best.range.flipped());
        layout.measure(item, collider);
        return true;
    }

    /** The others on each field; what it lies in now is looked at first. */
    private void arrange() {
        var count = layout.bodies.length;
        if (order[0].length < count) for (var on = 0; on < order.length; on++) order[on] = new int[count];
        Arrays.fill(counts, 0);
        for (var j = 0; j < count; j++) if (layout.depth[item][j] > 0) add(j);
        for (var j = 0; j < count; j++) if (layout.depth[item][j] == 0 && j != item) add(j);
    }

    private void add(int j) {
        var on = layout.field[j];
        order[on][counts[on]++] = j;
    }

    private void about() {
        offer.field = here.field;
        offer.range = here.range;
        var body = layout.bodies[item];
        var wide = body.maxX - body.minX;
        var high = body.maxY - body.minY;
        offer.x = here.x + (random.nextDouble() - 0.5) * wide;
        offer.y = here.y + (random.nextDouble() - 0.5) * high;
        offer.turn = here.turn;
        if (!here.range.isOne()) settle(offer, here.turn + (random.nextDouble() - 0.5) * 0.5);
        look();
    }

    /** One of its sides along a side of something that lies there, an end of the one at an end of the other. */
    private void beside(int openFields) {
        if (!draw(openFields)) return;
        var form = layout.items.get(item).form(offer.range.flipped());
        var side = side(offer.field);
        int own;
        if (offer.range.isOne()) {
            offer.turn = offer.range.from();
            own = form.sideFacing(side, offer.turn);
        } else {
            own = form.sideAt(random.nextDouble());
            offer.x = side.ax();
            offer.y = side.ay();
            settle(offer, side.turnOf(form, own));
        }
        var middle = side.middleOf(form, own, offer.turn, random.nextBoolean());
        offer.x = middle.x();
        offer.y = middle.y();
        look();
    }

    /** Of anything that lies on a field, or of the box in which it may lie. */
    private PlacedSide side(int on) {
        if (counts[on] == 0 || random.nextDouble() < BESIDE_BOX)
            return PlacedSide.of(new Box(layout.minX[on], layout.minY[on], layout.maxX[on], layout.maxY[on]), random);
        return PlacedSide.of(layout.bodies[order[on][random.nextInt(counts[on])]], random);
    }

    private void anywhere(int openFields) {
        if (!draw(openFields)) return;
        var open = offer.field;
        var share = offer.range.isOne() ? 0 : random.nextDouble();
        var places =
                layout.fields.get(open).places(layout.items.get(item).piece().grade());
        if (places.isEmpty()) {
            offer.x = layout.minX[open] + random.nextDouble() * (layout.maxX[open] - layout.minX[open]);
            offer.y = layout.minY[open] + random.nextDouble() * (layout.maxY[open] - layout.minY[open]);
        } else {
            // where the leather is good enough, and a little about it
            var place = places.get(random.nextInt(places.size()));
            var apart = layout.fields.get(open).width() / NEIGHBOURS;
            offer.x = place[0] + (random.nextDouble() - 0.5) * apart;
            offer.y = place[1] + (random.nextDouble() - 0.5) * apart;
        }
        offer.turn = layout.items.get(item).ways().get(open).turned(offer.range, share, course(offer, 0));
        look();
    }

    /** Any field of so many that are open, and any of the ways in which it may lie there; false where it may not at all. */
    private boolean draw(int openFields) {
        if (openFields == 0) return false;
        offer.field = openField(openFields);
        var ways = layout.items.get(item).ways().get(offer.field);
        if (ways.none()) return false;
        offer.range = ways.any(random);
        return true;
    }

    private int openFields() {
        var count = 0;
        for (var on = 0; on < layout.isOpen.length; on++) if (layout.mayLieOn(item, on)) count++;
        return count;
    }

    /** Any one of so many. */
    private int openField(int count) {
        if (count == 1 && layout.mayLieOn(item, here.field)) return here.field;
        var wanted = random.nextInt(count);
        for (var i = 0; i < layout.isOpen.length; i++) if (layout.mayLieOn(item, i) && wanted-- == 0) return i;
        return here.field;
    }

    /** Turns it as near to a turn as its range and the run of its field allow. */
    private void settle(Place place, double turn) {
        var ways = layout.items.get(item).ways().get(place.field);
        place.turn = ways.settled(place.range, turn, course(place, turn));
    }

    private double course(Place place, double turn) {
        return layout.course(item, place.field, place.x, place.y, turn, place.range.flipped());
    }

    /** Whether it stretches there as the field does. */
    private boolean suits(Place place) {
        var ways = layout.items.get(item).ways().get(place.field);
        return !ways.goByCourse() || ways.suit(place.turn, place.range.flipped(), course(place, place.turn));
    }

    /** Puts the offer into its field's box, says what it costs, and keeps it if it is among the best. */
    private void look() {
        tried.put(layout.items.get(item).form(offer.range.flipped()), offer.x, offer.y, offer.turn);
        if (!pushIn(offer) || !suits(offer)) return;
        offer.cost = cost(offer.field, kept[KEPT - 1].cost);
        keep(offer);
    }

    private void keep(Place place) {
        if (place.cost >= kept[KEPT - 1].cost) return;
        var at = KEPT - 1;
        while (at > 0 && kept[at - 1].cost > place.cost) at--;
        var last = kept[KEPT - 1];
        System.arraycopy(kept, at, kept, at + 1, KEPT - 1 - at);
        kept[at] = last;
        last.take(place);
    }

    /** False where the field's box is too small for it. */
    private boolean pushIn(Place place) {
        var on = place.field;
        if (!layout.mayLieOn(item, on)) return false;
        var wide = layout.maxX[on] - layout.minX[on];
        var high = layout.maxY[on] - layout.minY[on];
        if (tried.maxX - tried.minX > wide || tried.maxY - tried.minY > high) return false;
        var dx = tried.minX < layout.minX[on]
                ? layout.minX[on] - tried.minX
                : tried.maxX > layout.maxX[on] ? layout.maxX[on] - tried.maxX : 0;
        var dy = tried.minY < layout.minY[on]
                ? layout.minY[on] - tried.minY
                : tried.maxY > layout.maxY[on] ? layout.maxY[on] - tried.maxY : 0;
        if (dx != 0 || dy != 0) {
            tried.shift(dx, dy);
            place.x += dx;
            place.y += dy;
        }
        return true;
    }

    /** Over all that it lies in, or more than enough once it is worse than the bound. */
    private double cost(int onField, double bound) {
        var sum = 0.0;
        var others = order[onField];
        var count = counts[onField];
        for (var k = 0; k < count; k++) {
            var j = others[k];
            if (!layout.isNear(tried, j)) continue;
            var weight = layout.weight[item][j];
            var deep = collider.depth(tried, layout.bodies[j], (bound - sum) / weight);
            if (deep == 0) continue;
            sum += weight * deep;
            // what is often in the way comes first
            others[k] = others[k / 2];
            others[k / 2] = j;
            if (sum >= bound) return Double.MAX_VALUE;
        }
        var grounds = layout.obstacles(item, onField);
        for (var k = 0; k < grounds.count(); k++)
            if (grounds.isNear(tried, k)) {
                var weight = layout.groundWeight[item][k];
                sum += weight * collider.depth(tried, grounds.get(k), (bound - sum) / weight);
                if (sum >= bound) return Double.MAX_VALUE;
            }
        return sum;
    }

    /** Step by step along one way after another; what helps makes the steps longer, what does not shorter. */
    private void refine(Place place, double until) {
        if (place.cost == 0) return;
        var form = layout.items.get(item).form(place.range.flipped());
        var body = layout.bodies[item];
        var least = Math.min(body.maxX - body.minX, body.maxY - body.minY);
        var along = until == FINE ? COARSE * least : FIRST_STEP * least;
        var across = along;
        var turning = place.range.isOne() ? 0 : until == FINE ? FIRST_TURN / 8 : FIRST_TURN;
        var smallest = until * least;
        while ((along > smallest || across > smallest || turning > until / 2) && place.cost > 0) {
            var way = random.nextInt(turning > until / 2 ? 5 : 4);
            var dx = way == 0 || way >= 2 && way < 4 ? along : 0;
            var dy = way == 1 || way == 2 ? across : way == 3 ? -across : 0;
            var turn = way == 4 ? turning : 0;
            var isBetter = step(place, form, dx, dy, turn) || step(place, form, -dx, -dy, -turn);
            var factor = isBetter ? GROWS : SHRINKS;
            if (dx != 0) along *= way >= 2 ? Math.sqrt(factor) : factor;
            if (dy != 0) across *= way >= 2 ? Math.sqrt(factor) : factor;
            if (turn != 0) turning *= factor;
        }
    }

    private boolean step(Place place, Form form, double dx, double dy, double turn) {
        offer.field = place.field;
        offer.range = place.range;
        offer.x = place.x + dx;
        offer.y = place.y + dy;
        offer.turn = place.turn;
        if (turn != 0) settle(offer, place.turn + turn);
        tried.put(form, offer.x, offer.y, offer.turn);
        if (!pushIn(offer) || !suits(offer)) return false;
        var cost = cost(offer.field, place.cost);
        if (cost >= place.cost) return false;
        place.x = offer.x;
        place.y = offer.y;
        place.turn = offer.turn;
        place.cost = cost;
        return true;
    }
}
