package welumen.cut.nest.quick;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Collider;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.PlacedForm;

/**
 * A plan in which each piece is laid once, beside those before it, on the first stock that has a place for it.
 *
 * <p>Greedy, and no bound on how far it is from the best.
 */
public abstract sealed class OneByOne permits QuickPlan, RepeatPlan {
    final Layout layout;
    final PlacedForm tried;
    private final Collider collider = new Collider();
    private final List<Integer> laid = new ArrayList<>();

    OneByOne(List<Container> fields, List<Item> items) {
        layout = new Layout(items, fields);
        tried = new PlacedForm(items.getFirst().plain());
    }

    /** @param badness the least is taken */
    record Place(double x, double y, double turn, boolean flipped, double badness) {}

    /**
     * The best place for an item; empty where it has none.
     *
     * @param isOpen whether something lies on that field, or it is the first
     */
    abstract Optional<Place> place(int item, int on, boolean isOpen);

    /** As they come. */
    public static List<Integer> inOrder(List<Item> items) {
        return IntStream.range(0, items.size()).boxed().toList();
    }

    /** @param order the numbers of the items, each once; those that are left when it is stopped find no place */
    final List<Placement> lay(List<Integer> order, StopSignal stop) {
        var placements = new ArrayList<Placement>();
        var open = 1;
        for (var item : order)
            for (var on = 0; on < layout.fields.size(); on++) {
                if (stop.stopRequested()) return placements;
                var place = place(item, on, on < open);
                if (place.isEmpty()) continue;
                open = Math.max(open, on + 1);
                var at = place.get();
                layout.lay(item, on, at.x(), at.y(), at.turn(), at.flipped());
                laid.add(item);
                placements.add(layout.items
                        .get(item)
                        .placement(layout.fields.get(on).stock, at.x(), at.y(), at.turn(), at.flipped()));
                break;
            }
        return placements;
    }

    /** Whether what is tried lies clear of all that was laid, and of what does not move. */
    final boolean isFree(int item, int on) {
        for (var other : laid)
            if (layout.field[other] == on && collider.collide(tried, layout.bodies[other])) return false;
        return layout.obstacles(item, on).isFree(tried, collider);
    }
}
