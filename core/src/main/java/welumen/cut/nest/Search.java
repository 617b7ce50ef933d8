package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.CutPiece;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Layout;
import welumen.cut.stock.Stock;

/** The search for one material: the best layout so far, and what each worker tries next from it. */
public abstract sealed class Search permits RollSearch, RepeatSearch, HideSearch {
    final List<Container> fields;
    final List<Item> items;
    /** Of the items that lie somewhere. */
    Layout best;

    private final List<RandomGenerator> random;

    Search(List<Container> fields, List<Item> items, List<Placement> placements, long seed) {
        this.fields = fields;
        this.items = items;
        this.random = IntStream.range(0, Workers.COUNT)
                .<RandomGenerator>mapToObj(worker -> new SplittableRandom(seed * Workers.COUNT + worker))
                .toList();
        this.best = laid(placements);
    }

    static Search of(List<Container> fields, List<Item> items, List<Placement> placements, long seed) {
        if (RepeatSearch.isFor(fields)) return new RepeatSearch(fields, items, placements, seed);
        return fields.size() == 1 && fields.getFirst().stock instanceof Stock.Roll
                ? new RollSearch(fields, items, placements, seed)
                : new HideSearch(fields, items, placements, seed);
    }

    /** What a worker finds from the best so far; empty if nothing. The same random numbers are drawn whatever others find. */
    abstract Optional<Layout> attempt(int worker, StopSignal stop);

    /** Whether a layout is one to go on from, though it makes no better plan. */
    boolean isPromising(Layout found) {
        return false;
    }

    /** Takes note of how the round went. @param found what is valid, and promising or a better plan than any before it */
    abstract void learn(List<Layout> found);

    RandomGenerator random(int worker) {
        return random.get(worker);
    }

    boolean has(CutPiece piece) {
        return items.stream().anyMatch(item -> item.piece().id().equals(piece.id()));
    }

    /** A layout of what is placed, where it is placed. */
    final Layout laid(List<Placement> placements) {
        var lying = new ArrayList<Item>();
        var where = new ArrayList<Placement>();
        for (var item : items)
            placements.stream()
                    .filter(placement -> placement.piece().equals(item.piece().id()) && placement.copy() == item.copy())
                    .findFirst()
                    .ifPresent(placement -> {
                        lying.add(item);
                        where.add(placement);
                    });
        var layout = new Layout(lying, fields);
        for (var i = 0; i < lying.size(); i++) {
            var pose = where.get(i).pose();
            var form = lying.get(i).form(pose.flipped());
            var turn = Math.toRadians(pose.turnDegrees());
            var x = form.middleX * Math.cos(turn) - form.middleY * Math.sin(turn) + pose.x();
            var y = form.middleX * Math.sin(turn) + form.middleY * Math.cos(turn) + pose.y();
            var on = 0;
            while (!fields.get(on).stock.id().equals(where.get(i).stock())) on++;
            layout.lay(i, on, x, y, turn, pose.flipped());
            layout.isOpen[on] = true;
        }
        return layout;
    }

    /** The same items where they lie, and others besides, wherever chance puts them on the open fields. */
    static Layout with(Layout layout, List<Item> others, RandomGenerator chance) {
        var all = new ArrayList<>(layout.items);
        all.addAll(others);
        var more = new Layout(all, layout.fields);
        System.arraycopy(layout.isOpen, 0, more.isOpen, 0, more.isOpen.length);
        for (var i = 0; i < all.size(); i++)
            if (i < layout.items.size())
                more.lay(
                        i,
                        layout.field[i],
                        layout.bodies[i].x,
                        layout.bodies[i].y,
                        layout.bodies[i].turn,
                        layout.flipped[i]);
            else scatter(more, i, chance);
        return more;
    }

    /** Puts an item anywhere on an open field on which it may lie. */
    public static void scatter(Layout layout, int item, RandomGenerator chance) {
        var open = layout.fieldsFor(item);
        if (open.length == 0) return;
        var on = open[chance.nextInt(open.length)];
        var ways = layout.items.get(item).ways().get(on);
        var range = ways.any(chance);
        var x = layout.minX[on] + chance.nextDouble() * (layout.maxX[on] - layout.minX[on]);
        var y = layout.minY[on] + chance.nextDouble() * (layout.maxY[on] - layout.minY[on]);
        var course = layout.course(item, on, x, y, 0, range.flipped());
        var turn = ways.turned(range, range.isOne() ? 0 : chance.nextDouble(), course);
        layout.lay(item, on, x, y, turn, range.flipped());
    }
}
