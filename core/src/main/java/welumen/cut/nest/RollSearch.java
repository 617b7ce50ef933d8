package welumen.cut.nest;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import welumen.cut.Placement;
import welumen.cut.StopSignal;

/**
 * The shortest length of one roll: a little is taken out of it somewhere, what lay beyond moves up, and what then overlaps is
 * separated. What succeeds makes the next bite larger, what fails smaller. One worker takes bites from the best, the other keeps
 * at a length somewhat farther off, with two large pieces changing places whenever it does not come out.
 *
 * <p>A round is as much work for either, so that none waits for the other; a trial that is not done goes on in the next.
 */
final class RollSearch extends Search {
    /** How long a round is, in items moved. */
    private static final int ROUND = 500;

    private static final double FIRST_BITE = 0.02;
    private static final double LARGEST_BITE = 0.04;
    private static final double SMALLEST_BITE = 0.0006;
    private static final int IDLE = 25;
    private static final int RETURNS = 2;

    /** How much farther than the first worker's bite the second goes. */
    private static final double FAR = 1.6;

    /** So often pieces change places in one trial of the second worker. */
    private static final int PATIENCE = 8;

    private final List<Hand> hands;
    /** The first worker's bite as it was when the last round ended, so that the second never asks while it changes. */
    private double nearBite = FIRST_BITE;

    RollSearch(List<Field> fields, List<Item> items, List<Placement> placements, long seed) {
        super(fields, items, placements, seed);
        hands = IntStream.range(0, Workers.COUNT)
                .mapToObj(worker -> new Hand(random(worker), worker > 0 && items.size() >= 4))
                .toList();
    }

    @Override
    Optional<Layout> attempt(int worker, StopSignal stop) {
        return best.items.isEmpty() ? Optional.empty() : hands.get(worker).work(best, nearBite, stop);
    }

    @Override
    void learn(List<Layout> found) {
        if (!found.isEmpty()) best = found.getLast();
        nearBite = hands.getFirst().bite.share();
    }

    /** What one worker is at. */
    private static final class Hand {
        private final RandomGenerator random;
        private final boolean goesFar;
        private final Bite bite = new Bite(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);

        private @Nullable Trial trial;

        Hand(RandomGenerator random, boolean goesFar) {
            this.random = random;
            this.goesFar = goesFar;
        }

        /** The shortest layout of a round, if one is shorter than the best. */
        Optional<Layout> work(Layout best, double nearBite, StopSignal stop) {
            var from = best;
            Optional<Layout> found = Optional.empty();
            for (var left = (long) ROUND; left > 0 && !stop.stopRequested(); left--) {
                if (trial == null || trial.layout.maxX[0] >= length(from))
                    trial = new Trial(bitten(from, nearBite), random);
                var before = trial.separation.moves();
                var outcome = trial.separation.run(left, stop);
                left -= trial.separation.moves() - before;
                if (outcome == Separation.Outcome.APART) {
                    from = trial.layout;
                    from.maxX[0] = length(from);
                    found = Optional.of(from);
                    trial = null;
                    bite.learn(true);
                } else if (outcome == Separation.Outcome.STUCK) trial = afterStuck(trial);
            }
            return found;
        }

        private Layout bitten(Layout from, double nearBite) {
            var layout = from.copy();
            var length = length(layout);
            shorten(layout, length, length * (goesFar ? FAR * nearBite : bite.share()), random);
            return layout;
        }

        /** Two large pieces change places, and nothing is held against anybody; after some such tries it is given up. */
        private @Nullable Trial afterStuck(Trial stuck) {
            if (goesFar && stuck.swaps < PATIENCE) {
                stuck.layout.forget();
                stuck.layout.swapLarge(random);
                return new Trial(stuck.layout, random, stuck.swaps + 1);
            }
            bite.learn(false);
            return null;
        }
    }

    /** A length that is tried. */
    private static final class Trial {
        final Layout layout;
        final Separation separation;
        /** How often pieces have changed places in it. */
        final int swaps;

        Trial(Layout layout, RandomGenerator random) {
            this(layout, random, 0);
        }

        Trial(Layout layout, RandomGenerator random, int swaps) {
            this.layout = layout;
            this.swaps = swaps;
            separation = new Separation(layout, random, IDLE, RETURNS);
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
}
