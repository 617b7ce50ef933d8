package welumen.cut.nest;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import welumen.cut.Placement;
import welumen.cut.StopSignal;

/**
 * The shortest length of one roll: a little is taken out of it somewhere, what lay beyond moves up, and what then overlaps is
 * separated. What succeeds makes the next bite larger, what fails smaller; where small bites fail too, one worker begins from
 * a layout in which two large pieces have changed places.
 */
final class RollSearch extends Search {
    private static final double FIRST_BITE = 0.02;
    private static final double LARGEST_BITE = 0.04;
    private static final double SMALLEST_BITE = 0.0006;
    private static final double GROWS = 1.25;
    private static final double SHRINKS = 0.55;
    private static final int IDLE = 25;
    private static final int RETURNS = 2;
    /** As many of the largest may change places. */
    private static final double LARGE = 0.4;

    private double bite = FIRST_BITE;
    private int failures;

    RollSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        if (best.items.isEmpty()) return Optional.empty();
        var random = random(worker);
        var layout = best.copy();
        var length = length(layout);
        var isShaken = worker == 1 && failures > 2 && layout.items.size() > 3;
        if (isShaken) {
            layout.forget();
            swapLarge(layout, random);
        }
        var share = isShaken ? SMALLEST_BITE : worker == 0 ? bite : bite * 0.4;
        shorten(layout, length, length * Math.max(share, SMALLEST_BITE), random);
        if (!new Separation(layout, random, IDLE, RETURNS, stop).run()) return Optional.empty();
        layout.maxX[0] = length(layout);
        return Optional.of(layout);
    }

    @Override
    void learn(Optional<Layout> found) {
        if (found.isPresent()) {
            best = found.get();
            bite = Math.min(LARGEST_BITE, bite * GROWS);
            failures = 0;
        } else {
            bite = Math.max(SMALLEST_BITE, bite * SHRINKS);
            failures++;
        }
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
