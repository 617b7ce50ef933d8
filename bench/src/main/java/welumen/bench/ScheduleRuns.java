package welumen.bench;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import welumen.schedule.Activity;
import welumen.schedule.Effort;
import welumen.schedule.Link;
import welumen.schedule.Net;
import welumen.schedule.OpenHours;
import welumen.schedule.Resource;
import welumen.schedule.ScheduleProblem;
import welumen.schedule.forecast.Forecaster;
import welumen.schedule.planner.Planner;

/**
 * How good plans are, and how soon. Parts go through hands one after the other (off, drawn, cut, sewn, glued, back), cure in
 * between, share people, a sewing machine and the car; 30 to 120 tasks. Arguments: the first and the last case, and seconds.
 */
public final class ScheduleRuns {
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private ScheduleRuns() {}

    public static void main(String[] args) {
        var first = args.length > 0 ? Integer.parseInt(args[0]) : 1;
        var last = args.length > 1 ? Integer.parseInt(args[1]) : 12;
        var time = Duration.ofSeconds(args.length > 2 ? Integer.parseInt(args[2]) : 10);
        var sum = 0.0;
        var worst = 0.0;
        for (var seed = first; seed <= last; seed++) {
            var gap = run(seed, time);
            sum += gap;
            worst = Math.max(worst, gap);
        }
        System.out.printf(
                "gap to the proven bound: %.2f %% on the mean, %.2f %% at the most%n", sum / (last - first + 1), worst);
    }

    private static double run(int seed, Duration time) {
        var problem = problem(seed);
        var begun = System.nanoTime();
        var soonest = new long[1];
        var plan = Planner.plan(
                problem,
                time,
                1,
                _ -> {
                    if (soonest[0] == 0) soonest[0] = System.nanoTime() - begun;
                },
                () -> false);
        var planned = System.nanoTime();
        var net = new Net(problem);
        Forecaster.of(net, plan, Map.of(), Forecaster.RUNS, 1);
        var bound = (double) net.shop().open(net.seconds(plan.bound()));
        var gap = 100 * (net.shop().open(net.seconds(plan.end())) - bound) / bound;
        System.out.printf(
                "case %d: %d tasks, first plan in %d ms, done in %.1f s, ends %s, gap %.2f %%; 2000 runs in %d ms%n",
                seed,
                problem.activities().size(),
                soonest[0] / 1_000_000,
                (planned - begun) / 1e9,
                plan.end(),
                gap,
                (System.nanoTime() - planned) / 1_000_000);
        return gap;
    }

    private static ScheduleProblem problem(int seed) {
        var random = new Random(9973L * seed * seed);
        var tasks = new ArrayList<Activity>();
        var parts = 5 + random.nextInt(16);
        var car = "";
        for (var part = 0; part < parts; part++) {
            var off = add(tasks, random, "off" + part, 0.3, Map.of("hands", 1, "car", 1), 0, car);
            if (random.nextInt(3) > 0) car = off;
            var drawn = add(tasks, random, "draw" + part, 1.5, Map.of("hands", 1), 0, off);
            var cut = add(tasks, random, "cut" + part, 0.8, Map.of("hands", 1, "table", 1), 0, drawn);
            var sewn = add(tasks, random, "sew" + part, 2.5, Map.of("machine", 1, "hands", 1), 0, cut);
            var glued = add(tasks, random, "glue" + part, 1.5, Map.of("hands", 1 + random.nextInt(2)), 0, sewn);
            add(tasks, random, "back" + part, 0.5, Map.of("hands", 1, "car", 1), 12 * random.nextInt(3), glued);
        }
        return new ScheduleProblem(
                MONDAY,
                Optional.empty(),
                new OpenHours(
                        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY), LocalTime.of(8, 0), Duration.ofHours(8)),
                List.of(
                        new Resource("hands", 2 + random.nextInt(2)),
                        new Resource("car", 2),
                        new Resource("table", 1),
                        new Resource("machine", 1)),
                tasks);
    }

    /** About so many hours, in whole quarters. */
    private static String add(
            List<Activity> tasks,
            Random random,
            String id,
            double hours,
            Map<String, Integer> uses,
            int cures,
            String after) {
        var likely = Math.max(1, Math.rint(4 * hours * (0.5 + random.nextDouble()))) / 4;
        tasks.add(new Activity(
                id,
                Effort.ofHours(likely * 0.7, likely, likely * 1.8),
                uses,
                after.isEmpty() ? List.of() : List.of(new Link(after, Duration.ofHours(cures), Link.By.WALL))));
        return id;
    }
}
