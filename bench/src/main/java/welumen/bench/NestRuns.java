package welumen.bench;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.PlanScore;
import welumen.cut.nest.Nester;

/** The made-up cases laid out, each with one seed of the search or the median of several, against the best known results. */
public final class NestRuns {
    private NestRuns() {}

    /** A longer run says too what it had come to by then. */
    private static final long SHORT_SECONDS = 20;

    /**
     * A case laid out.
     *
     * @param firstAfter when there was a first plan, in seconds
     * @param early what the plan was worth after {@link #SHORT_SECONDS}; none where the run took no longer
     */
    private record Run(CutPlan plan, PlanScore score, double firstAfter, Optional<PlanScore> early, boolean isValid) {
        private String said() {
            return early.map(then -> ", after %d s %d sheets, emptiest %.3f"
                            .formatted(SHORT_SECONDS, then.sheets(), then.leastOfSheet()))
                    .orElse("");
        }
    }

    /** @param args the kind, the first case, the last, seconds each, the first seed of the search, and how many seeds */
    public static void main(String[] args) {
        Locale.setDefault(Locale.ROOT);
        var kind = args.length > 0 ? args[0] : "jigsaw";
        var first = args.length > 1 ? Long.parseLong(args[1]) : 1;
        var last = args.length > 2 ? Long.parseLong(args[2]) : first + 4;
        var seconds = args.length > 3 ? Double.parseDouble(args[3]) : 60;
        var seed = args.length > 4 ? Long.parseLong(args[4]) : 1;
        var seeds = args.length > 5 ? Integer.parseInt(args[5]) : 1;
        var shares = new ArrayList<Double>();
        var better = new ArrayList<String>();
        for (var number = first; number <= last; number++) {
            var problem = NestCases.of(kind, number);
            var runs = new ArrayList<Run>();
            for (var which = 0; which < seeds; which++) runs.add(run(problem, seconds, seed + which));
            runs.sort(Comparator.comparing(Run::score));
            var median = runs.get(runs.size() / 2);
            shares.add(100 * median.plan().utilisation());
            var best = BestKnown.of(kind, number, runs.getFirst().score());
            var known = BestKnown.of(kind, number);
            print(
                    kind,
                    number,
                    problem,
                    median,
                    known.map(one -> ", " + one.against(BestKnown.of(kind, one.number(), median.score())))
                            .orElse(""));
            if (counts(runs.getFirst()) && (known.isEmpty() || best.isBetterThan(known.get()))) better.add(best.line());
        }
        System.out.printf(
                "%s: mean %.2f %%, least %.2f %%%n",
                kind,
                shares.stream().mapToDouble(share -> share).average().orElse(0),
                shares.stream().mapToDouble(share -> share).min().orElse(0));
        if (!better.isEmpty()) System.out.println("Better than what is known:\n" + String.join("\n", better));
    }

    /** A plan that is no plan, or leaves something over, is not compared with those that do not. */
    private static boolean counts(Run run) {
        return run.isValid() && run.score().leftOver() == 0;
    }

    private static Run run(CutProblem problem, double seconds, long seed) {
        var start = System.nanoTime();
        var first = new AtomicLong();
        var early = new AtomicReference<CutPlan>();
        var options = NestOptions.USUAL.withTime(Duration.ofMillis((long) (1000 * seconds)));
        var plan = Nester.lay(
                problem,
                new NestOptions(options.rounds(), options.time(), seed),
                (_, best) -> {
                    var since = System.nanoTime() - start;
                    first.compareAndSet(0, since);
                    if (since <= TimeUnit.SECONDS.toNanos(SHORT_SECONDS)) early.set(best);
                },
                () -> false);
        return new Run(
                plan,
                PlanScore.of(problem, plan.placements()),
                first.get() / 1e9,
                Optional.ofNullable(early.get())
                        .filter(_ -> seconds > SHORT_SECONDS)
                        .map(then -> PlanScore.of(problem, then.placements())),
                PlanCheck.faults(problem, plan.placements()).isEmpty());
    }

    private static void print(String kind, long number, CutProblem problem, Run run, String against) {
        System.out.printf(
                "%s %d: %d pieces, %s, used %.2f %%, %d sheets of at least %d, left %d, emptiest %.3f, first after %.2f s, %d rounds%s%s%n",
                kind,
                number,
                run.plan().placements().size(),
                run.isValid() ? "valid" : "NOT VALID",
                100 * run.plan().utilisation(),
                run.plan().sheets().size(),
                FewestHides.of(problem),
                run.plan().unplaced().size(),
                run.score().leastOfSheet(),
                run.firstAfter(),
                run.plan().rounds(),
                run.said(),
                against);
    }
}
