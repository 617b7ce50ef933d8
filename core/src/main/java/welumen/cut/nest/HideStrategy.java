package welumen.cut.nest;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.random.RandomGenerator;
import org.jspecify.annotations.Nullable;
import welumen.cut.StopSignal;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Separation;

/** What one worker of a search on hides is at: of each kind of trial one, which goes on from round to round. */
public final class HideStrategy {
    private static final double FIRST_BITE = 0.06;
    private static final double LARGEST_BITE = 0.12;
    private static final double SMALLEST_BITE = 0.002;
    /** Bite of the second worker, as a share of the first's. */
    private static final double SMALLER = 0.4;

    /** Share of a worker's moves that goes into one hide fewer where that is not to be expected. */
    private static final double SELDOM = 0.25;

    private static final double HALF = 0.5;
    /** Moves of each item at first, during which pieces are only moved over to other hides. */
    private static final int START = 50;
    /** Moves, times the Luby sequence, for which it keeps at a trial that may succeed at once or not at all. */
    private static final long PATIENCE = 80;

    private static final long PATIENCE_SIDEWAYS = 100;

    private enum Kind {
        LEFT_OVER,
        OTHER_STOCK,
        /** What lies on a hide moves over until it can be closed, however long that takes. */
        EMPTY,
        MOVE_OVER,
        SIDEWAYS,
        BITE
    }

    /** Shares of the moves by kind of trial, where no hide can be saved. */
    private static final Map<Kind, Double> SHARES =
            new EnumMap<>(Map.of(Kind.BITE, 0.4, Kind.SIDEWAYS, 0.3, Kind.MOVE_OVER, 0.3));

    private final HideTrials trials;
    private final RandomGenerator random;
    private final boolean isFirst;
    private final ShrinkShare bite = new ShrinkShare(FIRST_BITE, LARGEST_BITE, SMALLEST_BITE);
    private final Map<Kind, HideTrial> begun = new EnumMap<>(Kind.class);
    /** In items moved. */
    private final Map<Kind, Long> work = new EnumMap<>(Kind.class);

    /** How many of a kind have failed since one succeeded. */
    private final Map<Kind, Integer> failures = new EnumMap<>(Kind.class);

    /** Where it has come to; as long as that is worth as much as the best, it goes on from there. */
    private @Nullable Layout reached;

    public HideStrategy(HideTrials trials, RandomGenerator random, boolean isFirst) {
        this.trials = trials;
        this.random = random;
        this.isFirst = isFirst;
    }

    /**
     * The best layout of a round, if one is better than what was the best so far.
     *
     * @param most in items moved
     */
    public Optional<Layout> work(Layout best, long most, StopSignal stop) {
        var from = goesOnFrom(best);
        Optional<Layout> found = Optional.empty();
        var end = done() + most;
        while (done() < end && !trials.isNothingToLay() && !stop.stopRequested()) {
            var kind = kind(from);
            var trial = trial(kind, from);
            var before = trial.separation().moves();
            var patience = patience(kind);
            var outcome = trial.separation().run(Math.min(end - done(), patience - before), stop);
            var moves = trial.separation().moves() - before;
            work.merge(kind, 1 + moves, Long::sum);
            if (outcome == Separation.Outcome.UNDER_WAY && before + moves < patience) continue;
            begun.remove(kind);
            var isApart = outcome == Separation.Outcome.APART;
            failures.merge(kind, isApart ? 0 : 1, (known, more) -> isApart ? 0 : known + more);
            if (kind == Kind.BITE) bite.learn(isApart);
            if (!isApart) continue;
            from = trials.closedWhereEmpty(trial.layout());
            reached = from;
            if (trials.worth(from).compareTo(trials.worth(best)) < 0) found = Optional.of(from);
        }
        return found;
    }

    private Layout goesOnFrom(Layout best) {
        return reached != null && trials.worth(reached).compareTo(trials.worth(best)) == 0 ? reached : best;
    }

    private long patience(Kind kind) {
        return switch (kind) {
            case LEFT_OVER, OTHER_STOCK, EMPTY -> Long.MAX_VALUE;
            case SIDEWAYS -> PATIENCE_SIDEWAYS;
            case MOVE_OVER, BITE -> PATIENCE * LubySequence.at(failures.getOrDefault(kind, 0) + 1);
        };
    }

    /**
     * As long as one hide fewer is to be expected, the first worker does nothing but close one, and the second empties it; else both
     * open cheaper ones half of their time, if there are any, and the first tries to close one now and then. The rest of the time
     * goes into what each hide holds.
     */
    private Kind kind(Layout from) {
        if (from.items.isEmpty()) return Kind.LEFT_OVER;
        if (trials.hasLeftOver(from) && isBehind(Kind.LEFT_OVER, isFirst ? HALF : 1)) return Kind.LEFT_OVER;
        var stock = trials.used(from);
        if (isBehind(Kind.OTHER_STOCK, onOtherStock(stock))) return Kind.OTHER_STOCK;
        var canMoveOver = stock.isSeveral() && trials.canMoveOver(from);
        if (canMoveOver && !isFirst && stock.isLikelyToClose()) return Kind.EMPTY;
        return SHARES.keySet().stream()
                .filter(kind -> canMoveOver || kind != Kind.MOVE_OVER)
                .min(Comparator.comparingDouble(kind -> counted(kind, from) / Objects.requireNonNull(SHARES.get(kind))))
                .orElseThrow();
    }

    /** What counts toward its share; of moving over only what is done since the start, which is less than nought before. */
    private long counted(Kind kind, Layout from) {
        var done = work.getOrDefault(kind, 0L);
        return kind == Kind.MOVE_OVER
                ? done + work.getOrDefault(Kind.EMPTY, 0L) - (long) START * from.items.size()
                : done;
    }

    private double onOtherStock(UsedStock stock) {
        var hasCheaper = !stock.exchanges().isEmpty();
        if (!isFirst) return hasCheaper ? HALF : 0;
        if (stock.isLikelyToClose()) return 1;
        return hasCheaper ? HALF : stock.canClose() ? SELDOM : 0;
    }

    /** Whether a kind of work has not had its share yet. */
    private boolean isBehind(Kind kind, double share) {
        return share > 0 && work.getOrDefault(kind, 0L) <= share * done();
    }

    /** In items moved, since it began. */
    private long done() {
        return work.values().stream().mapToLong(moves -> moves).sum();
    }

    /** One that was begun goes on as long as what it would be worth is better than what there is, or sideways as good. */
    private HideTrial trial(Kind kind, Layout from) {
        var known = begun.get(kind);
        if (known != null && known.worth().compareTo(trials.worth(from)) < (kind == Kind.SIDEWAYS ? 1 : 0))
            return known;
        var trial = begin(kind, from);
        work.merge(kind, trial.prepared(), Long::sum);
        begun.put(kind, trial);
        return trial;
    }

    private HideTrial begin(Kind kind, Layout from) {
        var failed = failures.getOrDefault(kind, 0);
        return switch (kind) {
            case LEFT_OVER -> trials.leftOver(from, isFirst, failed, random);
            case OTHER_STOCK -> trials.otherStock(from, trials.used(from), !isFirst, random);
            case EMPTY, MOVE_OVER -> trials.movedOver(from, failed, random);
            case SIDEWAYS -> trials.sideways(from, random);
            case BITE -> trials.bitten(from, bite.share(isFirst ? 1 : SMALLER), failed, random);
        };
    }
}
