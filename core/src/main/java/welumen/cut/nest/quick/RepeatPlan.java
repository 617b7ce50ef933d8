package welumen.cut.nest.quick;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.cloth.Repeat;
import welumen.cut.nest.separation.Container;
import welumen.cut.nest.separation.Item;
import welumen.cut.nest.separation.Ways;
import welumen.shape.Point;

/**
 * Pieces laid one after the other on a roll whose pattern repeats: each on the lines of the pattern, as near to the cut end
 * as it goes there. What else there is of its material, be it a hide, is laid row by row beside it.
 */
public final class RepeatPlan extends OneByOne {
    private static final double SCAN_MM = 8;
    private static final double FINEST_MM = 0.25;
    /** Rows that are tried where the pattern does not repeat across. */
    private static final int ROWS = 24;

    private RepeatPlan(List<Container> fields, List<Item> items) {
        super(fields, items);
    }

    /** @param order the numbers of the items, each once */
    public static List<Placement> of(List<Container> fields, List<Item> items, List<Integer> order, StopSignal stop) {
        return new RepeatPlan(fields, items).lay(order, stop);
    }

    @Override
    Optional<Place> place(int item, int on, boolean isOpen) {
        Place best = null;
        for (var range : layout.items.get(item).ways().get(on).ranges()) {
            var turns = range.isOne()
                    ? new double[] {range.from()}
                    : new double[] {range.within(0), range.within(Math.PI / 2), range.within(Math.PI)};
            for (var turn : turns)
                for (var y : rows(item, on, range, turn)) {
                    var place = along(item, on, range, turn, y);
                    if (place != null && (best == null || place.badness() < best.badness())) best = place;
                }
        }
        return Optional.ofNullable(best);
    }

    /** From the place of the piece that lies on the pattern to the middle of its body, as it lies. */
    private Point toBody(int item, int on, Ways.Range range, double turn) {
        var one = layout.items.get(item);
        var pose = one.placement(layout.fields.get(on).stock, 0, 0, turn, range.flipped())
                .pose();
        return new Point(0, 0).minus(pose.apply(one.piece().onLine()));
    }

    private void lie(int item, Ways.Range range, double x, double y, double turn) {
        tried.lay(layout.items.get(item).form(range.flipped()), x, y, turn);
    }

    private List<Double> rows(int item, int on, Ways.Range range, double turn) {
        var field = layout.fields.get(on);
        var repeat = Repeat.across(field.stock);
        var off = toBody(item, on, range, turn).y();
        lie(item, range, 0, 0, turn);
        var low = field.minY - tried.minY;
        var high = field.maxY - tried.maxY;
        var rows = new ArrayList<Double>();
        if (repeat > 0)
            for (var k = Math.ceil((low - off) / repeat); k * repeat + off <= high; k++) rows.add(k * repeat + off);
        else for (var row = 0; row <= ROWS && low <= high; row++) rows.add(low + (high - low) * row / ROWS);
        return rows;
    }

    /** The nearest free place to the cut end in that row. */
    private @Nullable Place along(int item, int on, Ways.Range range, double turn, double y) {
        var field = layout.fields.get(on);
        var repeat = Repeat.along(field.stock);
        lie(item, range, 0, 0, turn);
        var from = field.minX - tried.minX;
        var to = field.maxX - tried.maxX;
        if (repeat > 0) {
            var off = toBody(item, on, range, turn).x();
            for (var k = Math.ceil((from - off) / repeat); k * repeat + off <= to; k++)
                if (isFree(item, on, range, k * repeat + off, y, turn)) return found(range, k * repeat + off, y, turn);
            return null;
        }
        for (var x = from; x <= to; x += SCAN_MM)
            if (isFree(item, on, range, x, y, turn)) return nearer(item, on, range, from, x, y, turn);
        return null;
    }

    private Place nearer(int item, int on, Ways.Range range, double from, double x, double y, double turn) {
        var at = x;
        for (var step = SCAN_MM / 2; step >= FINEST_MM; step /= 2)
            if (at - step >= from && isFree(item, on, range, at - step, y, turn)) at -= step;
        lie(item, range, at, y, turn);
        return found(range, at, y, turn);
    }

    private Place found(Ways.Range range, double x, double y, double turn) {
        return new Place(x, y, turn, range.flipped(), tried.maxX);
    }

    private boolean isFree(int item, int on, Ways.Range range, double x, double y, double turn) {
        lie(item, range, x, y, turn);
        return isFree(item, on);
    }
}
