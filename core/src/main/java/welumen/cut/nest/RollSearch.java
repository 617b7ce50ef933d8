package welumen.cut.nest;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import welumen.cut.Placement;
import welumen.cut.StopSignal;

/**
 * The shortest length of one roll: a little is taken out of it somewhere, what lay beyond moves up, and what then overlaps is
 * separated. What succeeds makes the next bite larger, what fails smaller. One worker takes bites from the best, the other keeps
 * at a length farther off, with two large pieces changing places whenever it does not come out.
 */
final class RollSearch extends Search {
    private static final double FIRST_BITE = 0.02;
    private static final double LARGEST_BITE = 0.04;
    private static final double SMALLEST_BITE = 0.0006;
    private static final int IDLE = 25;
    private static final int RETURNS = 2;
    /** In items moved. */
    private static final int EASY = 250;

    /** How much farther than a bite the second worker goes. */
    private static final double FAR = 1.6;

    private static final int PATIENCE = 8;

    /** As many of the largest may change places. */
    private static final double LARGE = 0.4;

    private final Bite bite = new Bite(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);
    private @Nullable Layout trial;
    private int tries;

    RollSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        if (best.items.isEmpty()) return Optional.empty();
        return worker == 0 || best.items.size() < 4 ? bites(worker, stop) : far(worker, stop);
    }

    /** Bite after bite, as long as they go down easily. */
    private Optional<Layout> bites(int worker, StopSignal stop) {
        var random = random(worker);
        var layout = best.copy();
        Optional<Layout> found = Optional.empty();
        for (var moves = 0L; moves < EASY && !stop.stopRequested(); ) {
            var length = length(layout);
            shorten(layout, length, length * bite.share(), random);
            var separation = new Separation(layout, random, IDLE, RETURNS, stop);
            if (!separation.run()) break;
            moves += separation.moves();
            layout.maxX[0] = length(layout);
            found = Optional.of(layout.copy());
        }
        return found;
    }

    /**
     * A length well below the best, tried again and again: where it does not come out, two large pieces change places in what
     * was nearly separated, and it goes on from there.
     */
    private Optional<Layout> far(int worker, StopSignal stop) {
        var random = random(worker);
        var length = length(best);
        if (trial == null || trial.maxX[0] >= length * (1 - SMALLEST_BITE) || tries >= PATIENCE) {
            trial = best.copy();
            tries = 0;
            shorten(trial, length, length * bite.share(FAR), random);
        } else {
            trial.forget();
            swapLarge(trial, random);
        }
        tries++;
        if (!new Separation(trial, random, IDLE, RETURNS, stop).run()) return Optional.empty();
        var found = trial.copy();
        found.maxX[0] = length(found);
        trial = null;
        return Optional.of(found);
    }

    @Override
    void learn(Optional<Layout> found) {
        found.ifPresent(layout -> best = layout);
        bite.learn(found.isPresent());
    }

    private static double length(Layout layout) {
        var length = 0.0;
        for (var body : layout.bodies) length = Math.max(length, body.maxX);
        return length;
    }

    private static void shorten(Layout layout, double length, double by, RandomGenerator random) {
        var from = random.nextDouble() * length;
        layout.maxX[0] = length - by;
        for (var i = 0; i < layout.bodies.length; i++) {
            var body = layout.bodies[i];
            if (body.x > from) layout.lay(i, 0, body.x - by, body.y, body.turn, layout.flipped[i]);
        }
    }

    private static void swapLarge(Layout layout, RandomGenerator random) {
        var large = Math.max(2, (int) (LARGE * layout.items.size()));
        var a = random.nextInt(large);
        var b = (a + 1 + random.nextInt(large - 1)) % large;
        var one = layout.bodies[a];
        var other = layout.bodies[b];
        var x = one.x;
        var y = one.y;
        layout.lay(a, 0, other.x, other.y, one.turn, layout.flipped[a]);
        layout.lay(b, 0, x, y, other.turn, layout.flipped[b]);
    }
}
