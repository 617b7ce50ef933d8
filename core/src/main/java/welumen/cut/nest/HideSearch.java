package welumen.cut.nest;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.shape.Planar;

/**
 * The fewest hides: what is left over is put among the rest, then a hide is closed and its pieces are put among those on the
 * others, and what overlaps is separated. Where no hide can be saved, the box about the pieces of the emptiest one is made
 * smaller bite by bite.
 */
final class HideSearch extends Search {
    private static final double FULL = 0.97;
    private static final double FIRST_BITE = 0.06;
    private static final double LARGEST_BITE = 0.12;
    private static final double SMALLEST_BITE = 0.002;
    private static final double GROWS = 1.3;
    private static final double SHRINKS = 0.6;
    private static final int LEAST_IDLE = 8;
    private static final int MOST_IDLE = 30;
    private static final int RETURNS = 1;

    private final double[] room;
    private double bite = FIRST_BITE;
    private int attempts;
    private int failures;

    HideSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        room = fields.stream()
                .mapToDouble(field -> Planar.areaLeft(field.stock.shape()))
                .toArray();
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        var random = random(worker);
        var left = leftOver();
        if (!left.isEmpty() && (attempts % 2 == 0 || worker == 1)) return among(left, worker, random, stop);
        if (used().length > 1 && (worker == 0 || attempts % 3 == 0)) {
            var closed = closed(worker, random, stop);
            if (closed.isPresent() || worker == 0 && canClose()) return closed;
        }
        return squeezed(worker, random, stop);
    }

    @Override
    void learn(Optional<Layout> found) {
        attempts++;
        if (found.isPresent()) {
            best = found.get();
            bite = Math.min(LARGEST_BITE, bite * GROWS);
            failures = 0;
        } else {
            bite = Math.max(SMALLEST_BITE, bite * SHRINKS);
            failures++;
        }
    }

    private List<Item> leftOver() {
        return items.stream()
                .filter(item -> best.items.stream()
                        .noneMatch(lying -> lying.piece() == item.piece() && lying.copy() == item.copy()))
                .toList();
    }

    /** One of those that are left over, or all of them, on all the hides there are. */
    private Optional<Layout> among(List<Item> left, int worker, RandomGenerator random, StopSignal stop) {
        var some = worker == 0 ? left : List.of(left.get(random.nextInt(left.size())));
        var all = best.copy();
        java.util.Arrays.fill(all.isOpen, true);
        return separated(with(all, some, random), random, stop);
    }

    private Optional<Layout> separated(Layout layout, RandomGenerator random, StopSignal stop) {
        return new Separation(layout, random, Math.min(MOST_IDLE, LEAST_IDLE + 2 * failures), RETURNS, stop).run()
                ? Optional.of(closedWhereEmpty(layout))
                : Optional.empty();
    }

    /** A field without pieces is not used, and has its whole box again. */
    private Layout closedWhereEmpty(Layout layout) {
        for (var on = 0; on < layout.isOpen.length; on++) {
            var field = on;
            layout.isOpen[on] = IntStream.of(layout.field).anyMatch(used -> used == field);
            reset(layout, on);
        }
        return layout;
    }

    private void reset(Layout layout, int on) {
        layout.minX[on] = fields.get(on).minX;
        layout.minY[on] = fields.get(on).minY;
        layout.maxX[on] = fields.get(on).maxX;
        layout.maxY[on] = fields.get(on).maxY;
    }

    private int[] used() {
        return IntStream.range(0, fields.size())
                .filter(on -> IntStream.of(best.field).anyMatch(field -> field == on))
                .toArray();
    }

    private double itemArea() {
        return best.items.stream().mapToDouble(item -> item.plain().area).sum();
    }

    private boolean canClose() {
        var used = used();
        var all = IntStream.of(used).mapToDouble(on -> room[on]).sum();
        var smallest = IntStream.of(used).mapToDouble(on -> room[on]).min().orElse(0);
        return itemArea() <= FULL * (all - smallest);
    }

    /** Without one of the hides, as a rule the one with least on it; or with a larger one in the place of two. */
    private Optional<Layout> closed(int worker, RandomGenerator random, StopSignal stop) {
        var used = used();
        var all = IntStream.of(used).mapToDouble(on -> room[on]).sum();
        var candidates = IntStream.of(used)
                .filter(on -> itemArea() <= FULL * (all - room[on]))
                .toArray();
        if (candidates.length == 0) return Optional.empty();
        var gone = candidates[0];
        for (var on : candidates) if (load(on) < load(gone)) gone = on;
        if (worker == 1 || attempts % 4 == 3) gone = candidates[random.nextInt(candidates.length)];
        var layout = best.copy();
        layout.forget();
        layout.isOpen[gone] = false;
        for (var i = 0; i < layout.items.size(); i++) if (layout.field[i] == gone) scatter(layout, i, random);
        return separated(layout, random, stop);
    }

    private double load(int on) {
        return IntStream.range(0, best.items.size())
                .filter(i -> best.field[i] == on)
                .mapToDouble(i -> best.items.get(i).plain().area)
                .sum();
    }

    /** The box about the emptiest hide's pieces, a bite smaller from one of its sides. */
    private Optional<Layout> squeezed(int worker, RandomGenerator random, StopSignal stop) {
        var used = used();
        if (used.length == 0) return Optional.empty();
        var emptiest = used[0];
        for (var on : used) if (share(on) < share(emptiest)) emptiest = on;
        var layout = best.copy();
        var box = box(emptiest);
        var share = worker == 0 ? bite : bite * 0.4;
        var across = share * (box[2] - box[0]);
        var up = share * (box[3] - box[1]);
        layout.minX[emptiest] = box[0];
        layout.minY[emptiest] = box[1];
        layout.maxX[emptiest] = box[2];
        layout.maxY[emptiest] = box[3];
        switch (random.nextInt(4)) {
            case 0 -> layout.minX[emptiest] += across;
            case 1 -> layout.maxX[emptiest] -= across;
            case 2 -> layout.minY[emptiest] += up;
            default -> layout.maxY[emptiest] -= up;
        }
        return separated(layout, random, stop);
    }

    /** Of the box round the pieces on a hide. */
    private double[] box(int on) {
        var box = new double[] {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (var i = 0; i < best.items.size(); i++) {
            if (best.field[i] != on) continue;
            var body = best.bodies[i];
            box[0] = Math.min(box[0], body.minX);
            box[1] = Math.min(box[1], body.minY);
            box[2] = Math.max(box[2], body.maxX);
            box[3] = Math.max(box[3], body.maxY);
        }
        return box;
    }

    private double share(int on) {
        var box = box(on);
        return (box[2] - box[0])
                * (box[3] - box[1])
                / (fields.get(on).width() * fields.get(on).height());
    }
}
