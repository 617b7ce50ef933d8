package welumen.pattern.draft;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.ddogleg.optimization.FactoryOptimization;
import org.ddogleg.optimization.UtilOptimize;
import org.ddogleg.optimization.functions.FunctionNtoM;
import org.ejml.data.DMatrixRMaj;
import org.ejml.simple.SimpleMatrix;
import org.jspecify.annotations.Nullable;
import welumen.pattern.draft.Card.Measure;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * Corners from the distances between them: a first layout from the shortest ways between all corners, by classical scaling
 * (Torgerson, 1952), put right by Levenberg and Marquardt's least squares. The corner A is the origin, and B lies on x.
 */
final class Distances {
    private static final int TRIES = 8;
    /** Singular value, as a share of the largest, below which something can still move. */
    private static final double LOOSE = 1e-6;

    private static final double APART = 1e-6;
    private static final int ROUNDS = 300;

    private final int count;
    private final List<Measure> measures;

    Distances(int count, List<Measure> measures) {
        this.count = count;
        this.measures = measures;
    }

    /** The best of several layouts, counter-clockwise; empty where no layout comes near. */
    Optional<List<Point>> corners() {
        var first = scaled(shortestWays());
        var random = new Random(1);
        double @Nullable [] best = null;
        var least = Double.MAX_VALUE;
        for (var attempt = 0; attempt < TRIES; attempt++) {
            var from = attempt == 0 ? first : shaken(first, random);
            var found = refined(from);
            var cost = cost(found) + (isSimple(found) ? 0 : 1e9);
            if (cost < least - APART) {
                least = cost;
                best = found;
            }
        }
        if (best == null || least > 1e9) return Optional.empty();
        return Optional.of(counterClockwise(best));
    }

    private double[][] shortestWays() {
        var far = new double[count][count];
        for (var row : far) Arrays.fill(row, Double.POSITIVE_INFINITY);
        for (var i = 0; i < count; i++) far[i][i] = 0;
        for (var measure : measures) {
            far[measure.from() - 'A'][measure.to() - 'A'] = measure.mm();
            far[measure.to() - 'A'][measure.from() - 'A'] = measure.mm();
        }
        for (var k = 0; k < count; k++)
            for (var i = 0; i < count; i++)
                for (var j = 0; j < count; j++) far[i][j] = Math.min(far[i][j], far[i][k] + far[k][j]);
        var mean = measures.stream().mapToDouble(Measure::mm).average().orElse(1);
        for (var row : far) for (var j = 0; j < count; j++) if (Double.isInfinite(row[j])) row[j] = 2 * mean;
        return far;
    }

    private double[] scaled(double[][] far) {
        var squares = new SimpleMatrix(count, count);
        for (var i = 0; i < count; i++) for (var j = 0; j < count; j++) squares.set(i, j, -0.5 * far[i][j] * far[i][j]);
        var centring = SimpleMatrix.identity(count).minus(SimpleMatrix.filled(count, count, 1.0 / count));
        var svd = centring.mult(squares).mult(centring).svd();
        var from = new double[2 * count];
        for (var axis = 0; axis < 2; axis++)
            for (var i = 0; i < count; i++)
                from[2 * i + axis] = svd.getU().get(i, axis) * Math.sqrt(svd.getSingleValue(axis));
        return from;
    }

    private double[] shaken(double[] from, Random random) {
        var mean = measures.stream().mapToDouble(Measure::mm).average().orElse(1);
        return Arrays.stream(from)
                .map(x -> x + random.nextGaussian() * mean / 3)
                .toArray();
    }

    private double[] refined(double[] from) {
        var optimizer = FactoryOptimization.levenbergMarquardt(null, false);
        optimizer.setFunction(
                new FunctionNtoM() {
                    @Override
                    public void process(double[] input, double[] output) {
                        for (var i = 0; i < measures.size(); i++) output[i] = misfit(input, measures.get(i));
                    }

                    @Override
                    public int getNumOfInputsN() {
                        return 2 * count;
                    }

                    @Override
                    public int getNumOfOutputsM() {
                        return measures.size();
                    }
                },
                null);
        optimizer.initialize(from, 1e-14, 1e-14);
        try {
            UtilOptimize.process(optimizer, ROUNDS);
            return optimizer.getParameters().clone();
        } catch (
                RuntimeException
                        stuck) { // the library's word for measures that no step brings nearer, as half a typed line has
            return from.clone();
        }
    }

    private static double misfit(double[] corners, Measure measure) {
        var i = 2 * (measure.from() - 'A');
        var j = 2 * (measure.to() - 'A');
        return Math.hypot(corners[i] - corners[j], corners[i + 1] - corners[j + 1]) - measure.mm();
    }

    private double cost(double[] corners) {
        return measures.stream()
                .mapToDouble(measure -> misfit(corners, measure) * misfit(corners, measure))
                .sum();
    }

    private static boolean isSimple(double[] corners) {
        return Outline.ofRing(points(corners)).understood().isPresent();
    }

    private static List<Point> points(double[] corners) {
        return IntStream.range(0, corners.length / 2)
                .mapToObj(i -> new Point(corners[2 * i], corners[2 * i + 1]))
                .toList();
    }

    /** Turned over where it runs the other way, then A in the origin and B on x. */
    private static List<Point> counterClockwise(double[] found) {
        var points = points(found);
        var area = 0.0;
        for (var i = 0; i < points.size(); i++) {
            var a = points.get(i);
            var b = points.get((i + 1) % points.size());
            area += a.x() * b.y() - a.y() * b.x();
        }
        var hand = area < 0 ? -1 : 1;
        var origin = points.getFirst();
        var along = points.get(1).minus(origin);
        var length = Math.hypot(along.x(), along.y());
        var cos = along.x() / length;
        var sin = hand * along.y() / length;
        return points.stream()
                .map(point -> point.minus(origin))
                .map(point -> new Point(point.x(), hand * point.y()))
                .map(point ->
                        new Point(point.x() * cos + point.y() * sin + 0.0, point.y() * cos - point.x() * sin + 0.0))
                .toList();
    }

    /** A distance that must be measured still, since the corners could move without changing any other; empty if none. */
    Optional<String> looseAt(List<Point> corners) {
        // as many rows as columns at the least, so that the library gives every direction
        var rows = new DMatrixRMaj(Math.max(2 * count, measures.size()), 2 * count);
        for (var i = 0; i < measures.size(); i++)
            row(rows, i, corners, measures.get(i).from() - 'A', measures.get(i).to() - 'A');
        var free = 2 * count - 3;
        var svd = SimpleMatrix.wrap(rows).svd();
        var values = svd.getSingularValues();
        if (values.length >= free && values[free - 1] > LOOSE * values[0]) return Optional.empty();
        // the missing distance that changes most when the corners move as they still can
        var best = 0.0;
        var word = "a diagonal";
        var v = svd.getV();
        for (var i = 0; i < count; i++)
            for (var j = i + 1; j < count; j++) {
                var one = new DMatrixRMaj(1, 2 * count);
                row(one, 0, corners, i, j);
                var change = 0.0;
                for (var k = 0; k < 2 * count; k++) {
                    if (k < values.length && values[k] > LOOSE * values[0]) continue;
                    var dot = 0.0;
                    for (var m = 0; m < 2 * count; m++) dot += one.get(0, m) * v.get(m, k);
                    change += dot * dot;
                }
                if (change > best + 1e-9) {
                    best = change;
                    word = "" + (char) ('A' + i) + (char) ('A' + j);
                }
            }
        return Optional.of(word);
    }

    /** How a distance changes as its ends move. */
    private static void row(DMatrixRMaj rows, int row, List<Point> corners, int i, int j) {
        var along = corners.get(i).minus(corners.get(j));
        var length = Math.max(APART, Math.hypot(along.x(), along.y()));
        rows.set(row, 2 * i, along.x() / length);
        rows.set(row, 2 * i + 1, along.y() / length);
        rows.set(row, 2 * j, -along.x() / length);
        rows.set(row, 2 * j + 1, -along.y() / length);
    }
}
