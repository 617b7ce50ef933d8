package welumen.cut.nest;

import java.util.Comparator;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Collider;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Likeliest;
import welumen.cut.nest.separation.Separation;
import welumen.cut.nest.separation.Sideways;

/**
 * What one worker of a search on a roll is at. What succeeds makes the next bite larger, what fails smaller. Whoever takes bites from
 * the best goes sideways for a part of the time, so that the next bite is taken from elsewhere; whoever goes farther has two large
 * pieces change places whenever a length does not come out.
 */
final class StripShrinking {
    static final double FIRST_BITE = 0.02;
    private static final double LARGEST_BITE = 0.04;
    private static final double SMALLEST_BITE = 0.0006;
    /** Shrink of the second worker, as a multiple of the first's. */
    private static final double FAR = 1.6;

    private static final int IDLE = 25;
    private static final int RETURNS = 2;
    /** Swaps of pieces in one trial of a length that is farther off. */
    private static final int SWAPS = 8;

    /** Items from which they are swapped: of fewer, two large ones in each other's places are the same layout mirrored. */
    private static final int FEWEST_TO_SWAP = 4;

    /** Ways to begin a trial that are looked at. */
    private static final int LOOKED_AT = 8;

    private static final double SHARE_SIDEWAYS = 0.3;
    /** Moves given to a sideways move: it succeeds soon or not at all. */
    private static final long PATIENCE_SIDEWAYS = 150;

    private final RandomGenerator random;
    private final boolean goesFar;
    private final Collider collider = new Collider();
    private final ShrinkShare bite = new ShrinkShare(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);

    private @Nullable Trial shorter;
    private @Nullable Trial sideways;
    /** In items moved, since it began. */
    private long done;

    private long doneSideways;
    /** Where it has come to; as long as that is as short as the best, it goes on from there. */
    private @Nullable Layout reached;

    StripShrinking(RandomGenerator random, boolean goesFar) {
        this.random = random;
        this.goesFar = goesFar;
    }

    /** A layout that is tried. @param swaps how often pieces have changed places in it */
    private record Trial(Layout layout, Separation separation, int swaps) {}

    /** What share of the length it takes away next. */
    double bite() {
        return bite.share();
    }

    /**
     * The shortest layout of a round, if one is shorter than the best.
     *
     * @param nearBite that of the worker that does not go far
     * @param most in items moved
     */
    Optional<Layout> work(Layout best, double nearBite, long most, StopSignal stop) {
        forgetWhatHasFewer(best);
        var from = reached != null && length(reached) == length(best) ? reached : best;
        Optional<Layout> found = Optional.empty();
        var end = done + most;
        while (done < end && !stop.stopRequested()) {
            var isSideways = !goesFar && doneSideways < SHARE_SIDEWAYS * done;
            var apart = isSideways
                    ? sideways(from, end, stop)
                    : shorter(from, goesFar ? FAR * nearBite : bite.share(), end, stop);
            if (apart.isEmpty()) continue;
            from = apart.get();
            from.maxX[0] = length(from);
            reached = from;
            if (length(from) < length(best)) found = apart;
        }
        return found;
    }

    /** What was begun before more pieces came to lie is of no use any more. */
    private void forgetWhatHasFewer(Layout best) {
        var count = best.items.size();
        if (reached != null && reached.items.size() != count) reached = null;
        if (shorter != null && shorter.layout.items.size() != count) shorter = null;
        if (sideways != null && sideways.layout.items.size() != count) sideways = null;
    }

    private Optional<Layout> shorter(Layout from, double share, long end, StopSignal stop) {
        if (shorter == null || shorter.layout.maxX[0] >= length(from)) shorter = trial(bitten(from, share), 0);
        var trial = shorter;
        return switch (run(trial, end - done, stop)) {
            case UNDER_WAY -> Optional.empty();
            case STUCK -> {
                shorter = afterStuck(trial);
                yield Optional.empty();
            }
            case APART -> {
                bite.learn(true);
                shorter = null;
                yield Optional.of(trial.layout);
            }
        };
    }

    /** Another layout no longer than that, if one has come to rest. @param end how much is done, in items moved, when the round is over */
    Optional<Layout> sideways(Layout from, long end, StopSignal stop) {
        var before = done;
        if (sideways == null || sideways.layout.maxX[0] > length(from)) sideways = trial(exchanged(from), 0);
        var trial = sideways;
        var patience = PATIENCE_SIDEWAYS - trial.separation.moves();
        var outcome = run(trial, Math.min(Math.max(1, end - done), patience), stop);
        doneSideways += done - before;
        if (outcome == Separation.Outcome.UNDER_WAY && trial.separation.moves() < PATIENCE_SIDEWAYS)
            return Optional.empty();
        sideways = null;
        return outcome == Separation.Outcome.APART ? Optional.of(trial.layout) : Optional.empty();
    }

    private Separation.Outcome run(Trial trial, long most, StopSignal stop) {
        var before = trial.separation.moves();
        var outcome = trial.separation.run(most, stop);
        done += 1 + trial.separation.moves() - before;
        return outcome;
    }

    private Trial trial(Layout layout, int swaps) {
        return new Trial(layout, new Separation(layout, random, IDLE, RETURNS), swaps);
    }

    /** Two pieces of about one size in each other's places, in the same length. */
    private Layout exchanged(Layout from) {
        var likeliest = new Likeliest(from, random);
        var layout = likeliest.of(LOOKED_AT, copy -> {
            copy.maxX[0] = length(from);
            Sideways.from(copy, 0, random);
        });
        done += likeliest.moves();
        return layout;
    }

    /** Shorter by a share, taken out where least is in the way of what moves up. */
    Layout bitten(Layout from, double share) {
        return Stream.generate(() -> shortened(from, share * length(from)))
                .limit(LOOKED_AT)
                .min(Comparator.comparingDouble(Layout::total))
                .orElseThrow();
    }

    private Layout shortened(Layout from, double by) {
        var layout = from.copy();
        var at = random.nextDouble() * length(from);
        layout.maxX[0] = length(from) - by;
        for (var i = 0; i < layout.bodies.length; i++) {
            var body = layout.bodies[i];
            if (body.x > at) layout.lay(i, 0, body.x - by, body.y, body.turn, layout.flipped[i]);
        }
        layout.measureAll(collider);
        return layout;
    }

    /** Two large pieces change places, and nothing is held against anybody; after some such tries it is given up. */
    private @Nullable Trial afterStuck(Trial stuck) {
        if (goesFar && stuck.layout.items.size() >= FEWEST_TO_SWAP && stuck.swaps < SWAPS) {
            stuck.layout.forget();
            stuck.layout.swapLarge(random);
            return trial(stuck.layout, stuck.swaps + 1);
        }
        bite.learn(false);
        return null;
    }

    private static double length(Layout layout) {
        var length = 0.0;
        for (var body : layout.bodies) length = Math.max(length, body.maxX);
        return length;
    }
}
