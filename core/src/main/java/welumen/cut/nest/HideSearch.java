package welumen.cut.nest;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.shape.Planar;

/**
 * The fewest hides: what is left over is put among the rest, then a hide is closed and its pieces are put among those on the
 * others, or on a cheaper one that is opened for it, and what overlaps is separated. Where no hide can be saved, the box about
 * the pieces of the emptiest one is made smaller bite by bite.
 */
final class HideSearch extends Search {
    private static final double FULL = 0.97;
    private static final double FIRST_BITE = 0.06;
    private static final double LARGEST_BITE = 0.12;
    private static final double SMALLEST_BITE = 0.002;
    /** The second worker's bite against the first's. */
    private static final double SMALLER = 0.4;

    /** Of its room. */
    private static final double LIGHT = 0.08;

    /** Where all would cover no more than this of what stays open, one fewer is to be expected; seldom else. */
    private static final double LIKELY = 0.76;

    private static final int SELDOM = 4;

    private static final int LEAST_IDLE = 8;
    private static final int MOST_IDLE = 30;
    private static final int RETURNS = 1;
    /** A hide that is nearly empty goes at once or not at all; a fuller one wants patience. */
    private static final int LIGHT_IDLE = 25;

    private static final int TRIAL_IDLE = 60;
    private static final int PATIENCE = 12;
    /** In items moved: about as long as a hide that was closed is tried in one round, so that no worker waits for the other. */
    private static final int AS_LONG = 1500;

    private final double[] room;
    private final Map<Integer, Trial> trials = new ConcurrentHashMap<>();
    private final Bite bite = new Bite(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);
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
        if (changesStock(worker)) return onOtherStock(worker, random, stop);
        return squeezed(worker, random, stop);
    }

    @Override
    void learn(Optional<Layout> found) {
        attempts++;
        failures = found.isPresent() ? 0 : failures + 1;
        bite.learn(found.isPresent());
        if (found.isEmpty()) return;
        best = found.get();
        trials.clear();
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
        Arrays.fill(all.isOpen, true);
        return separated(with(all, some, random), random, stop);
    }

    private Optional<Layout> separated(Layout layout, RandomGenerator random, StopSignal stop) {
        return isApart(separation(layout, random), stop) ? Optional.of(closedWhereEmpty(layout)) : Optional.empty();
    }

    /** The more attempts have failed, the longer it keeps at it. */
    private Separation separation(Layout layout, RandomGenerator random) {
        return new Separation(layout, random, Math.min(MOST_IDLE, LEAST_IDLE + 2 * failures), RETURNS);
    }

    private static boolean isApart(Separation separation, StopSignal stop) {
        return separation.run(Long.MAX_VALUE, stop) == Separation.Outcome.APART;
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

    /**
     * As long as one hide fewer is to be expected, the first worker does nothing but close one, and the second does so every
     * other time; else both open cheaper ones every other time, if there are any, and the first tries to close one now and then.
     */
    private boolean changesStock(int worker) {
        var isItsTurn = attempts % 2 == 0;
        var isExpected = canClose() && (isLight() || isLikely());
        if (worker == 0) return isExpected || canClose() && attempts % SELDOM == 0 || hasCheaper() && isItsTurn;
        return isItsTurn && (isExpected || hasCheaper());
    }

    private boolean isLikely() {
        return closable(LIKELY).length > 0;
    }

    private boolean isLight() {
        return IntStream.of(closable()).anyMatch(on -> load(on) < LIGHT * room[on]);
    }

    private boolean canClose() {
        return used().length > 1 && closable().length > 0;
    }

    /** Those that are not needed by area alone. */
    private int[] closable() {
        return closable(FULL);
    }

    /** Those without which all covers no more than such a share of the others. */
    private int[] closable(double share) {
        var used = used();
        var all = IntStream.of(used).mapToDouble(on -> room[on]).sum();
        return IntStream.of(used)
                .filter(on -> itemArea() <= share * (all - room[on]))
                .toArray();
    }

    /**
     * A stock that is used, and one that is not and costs less.
     *
     * @param used the number of its field
     */
    private record Exchange(int used, int cheaper) {}

    private boolean hasCheaper() {
        return !exchanges().isEmpty();
    }

    /** Those after which there is room by area alone. */
    private List<Exchange> exchanges() {
        var used = used();
        var all = IntStream.of(used).mapToDouble(on -> room[on]).sum();
        return IntStream.range(0, fields.size())
                .filter(on -> IntStream.of(used).noneMatch(open -> open == on))
                .boxed()
                .flatMap(other -> IntStream.of(used)
                        .filter(on -> cost(other) < cost(on) && itemArea() <= FULL * (all - room[on] + room[other]))
                        .mapToObj(on -> new Exchange(on, other)))
                .toList();
    }

    private double cost(int on) {
        return fields.get(on).stock.cost();
    }

    /** A hide that was closed, or another opened for it, and what is still over each other. */
    private static final class Trial {
        final Layout layout;
        int rounds;

        Trial(Layout layout) {
            this.layout = layout;
        }
    }

    /** Goes on with a hide closed, where a round did not do; after many rounds another one, or the same otherwise. */
    private Optional<Layout> onOtherStock(int worker, RandomGenerator random, StopSignal stop) {
        var trial = trials.get(worker);
        if (trial == null || trial.rounds >= PATIENCE) {
            trial = new Trial(changed(worker, random));
            trials.put(worker, trial);
        }
        trial.rounds++;
        var separation = new Separation(trial.layout, random, isLight() ? LIGHT_IDLE : TRIAL_IDLE, 0);
        if (!isApart(separation, stop)) return Optional.empty();
        trials.remove(worker);
        return Optional.of(closedWhereEmpty(trial.layout));
    }

    private Layout changed(int worker, RandomGenerator random) {
        var exchanges = exchanges();
        if (exchanges.isEmpty() || worker == 0 && canClose())
            return without(best.copy(), leastNeeded(worker, random), random);
        var exchange = exchanges.get(random.nextInt(exchanges.size()));
        var layout = best.copy();
        layout.isOpen[exchange.cheaper()] = true;
        return without(layout, exchange.used(), random);
    }

    /** As a rule the one with least on it. */
    private int leastNeeded(int worker, RandomGenerator random) {
        var closable = closable();
        var gone = closable[0];
        for (var on : closable) if (load(on) < load(gone)) gone = on;
        if (worker == 1 && random.nextBoolean()) gone = closable[random.nextInt(closable.length)];
        return gone;
    }

    /** What lay on a field is strewn over those that are open. */
    private static Layout without(Layout layout, int gone, RandomGenerator random) {
        layout.forget();
        layout.isOpen[gone] = false;
        for (var i = 0; i < layout.items.size(); i++) if (layout.field[i] == gone) scatter(layout, i, random);
        return layout;
    }

    private double load(int on) {
        return IntStream.range(0, best.items.size())
                .filter(i -> best.field[i] == on)
                .mapToDouble(i -> best.items.get(i).plain().area)
                .sum();
    }

    /** The box about the emptiest hide's pieces, bite after bite smaller from one of its sides; a smaller bite where one was too much. */
    private Optional<Layout> squeezed(int worker, RandomGenerator random, StopSignal stop) {
        if (used().length == 0) return Optional.empty();
        var share = bite.share(worker == 0 ? 1 : SMALLER);
        var layout = best.copy();
        Optional<Layout> found = Optional.empty();
        for (var moves = 0L; moves < AS_LONG && !stop.stopRequested(); ) {
            squeeze(layout, share, random);
            var separation = separation(layout, random);
            var isDone = isApart(separation, stop);
            moves += 1 + separation.moves();
            if (isDone) {
                closedWhereEmpty(layout);
                found = Optional.of(layout.copy());
            } else {
                share = Math.max(SMALLEST_BITE, share / 2);
                layout.take(found.orElse(best));
            }
        }
        return found;
    }

    private void squeeze(Layout layout, double share, RandomGenerator random) {
        var emptiest = layout.field[0];
        for (var on : layout.field) if (share(layout, on) < share(layout, emptiest)) emptiest = on;
        var box = box(layout, emptiest);
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
    }

    /** Of the box round the pieces on a hide. */
    private static double[] box(Layout layout, int on) {
        var box = new double[] {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (var i = 0; i < layout.bodies.length; i++) {
            if (layout.field[i] != on) continue;
            var body = layout.bodies[i];
            box[0] = Math.min(box[0], body.minX);
            box[1] = Math.min(box[1], body.minY);
            box[2] = Math.max(box[2], body.maxX);
            box[3] = Math.max(box[3], body.maxY);
        }
        return box;
    }

    private double share(Layout layout, int on) {
        var box = box(layout, on);
        return (box[2] - box[0])
                * (box[3] - box[1])
                / (fields.get(on).width() * fields.get(on).height());
    }
}
