package welumen.bench;

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
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;

/** The cutting line of a closed curve in fourteen edges, of two allowances in turn. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 3)
public class CuttingLineBench {
    @Param({"140", "560", "1120"})
    private int corners;

    private Piece piece;
    private int next;

    @Setup
    public void draw() {
        piece = CurvedPiece.of(corners);
    }

    @Benchmark
    public Outline line() {
        // another allowance each time, since a line that was asked for is kept
        return CuttingLine.of(piece.withEdge(0, EdgeFinish.SEWN, 10 + (next++ % 1000) * 1e-3));
    }
}
