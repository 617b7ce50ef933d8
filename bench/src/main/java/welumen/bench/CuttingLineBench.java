package welumen.bench;

import java.util.ArrayList;
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
import welumen.pattern.CuttingLine;
import welumen.pattern.Edge;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Grain;
import welumen.pattern.Pairing;
import welumen.pattern.Piece;
import welumen.pattern.Under;
import welumen.shape.Outline;
import welumen.shape.Point;

/** The cutting line of a closed curve in fourteen edges, of two allowances in turn. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 3)
public class CuttingLineBench {
    private static final int EDGES = 14;

    @Param({"140", "560", "1120"})
    private int corners;

    private Piece piece;
    private int next;

    @Setup
    public void draw() {
        var edges = new ArrayList<Edge>();
        for (var edge = 0; edge < EDGES; edge++) {
            var line = new ArrayList<Point>();
            for (var i = 0; i < corners / EDGES; i++) {
                var angle = 2 * Math.PI * (edge + (double) i * EDGES / corners) / EDGES;
                var radius = 200 + 30 * Math.cos(3 * angle);
                line.add(new Point(radius * Math.cos(angle), radius * Math.sin(angle)));
            }
            edges.add(new Edge("", line, EdgeFinish.SEWN, edge % 2 == 0 ? 10 : 15));
        }
        piece = new Piece(
                "p", new PartId("seat"), "p", "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }

    @Benchmark
    public Outline line() {
        // another allowance each time, since a line that was asked for is kept
        return CuttingLine.of(piece.withEdge(0, EdgeFinish.SEWN, 10 + (next++ % 1000) * 1e-3));
    }
}
