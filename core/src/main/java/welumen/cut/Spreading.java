package welumen.cut;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.random.RandomGenerator;
import welumen.cut.Spread.Copy;
import welumen.cut.Spread.Way;

/**
 * Lays pieces out on hides and rolls. Each round, two seeded workers shake the order of the best plan so far and spread
 * all pieces anew; the better result stands before the next round, so the plan depends on seed and rounds alone. In the first
 * round one worker takes the biggest pieces first, the other those that need the best leather (Burke and others, Operations Research 54, 2006).
 *
 * <p>No plan leaves here that {@link PlanCheck} has not found valid. It gives a first plan, from which a stronger search goes on.
 */
public final class Spreading {
    private static final int WORKERS = 2;

    private final CutProblem problem;
    private final List<Copy> bySize;
    private final List<Ground> grounds;
    private final List<Worker> workers = new ArrayList<>();
    private Attempt best;

    /** A valid set of placements, the way that led to it, and its score. */
    private record Attempt(Way way, List<Placement> placements, PlanScore score) {}

    private static final class Worker {
        final RandomGenerator random;
        final AttitudeChoice choice = new AttitudeChoice();

        Worker(long seed) {
            random = new SplittableRandom(seed);
        }
    }

    private Spreading(CutProblem problem, long seed) {
        this.problem = problem;
        this.bySize = copies(problem);
        this.grounds = problem.stock().stream()
                .map(stock -> new Ground(stock, problem.gap()))
                .toList();
        for (var i = 0; i < WORKERS; i++) workers.add(new Worker(seed * WORKERS + i));
        this.best = attempt(new Way(bySize, grounds, Taste.BOX, Tries.QUARTERS), problem.pinned());
    }

    /**
     * Searches until the rounds or the time are up or {@code stop} says so, and returns the best plan; at least the
     * pinned pieces. Each report comes from a thread of the search.
     *
     * @throws IllegalArgumentException if the pinned pieces do not lie validly; the message says which
     */
    public static CutPlan lay(CutProblem problem, NestOptions options, NestProgress progress, StopSignal stop) {
        var faults = PlanCheck.faults(problem, problem.pinned());
        if (!faults.isEmpty())
            throw new IllegalArgumentException(
                    "A pinned piece cannot stay: " + faults.getFirst().said());
        var nester = new Spreading(problem, options.seed());
        var rounds = nester.search(options, progress, stop);
        return nester.plan(rounds, true);
    }

    private long search(NestOptions options, NestProgress progress, StopSignal stop) {
        var end = System.nanoTime() + Math.min(options.time().toNanos(), Long.MAX_VALUE / 4);
        try (var pool = Workers.pool(WORKERS)) {
            var round = 0L;
            while (round < options.rounds() && !stop.stopRequested()) {
                var first = round == 0;
                StopSignal now = () -> stop.stopRequested() || !first && System.nanoTime() > end;
                if (now.stopRequested() || !round(pool, round, now)) break;
                round++;
                progress.advanced(round, plan(round, false));
                if (System.nanoTime() > end) break;
            }
            return round;
        }
    }

    /** One round of all workers; false if it was stopped on the way, which leaves everything as it was. */
    private boolean round(ExecutorService pool, long round, StopSignal stop) {
        var start = best;
        var running = new ArrayList<Future<Optional<Attempt>>>();
        for (var worker : workers) {
            var way = round == 0 ? firstWay(worker) : shaken(start.way(), worker.random);
            running.add(pool.submit(() -> new Spread(problem, worker.choice)
                    .run(way, worker.random, stop)
                    .filter(placements -> PlanCheck.faults(problem, placements).isEmpty())
                    .map(placements -> attempt(way, placements))));
        }
        var results = running.stream().map(Workers::result).toList();
        if (stop.stopRequested() && results.stream().anyMatch(Optional::isEmpty)) return false;
        for (var result : results)
            if (result.isPresent() && result.get().score().compareTo(best.score()) < 0) best = result.get();
        return true;
    }

    private Way firstWay(Worker worker) {
        if (worker == workers.getFirst()) return new Way(bySize, grounds, Taste.BOX, Tries.QUARTERS);
        var byGrade = new ArrayList<>(bySize);
        byGrade.sort(Comparator.comparingInt(copy -> copy.piece().grade())); // stable: by size within a grade
        return new Way(byGrade, grounds, Taste.ROWS, Tries.STRAIGHT);
    }

    /** The same way with a few pieces moved in the order, and now and then another taste or another hide first. */
    private Way shaken(Way way, RandomGenerator random) {
        var order = new ArrayList<>(way.order());
        var moves = order.isEmpty() ? 0 : 1 + random.nextInt(3);
        for (var i = 0; i < moves; i++) {
            var copy = order.remove(random.nextInt(order.size()));
            order.add(random.nextInt(order.size() + 1), copy);
        }
        var sheets = new ArrayList<>(way.grounds());
        if (sheets.size() > 1 && random.nextInt(4) == 0)
            Collections.swap(sheets, random.nextInt(sheets.size()), random.nextInt(sheets.size()));
        var taste = random.nextInt(3) == 0 ? Taste.any(random) : way.taste();
        return new Way(order, sheets, taste, Tries.values()[random.nextInt(Tries.values().length)]);
    }

    private Attempt attempt(Way way, List<Placement> placements) {
        return new Attempt(way, placements, PlanScore.of(problem, placements));
    }

    private CutPlan plan(long rounds, boolean withReasons) {
        return new CutPlan(
                best.placements(),
                withReasons ? new Unplaceable(problem, grounds).reasons(best.placements()) : List.of(),
                SheetUses.of(problem, best.placements()),
                rounds);
    }

    /** Every copy that is not pinned, the biggest first. */
    private static List<Copy> copies(CutProblem problem) {
        var copies = new ArrayList<Copy>();
        for (var piece : problem.pieces())
            for (var number = 1; number <= piece.quantity(); number++) {
                var copy = number;
                if (problem.pinned().stream().noneMatch(pin -> pin.piece().equals(piece.id()) && pin.copy() == copy))
                    copies.add(new Copy(piece, copy));
            }
        copies.sort(Comparator.comparingDouble(
                copy -> -copy.piece().shape().outline().box().area()));
        return List.copyOf(copies);
    }
}
