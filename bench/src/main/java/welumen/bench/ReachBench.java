package welumen.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
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
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Spot;
import welumen.cabin.Supply;
import welumen.strip.Bonds;
import welumen.strip.StripLog;
import welumen.strip.StripReason;
import welumen.strip.StripRule;
import welumen.strip.reach.ReachPlanner;
import welumen.strip.reach.ReachPlanner.Reach;

/** The least way to the deepest of 200 parts, each held by up to three others with up to so many ways round each. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
public class ReachBench {
    private static final int PARTS = 200;
    private static final int CARS = 50;

    @Param({"1", "2", "3", "4"})
    private int ways;

    private final List<StripLog> cars = new ArrayList<>();
    private Cabin cabin = Cabin.EMPTY;
    private int next;

    @Setup
    public void build() {
        var kinds = PartKind.values();
        cabin = new Cabin(IntStream.range(0, PARTS)
                .mapToObj(i -> new Part(
                        id(i), "part " + i, kinds[i % kinds.length], Side.MIDDLE, Spot.TUNNEL, "", Supply.NOT_KNOWN))
                .toList());
        for (var car = 0; car < CARS; car++) cars.add(log(new Random(car)));
        var proven = cars.stream()
                .filter(log -> ReachPlanner.plan(cabin, log, id(PARTS - 1)) instanceof Reach.Route route
                        && route.isProvenLeast())
                .count();
        System.out.printf("%n# proven least: %d of %d%n", proven, CARS);
    }

    private StripLog log(Random random) {
        var rules = new ArrayList<StripRule>();
        for (var part = 1; part < PARTS; part++)
            for (var i = random.nextInt(4); i > 0; i--) {
                var by = new ArrayList<PartId>();
                for (var j = 1 + random.nextInt(ways); j > 0; j--)
                    by.add(id(Math.max(0, part - 1 - random.nextInt(Math.min(25, part)))));
                rules.add(new StripRule(id(part), StripReason.COVERED_BY, by));
            }
        return new StripLog(List.of(), new Bonds(rules, List.of(), List.of(), List.of(), Side.MIDDLE), Map.of());
    }

    private static PartId id(int number) {
        return new PartId("p" + number);
    }

    @Benchmark
    public Reach reach() {
        return ReachPlanner.plan(cabin, cars.get(next++ % CARS), id(PARTS - 1));
    }
}
