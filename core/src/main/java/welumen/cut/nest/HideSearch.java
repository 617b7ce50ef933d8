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

/**
 * The fewest hides: what is left over is put among the rest, then a hide is closed and its pieces are put among those on the
 * others, or on a cheaper one that is opened for it, and what overlaps is separated. Where no hide can be saved, the box about
 * the pieces of the emptiest one is made smaller bite by bite.
 */
final class HideSearch extends Search {
    private static final double FIRST_BITE = 0.06;
    private static final double LARGEST_BITE = 0.12;
    private static final double SMALLEST_BITE = 0.002;
    /** The second worker's bite against the first's. */
    private static final double SMALLER = 0.4;

    /** One hide fewer where it is not to be expected. */
    private static final int SELDOM = 4;

    private static final int LEAST_IDLE = 8;
    private static final int MOST_IDLE = 30;
    private static final int RETURNS = 1;
    /** A hide that is nearly empty goes at once or not at all; a fuller one wants patience. */
    private static final int LIGHT_IDLE = 25;

    private static final int TRIAL_IDLE = 60;
    private static final int PATIENCE = 12;
    /** In items moved; a hide that was closed is tried for less or for more, and then one worker waits for the other. */
    private static final int AS_LONG = 1500;

    private final double[] room;
    private final Map<Integer, Trial> trials = new ConcurrentHashMap<>();
    private final Bite bite = new Bite(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);
    private int attempts;
    private int failures;

    HideSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        room = UsedStock.room(fields);
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        var random = random(worker);
        var left = leftOver();
        if (!left.isEmpty() && (attempts % 2 == 0 || worker == 1)) return among(left, worker, random, stop);
        var stock = new UsedStock(fields, room, best);
        if (stock.isNone()) return Optional.empty();
        return changesStock(stock, worker) ? onOtherStock(stock, worker, random, stop) : squeezed(worker, random, stop);
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

    /**
     * As long as one hide fewer is to be expected, the first worker does nothing but close one, and the second does so every
     * other time; else both open cheaper ones every other time, if there are any, and the first tries to close one now and then.
     */
    private boolean changesStock(UsedStock stock, int worker) {
        var isItsTurn = attempts % 2 == 0;
        var isExpected = stock.isLikelyToClose();
        var hasCheaper = !stock.exchanges().isEmpty();
        if (worker > 0) return isItsTurn && (isExpected || hasCheaper);
        return isExpected || stock.canClose() && attempts % SELDOM == 0 || hasCheaper && isItsTurn;
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
    private Optional<Layout> onOtherStock(UsedStock stock, int worker, RandomGenerator random, StopSignal stop) {
        var trial = trials.get(worker);
        if (trial == null || trial.rounds >= PATIENCE) {
            trial = new Trial(changed(stock, worker, random));
            trials.put(worker, trial);
        }
        trial.rounds++;
        var separation = new Separation(trial.layout, random, stock.isLight() ? LIGHT_IDLE : TRIAL_IDLE, 0);
        if (!isApart(separation, stop)) return Optional.empty();
        trials.remove(worker);
        return Optional.of(closedWhereEmpty(trial.layout));
    }

    /** The first worker closes as a rule the one with least on it. */
    private Layout changed(UsedStock stock, int worker, RandomGenerator random) {
        var layout = best.copy();
        var exchanges = stock.exchanges();
        if (stock.canClose() && (worker == 0 || exchanges.isEmpty())) {
            var isAny = worker > 0 && random.nextBoolean();
            return without(layout, isAny ? stock.anyToClose(random) : stock.leastNeeded(), random);
        }
        var exchange = exchanges.get(random.nextInt(exchanges.size()));
        layout.isOpen[exchange.cheaper()] = true;
        return without(layout, exchange.used(), random);
    }

    /** What lay on a field is strewn over those that are open. */
    private static Layout without(Layout layout, int gone, RandomGenerator random) {
        layout.forget();
        layout.isOpen[gone] = false;
        for (var i = 0; i < layout.items.size(); i++) if (layout.field[i] == gone) scatter(layout, i, random);
        return layout;
    }

    /** The box about the emptiest hide's pieces, bite after bite smaller from one of its sides; a smaller bite where one was too much. */
    private Optional<Layout> squeezed(int worker, RandomGenerator random, StopSignal stop) {
        var share = bite.share(worker == 0 ? 1 : SMALLER);
        var layout = best.copy();
        Optional<Layout> found = Optional.empty();
        for (var moves = 0L; moves < AS_LONG && !stop.stopRequested(); ) {
            EmptiestBox.of(layout).bite(share, random);
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
}
