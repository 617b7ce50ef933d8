package welumen.cut.nest;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.NestProgress;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.cloth.Repeat;
import welumen.cut.firstfit.Spreading;
import welumen.cut.firstfit.Unplaceable;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.PlanScore;
import welumen.cut.judge.SheetUses;
import welumen.cut.nest.quick.RowsPlan;
import welumen.cut.nest.separation.Layout;
import welumen.cut.nest.separation.Resolution;
import welumen.cut.stock.Stock;

/**
 * Lays pieces out on hides and rolls. The first round spreads them one after the other; every later one has two seeded
 * workers take room away, or a hide, and separate the pieces that then overlap. The better result stands before the next
 * round, so the plan depends on seed and rounds alone. Each material is a search of its own, and they take turns.
 *
 * <p>No plan leaves here that {@link PlanCheck} has not found valid.
 *
 * <p>A round takes moves in proportion to the pieces, each of them work by the pieces about its place; to a time
 * limit it runs until that is over. The layouts are after the papers named at {@link welumen.cut.nest}. Nothing
 * bounds how far a plan is from the best: what was measured is in {@code docs/figures.md}.
 */
public final class Nester {
    /** Pieces times stocks up to which they are spread corner to corner too. */
    private static final int FEW = 60;

    /** Time in ns for a first plan: who gives none at all wants a plan all the same. */
    private static final long FIRST_NANOS = 1_500_000_000L;

    /** Time in ns for a whole plan once somebody has enough; after it, any plan will do. */
    private static final long PATIENCE_NANOS = 8_000_000_000L;

    private final CutProblem problem;
    private final PlanCheck judge;
    private final List<Search> searches;
    private List<Placement> best;
    private PlanScore score;
    /** Whether the time was over before every piece had been tried once. */
    private final boolean isCutShort;

    /** @param over when the first plan is given up as it is */
    private Nester(CutProblem problem, NestOptions options, StopSignal stop, StopSignal over) {
        this.problem = problem;
        this.judge = new PlanCheck(problem);
        var kinds = FirstPlan.kinds(problem, Resolution.FINE, over);
        this.best = first(kinds, options, stop, over);
        this.score = PlanScore.of(problem, best);
        this.isCutShort = over.stopRequested();
        this.searches = isCutShort
                ? List.of()
                : kinds.stream()
                        .map(kind -> Search.of(kind.fields(), kind.items(), on(kind), options.seed()))
                        .toList();
    }

    private List<Placement> on(FirstPlan.Kind kind) {
        return best.stream()
                .filter(placement -> kind.fields().stream()
                        .anyMatch(field -> field.stock.id().equals(placement.stock())))
                .toList();
    }

    /**
     * Searches until the rounds or the time are up or {@code stop} says so, and returns the best plan; at least the
     * pinned pieces. Each report comes from a thread of the search.
     *
     * @throws IllegalArgumentException if the pinned pieces do not lie validly; the message says which
     */
    public static CutPlan lay(CutProblem problem, NestOptions options, NestProgress progress, StopSignal stop) {
        var end = System.nanoTime() + Math.min(options.time().toNanos(), Long.MAX_VALUE / 4);
        var faults = PlanCheck.faults(problem, problem.pinned());
        if (!faults.isEmpty())
            throw new IllegalArgumentException(
                    "A pinned piece cannot stay: " + faults.getFirst().said());
        StopSignal now = () -> stop.stopRequested() || System.nanoTime() > end;
        var begun = System.nanoTime();
        var first = Math.max(end, begun + FIRST_NANOS);
        var nester = new Nester(
                problem,
                options,
                stop,
                () -> System.nanoTime() > first || System.nanoTime() > begun + PATIENCE_NANOS && stop.stopRequested());
        var rounds = 1L;
        progress.advanced(rounds, nester.plan(rounds, false));
        try (var pool = Workers.pool(Workers.COUNT)) {
            while (rounds < options.rounds() && !nester.searches.isEmpty() && !now.stopRequested()) {
                if (!nester.round(pool, rounds, now)) break;
                rounds++;
                progress.advanced(rounds, nester.plan(rounds, false));
            }
        }
        nester.best = Pairs.mirrored(problem, nester.best);
        return nester.plan(rounds, true);
    }

    /**
     * The same for who asks only whether there is room: it ends as soon as every piece has a place. Some may have none when
     * the rounds are up, too.
     */
    public static CutPlan untilAllLie(CutProblem problem, NestOptions options, StopSignal stop) {
        var all = CutPiece.count(problem.pieces());
        var isDone = new AtomicBoolean();
        return lay(
                problem,
                options,
                (_, best) -> isDone.set(best.placements().size() == all),
                () -> isDone.get() || stop.stopRequested());
    }

    /** A plan within a second or so, material by material: a roll beside them makes hides no harder to lay. */
    private List<Placement> first(List<FirstPlan.Kind> kinds, NestOptions options, StopSignal stop, StopSignal over) {
        var placements = new LinkedHashSet<>(problem.pinned());
        for (var material :
                problem.stock().stream().map(Stock::material).distinct().toList())
            if (FirstPlan.isCrowded(problem.of(material))) placements.addAll(rows(problem.of(material), over));
        for (var kind : kinds) placements.addAll(first(problem.of(kind.material()), kind, options, stop, over));
        return List.copyOf(placements);
    }

    /** Where there is little to lay of a material, its pieces are also spread corner to corner. */
    private static List<Placement> first(
            CutProblem one, FirstPlan.Kind kind, NestOptions options, StopSignal stop, StopSignal over) {
        var quick = FirstPlan.quick(one, List.of(kind), options.seed(), over);
        var isValid = PlanCheck.faults(one, quick).isEmpty();
        var isPatterned = one.stock().stream().anyMatch(Repeat::isIn);
        if (isValid
                && (isPatterned || CutPiece.count(one.pieces()) * one.stock().size() > FEW)) return quick;
        var spread = Spreading.lay(one, () -> stop.stopRequested() || over.stopRequested());
        return isValid && PlanScore.of(one, quick).compareTo(PlanScore.of(one, spread)) < 0 ? quick : spread;
    }

    /** Of so many pieces that a search would not come round. */
    private static List<Placement> rows(CutProblem one, StopSignal over) {
        var rows = RowsPlan.of(one, over);
        return PlanCheck.faults(one, rows).isEmpty() ? rows : one.pinned();
    }

    /** One round of all workers on one material; false if it was stopped on the way, which leaves everything as it was. */
    private boolean round(ExecutorService pool, long round, StopSignal stop) {
        var search = searches.get((int) (round % searches.size()));
        var running = new ArrayList<Future<Optional<Layout>>>();
        for (var worker = 0; worker < Workers.COUNT; worker++) {
            var number = worker;
            running.add(pool.submit(() -> search.attempt(number, stop)));
        }
        var found = running.stream().map(Workers::result).toList();
        if (stop.stopRequested()) return false;
        search.learn(found.stream()
                .flatMap(Optional::stream)
                .filter(layout -> isOfUse(search, layout))
                .toList());
        return true;
    }

    /** Whether a layout is valid and makes a better plan, which is taken over, or is one to go on from. */
    private boolean isOfUse(Search search, Layout layout) {
        var plan = new ArrayList<>(best.stream()
                .filter(placement -> !search.has(problem.piece(placement.piece()))
                        || problem.isPinned(placement.piece(), placement.copy()))
                .toList());
        plan.addAll(layout.placements());
        var reached = PlanScore.of(problem, plan);
        var isBetter = reached.compareTo(score) < 0;
        if (!isBetter && !search.isPromising(layout) || !judge.faults(plan).isEmpty()) return false;
        if (isBetter) {
            best = List.copyOf(plan);
            score = reached;
        }
        return true;
    }

    private CutPlan plan(long rounds, boolean withReasons) {
        return new CutPlan(
                best,
                !withReasons
                        ? List.of()
                        : isCutShort ? Unplaceable.timeIsOver(problem, best) : Unplaceable.reasons(problem, best),
                SheetUses.of(problem, best),
                rounds);
    }
}
