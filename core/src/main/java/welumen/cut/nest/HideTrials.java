package welumen.cut.nest;

import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Likeliest;
import welumen.cut.nest.separation.Sideways;

/** What can be tried to make a layout on hides better: more of it laid, other hides, less of the emptiest one. */
public final class HideTrials {
    private static final int LEAST_IDLE = 8;
    /** Moves without progress after which moving over ends, at the least. */
    private static final int LEAST_IDLE_OVER = 12;

    private static final int MOST_IDLE = 30;
    private static final int RETURNS = 1;
    /** Moves without progress for a hide that is nearly empty: it goes at once or not at all; a fuller one wants patience. */
    private static final int LIGHT_IDLE = 25;

    private static final int TRIAL_IDLE = 60;
    private static final int PATIENCE = 11;
    /** Ways to begin a trial that are looked at. */
    private static final int LOOKED_AT = 8;

    private final List<Container> fields;
    private final List<Item> items;
    private final double[] room;

    public HideTrials(List<Container> fields, List<Item> items) {
        this.fields = fields;
        this.items = items;
        room = UsedStock.room(fields);
    }

    UsedStock used(Layout layout) {
        return new UsedStock(fields, room, layout);
    }

    /** What a layout is worth in which nothing is in the way. */
    public HideObjective worth(Layout layout) {
        if (layout.items.isEmpty()) return worth(layout, 0, 0);
        var box = EmptiestBox.of(layout);
        return worth(layout, box.share(), used(layout).load(box.on()));
    }

    private HideObjective worth(Layout layout, double box, double load) {
        var open = IntStream.range(0, fields.size())
                .filter(on -> layout.isOpen[on])
                .toArray();
        var cost = IntStream.of(open)
                .mapToDouble(on -> fields.get(on).stock.cost())
                .sum();
        return new HideObjective(items.size() - layout.items.size(), open.length, cost, box, load);
    }

    boolean isNothingToLay() {
        return items.isEmpty();
    }

    boolean hasLeftOver(Layout layout) {
        return layout.items.size() < items.size();
    }

    /** Those that are left over, or one of them, on all the hides there are. */
    HideTrial leftOver(Layout from, boolean isAll, int failures, RandomGenerator random) {
        var left = items.stream()
                .filter(item -> from.items.stream()
                        .noneMatch(lying -> lying.piece() == item.piece() && lying.copy() == item.copy()))
                .toList();
        var some = isAll ? left : List.of(left.get(random.nextInt(left.size())));
        var open = from.copy();
        Arrays.fill(open.isOpen, true);
        var layout = Search.with(open, some, random);
        return HideTrial.of(layout, worth(layout, 1, 1), random, idle(LEAST_IDLE, failures), RETURNS);
    }

    /** One hide closed, as a rule the one with least on it, or another one opened for it. */
    HideTrial otherStock(Layout from, UsedStock stock, boolean isAny, RandomGenerator random) {
        var layout = from.copy();
        var exchanges = stock.exchanges();
        int gone;
        if (stock.canClose() && (!isAny || exchanges.isEmpty()))
            gone = isAny && random.nextBoolean() ? stock.anyToClose(random) : stock.leastNeeded();
        else {
            var exchange = exchanges.get(random.nextInt(exchanges.size()));
            layout.isOpen[exchange.cheaper()] = true;
            gone = exchange.used();
        }
        layout.forget();
        layout.isOpen[gone] = false;
        for (var i = 0; i < layout.items.size(); i++) if (layout.field[i] == gone) Search.scatter(layout, i, random);
        return HideTrial.of(layout, worth(layout, 1, 1), random, stock.isLight() ? LIGHT_IDLE : TRIAL_IDLE, PATIENCE);
    }

    /** Whether any piece of the emptiest hide may lie on another that is open. */
    boolean canMoveOver(Layout from) {
        return MoveOver.mayGo(from, EmptiestBox.of(from).on()).findAny().isPresent();
    }

    /** Less on the emptiest hide, in the same box. */
    HideTrial movedOver(Layout from, int failures, RandomGenerator random) {
        return boxed(from, 0, MoveOver::from, random, idle(LEAST_IDLE_OVER, failures), RETURNS);
    }

    /** As much on the emptiest hide, or less, in the same box, but two pieces lie where the other lay. */
    public HideTrial sideways(Layout from, RandomGenerator random) {
        return boxed(from, 0, Sideways::from, random, LEAST_IDLE, 0);
    }

    /** The box about the emptiest hide's pieces smaller by a share. */
    HideTrial bitten(Layout from, double share, int failures, RandomGenerator random) {
        return boxed(from, share, (_, _, _) -> {}, random, idle(LEAST_IDLE, failures), RETURNS);
    }

    /** Changes a layout by chance, given the number of the emptiest hide. */
    private interface Change {
        void make(Layout layout, int on, RandomGenerator random);
    }

    /** Something else on the emptiest hide, in its box less a share: of several such what has most chance. */
    private HideTrial boxed(Layout from, double share, Change change, RandomGenerator random, int idle, int returns) {
        var box = EmptiestBox.of(from);
        var likeliest = new Likeliest(from, random);
        var layout = likeliest.of(LOOKED_AT, copy -> {
            box.bite(copy, share, random);
            change.make(copy, box.on(), random);
        });
        var worth = worth(layout, box.left(layout), used(layout).load(box.on()));
        return HideTrial.of(layout, worth, random, idle, returns).after(likeliest.moves());
    }

    /** The more trials have failed, the longer it keeps at one. */
    private static int idle(int least, int failures) {
        return Math.min(MOST_IDLE, least + 2 * failures);
    }

    /** A field without pieces is not used, and every other has its whole box again, in which any item may lie. */
    public Layout closedWhereEmpty(Layout layout) {
        Arrays.fill(layout.isOpen, false);
        Arrays.fill(layout.keptOff, Layout.NONE);
        for (var on : layout.field) layout.isOpen[on] = true;
        for (var on = 0; on < fields.size(); on++) {
            layout.minX[on] = fields.get(on).minX;
            layout.minY[on] = fields.get(on).minY;
            layout.maxX[on] = fields.get(on).maxX;
            layout.maxY[on] = fields.get(on).maxY;
        }
        return layout;
    }
}
