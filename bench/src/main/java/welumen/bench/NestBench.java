package welumen.bench;

import java.util.List;
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
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Turns;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Shape;

/** One round of the nester, check included, on rectangles on a roll. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class NestBench {
    @Param({"10", "40"})
    private int pieces;

    private CutProblem problem = new CutProblem(0, List.of(), List.of(), List.of());

    @Setup
    public void draw() {
        var random = new Random(7);
        var all = random.ints(pieces, 0, 1)
                .mapToObj(_ -> new Shape(Outline.rectangle(80 + random.nextInt(420), 80 + random.nextInt(320))))
                .toList();
        problem = new CutProblem(
                2,
                IntStream.range(0, pieces)
                        .mapToObj(i -> new CutPiece(
                                "p" + i, all.get(i), 1, "", new Turns.Half(), false, 4, new Stretch.Any(), ""))
                        .toList(),
                List.of(new Stock.Roll("roll", "", 1400, 20_000, 42, 0, 0)),
                List.of());
    }

    @Benchmark
    public CutPlan oneRound() {
        return Nester.lay(problem, NestOptions.USUAL.withRounds(1), (_, _) -> {}, () -> false);
    }
}
