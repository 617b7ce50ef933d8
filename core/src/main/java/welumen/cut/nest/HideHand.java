package welumen.cut.nest;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import welumen.cut.StopSignal;

/** What one worker of a search on hides is at: of each kind of trial one, which goes on from round to round. */
final class HideHand {
    private static final double FIRST_BITE = 0.06;
    private static final double LARGEST_BITE = 0.12;
    private static final double SMALLEST_BITE = 0.002;
    /** The second worker's bite against the first's. */
    private static final double SMALLER = 0.4;

    /** How much of its work goes into one hide fewer where that is not to be expected. */
    private static final double SELDOM = 0.25;

    private static final double HALF = 0.5;
    /**
     * For so many moves of each item pieces go over to other hides, then for as many the box is made smaller: it gives way the
     * farther, the less has come to lie in it before. Then each takes twice as long, and so on.
     */
    private static final int STRETCH = 50;

    private enum Kind {
        LEFT_OVER,
        OTHER_STOCK,
        MOVE_OVER,
        BITE
    }

    private final HideTrials trials;
    private final RandomGenerator random;
    private final boolean isFirst;
    private final Bite bite = new Bite(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);
    private final Map<Kind, HideTrial> begun = new EnumMap<>(Kind.class);
    /** In items moved. */
    private final Map<Kind, Long> work = new EnumMap<>(Kind.class);

    /** How many of a kind have failed since one succeeded. */
    private final Map<Kind, Integer> failures = new EnumMap<>(Kind.class);

    HideHand(HideTrials trials, RandomGenerator random, boolean isFirst) {
        this.trials = trials;
        this.random = random;
        this.isFirst = isFirst;
    }

    /**
     * The best layout of a round, if one is better than what was the best so far.
     *
     * @param most in items moved
     */
    Optional<Layout> work(Layout best, long most, StopSignal stop) {
        var from = best;
        Optional<Layout> found = Optional.empty();
        for (var left = most; left > 0 && !trials.isNothingToLay() && !stop.stopRequested(); left--) {
            var kind = kind(from);
            var trial = trial(kind, from);
            var before = trial.separation().moves();
            var outcome = trial.separation().run(left, stop);
            var moves = trial.separation().moves() - before;
            work.merge(kind, 1 + moves, Long::sum);
            left -= moves;
            if (outcome == Separation.Outcome.UNDER_WAY) continue;
            begun.remove(kind);
            var isApart = outcome == Separation.Outcome.APART;
            failures.merge(kind, isApart ? 0 : 1, (known, more) -> isApart ? 0 : known + more);
            if (kind == Kind.BITE) bite.learn(isApart);
            if (!isApart) continue;
            from = trials.closedWhereEmpty(trial.layout());
            found = Optional.of(from);
        }
        return found;
    }

    /**
     * As long as one hide fewer is to be expected, the first worker does nothing but close one, and the second moves over what lies
     * on it; else both open cheaper ones half of their time, if there are any, and the first tries to close one now and then.
     */
    private Kind kind(Layout from) {
        if (from.items.isEmpty()) return Kind.LEFT_OVER;
        if (trials.hasLeftOver(from) && isBehind(Kind.LEFT_OVER, isFirst ? HALF : 1)) return Kind.LEFT_OVER;
        var stock = trials.used(from);
        if (isBehind(Kind.OTHER_STOCK, onOtherStock(stock))) return Kind.OTHER_STOCK;
        if (!stock.isSeveral() || !trials.canMoveOver(from)) return Kind.BITE;
        return !isFirst && stock.isLikelyToClose() || isOnStretchOver(from) ? Kind.MOVE_OVER : Kind.BITE;
    }

    private boolean isOnStretchOver(Layout from) {
        var moved = work.getOrDefault(Kind.MOVE_OVER, 0L) + work.getOrDefault(Kind.BITE, 0L);
        var stretch = (long) STRETCH * from.items.size();
        while (moved >= 2 * stretch) {
            moved -= 2 * stretch;
            stretch *= 2;
        }
        return moved < stretch;
    }

    private double onOtherStock(UsedStock stock) {
        var hasCheaper = !stock.exchanges().isEmpty();
        if (!isFirst) return hasCheaper ? HALF : 0;
        if (stock.isLikelyToClose()) return 1;
        return hasCheaper ? HALF : stock.canClose() ? SELDOM : 0;
    }

    /** Whether a kind of work has not had its share yet. */
    private boolean isBehind(Kind kind, double share) {
        var all = work.values().stream().mapToLong(moves -> moves).sum();
        return share > 0 && work.getOrDefault(kind, 0L) <= share * all;
    }

    /** One that was begun goes on as long as what it would be worth is better than what there is. */
    private HideTrial trial(Kind kind, Layout from) {
        var known = begun.get(kind);
        if (known != null && known.worth().compareTo(trials.worth(from)) < 0) return known;
        var trial = begin(kind, from);
        begun.put(kind, trial);
        return trial;
    }

    private HideTrial begin(Kind kind, Layout from) {
        var failed = failures.getOrDefault(kind, 0);
        return switch (kind) {
            case LEFT_OVER -> trials.leftOver(from, isFirst, failed, random);
            case OTHER_STOCK -> trials.otherStock(from, trials.used(from), !isFirst, random);
            case MOVE_OVER -> trials.movedOver(from, failed, random);
            case BITE -> trials.bitten(from, bite.share(isFirst ? 1 : SMALLER), failed, random);
        };
    }
}
