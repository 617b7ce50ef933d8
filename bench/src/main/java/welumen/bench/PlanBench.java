package welumen.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import welumen.cabin.PartId;
import welumen.measure.Finish;
import welumen.treatment.Candidate;
import welumen.treatment.Hours;
import welumen.treatment.Treatment;
import welumen.treatment.Undo;
import welumen.treatment.whole.BestSet;
import welumen.treatment.whole.SeenTogether;
import welumen.treatment.whole.WholeJob;
import welumen.treatment.whole.WholeJob.Group;
import welumen.treatment.whole.WholeJob.Measure;
import welumen.treatment.whole.WholeJob.Open;
import welumen.treatment.whole.WholeJob.Option;
import welumen.treatment.whole.WholePlan;

/** The best set for 120 parts with eight ways each, seen together in tens, within a share of what the middle of all ways costs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
public class PlanBench {
    private static final int PARTS = 120;
    private static final int WAYS = 8;
    private static final int JOBS = 10;
    private static final int TOGETHER = 10;

    @Param({"0.4", "0.6", "0.8"})
    private double budget;

    private final List<WholeJob> jobs = new ArrayList<>();
    private int next;

    @Setup
    public void build() {
        for (var seed = 0; seed < JOBS; seed++) jobs.add(job(new Random(seed)));
        var proven =
                jobs.stream().map(BestSet::of).filter(WholePlan::isProvenBest).count();
        System.out.println("proven best: %d of %d".formatted(proven, JOBS));
    }

    @Benchmark
    public WholePlan best() {
        return BestSet.of(jobs.get(next++ % JOBS));
    }

    private WholeJob job(Random random) {
        var parts = new ArrayList<Open>();
        var groups = new ArrayList<Group>();
        for (var i = 0; i < PARTS; i++) {
            var ways = new ArrayList<Option>();
            for (var j = 0; j < WAYS; j++) ways.add(way(id(i), random));
            parts.add(new Open(id(i), ways, 0.3 + random.nextInt(3), new Finish(2.5), Optional.empty()));
        }
        for (var i = 0; i < PARTS; i += TOGETHER) {
            var here = parts.subList(i, i + TOGETHER).stream().map(Open::part).toList();
            groups.add(new Group(SeenTogether.DASH, Measure.FINISH, here));
            groups.add(new Group(SeenTogether.DASH, Measure.GLOSS, here.subList(0, TOGETHER / 2)));
        }
        return new WholeJob(parts, budget * PARTS * 320, PARTS * 4.0, 40, groups, List.of());
    }

    private static Option way(PartId part, Random random) {
        var money = 20 + random.nextInt(600);
        var hours = money / 100.0;
        var candidate = new Candidate(
                part,
                List.of(Treatment.RECOVER),
                new Hours(hours / 2, hours, 2 * hours),
                0,
                money,
                0,
                0,
                new Finish(random.nextInt(9) / 2.0),
                0.5,
                10,
                0,
                Undo.YES,
                false,
                false,
                0);
        return new Option(candidate, random.nextInt(1000) / 1000.0, 10 + random.nextInt(20));
    }

    private static PartId id(int number) {
        return new PartId("part-" + number);
    }
}
