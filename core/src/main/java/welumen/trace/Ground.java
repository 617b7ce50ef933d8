package welumen.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import welumen.shape.Point;

/**
 * How the bare ground looks at every place: its brightness is a second-order field, since light falls unevenly, its colour
 * nearly one. Learnt first from what lies round the targets, and from the rim of what is seen, then from all that looks
 * alike; that which explains more is the ground, since paper may lie round targets, and a piece reach to the rim.
 */
final class Ground {
    /** Cells to a side of a block: a block's mean has little grain. */
    private static final int BLOCK = 10;

    private static final double RING_FROM = 1.1;
    private static final double RING_TO = 1.7;
    private static final double[] ALIKE = {0.14, 0.06, 0.06};
    private static final int ROUNDS = 6;
    private static final int FEWEST = 30;
    /** Reach of the rim, as a share of what is seen. */
    private static final double RIM = 0.08;

    private static final int ENOUGH = 3000;
    private static final double[] LEAST_SPREAD = {0.03, 0.015, 0.015};

    private final FloorRaster floor;
    private final double[][] terms = new double[Tone.TERMS][];
    private final double[] spread = new double[Tone.TERMS];

    private Ground(FloorRaster floor) {
        this.floor = floor;
    }

    private record Block(double x, double y, double[] tone) {}

    static Ground of(FloorRaster floor, Tone tone, PlaneFit fit, double targetMm, boolean[] isPaper) {
        var blocks = new Ground(floor).blocks(tone, isPaper);
        var near = blocks.stream()
                .filter(block -> fit.squares().stream().anyMatch(square -> isRound(block, square, targetMm)))
                .toList();
        var rim = blocks.stream().filter(block -> isAtRim(floor, block)).toList();
        var learnt = Stream.of(near, rim)
                .parallel()
                .map(begun -> learnt(floor, begun.size() > FEWEST ? begun : blocks, blocks))
                .toList();
        var byTargets = learnt.getFirst();
        var byRim = learnt.getLast();
        var ground = byRim.explained(blocks) > byTargets.explained(blocks) ? byRim : byTargets;

        ground.measureSpread(tone, isPaper);
        return ground;
    }

    /** From some blocks on to all that look like them. */
    private static Ground learnt(FloorRaster floor, List<Block> begun, List<Block> blocks) {
        var ground = new Ground(floor);
        ground.learn(some(begun), 3);
        for (var round = 0; round < ROUNDS; round++) {
            var alike = blocks.stream().filter(ground::isAlike).toList();
            if (alike.size() < FEWEST) break;
            ground.learn(some(alike), round < 1 ? 3 : 6);
        }
        return ground;
    }

    private static boolean isAtRim(FloorRaster floor, Block block) {
        var across = (block.x() - floor.left()) / (floor.columns() * floor.cell());
        var up = (block.y() - floor.low()) / (floor.rows() * floor.cell());
        return Math.min(Math.min(across, 1 - across), Math.min(up, 1 - up)) < RIM;
    }

    private static boolean isRound(Block block, List<Point> square, double targetMm) {
        var x = (square.get(0).x() + square.get(2).x()) / 2;
        var y = (square.get(0).y() + square.get(2).y()) / 2;
        var far = Math.hypot(block.x() - x, block.y() - y) / targetMm;
        return far > RING_FROM && far < RING_TO;
    }

    private List<Block> blocks(Tone tone, boolean[] isPaper) {
        return IntStream.range(0, floor.rows() / BLOCK)
                .parallel()
                .mapToObj(i -> row(i * BLOCK, tone, isPaper))
                .flatMap(List::stream)
                .toList();
    }

    private List<Block> row(int row, Tone tone, boolean[] isPaper) {
        var blocks = new ArrayList<Block>();
        for (var column = 0; column + BLOCK <= floor.columns(); column += BLOCK) {
            var mean = new double[Tone.TERMS];
            var whole = true;
            for (var i = 0; i < BLOCK * BLOCK && whole; i++) {
                var at = (row + i / BLOCK) * floor.columns() + column + i % BLOCK;
                whole = floor.isSeen()[at] && !isPaper[at];
                for (var term = 0; term < Tone.TERMS; term++)
                    mean[term] += tone.of()[term][at] / (double) (BLOCK * BLOCK);
            }
            if (whole)
                blocks.add(new Block(
                        floor.left() + (column + BLOCK / 2.0) * floor.cell(),
                        floor.low() + (row + BLOCK / 2.0) * floor.cell(),
                        mean));
        }
        return blocks;
    }

    private long explained(List<Block> blocks) {
        return blocks.stream().filter(this::isAlike).count();
    }

    private boolean isAlike(Block block) {
        for (var term = 0; term < Tone.TERMS; term++)
            if (Math.abs(block.tone()[term] - expected(term, block.x(), block.y())) > ALIKE[term]) return false;
        return true;
    }

    /** Some of them, evenly: a field of six terms is sure with a few thousand. */
    private static List<Block> some(List<Block> blocks) {
        var every = 1 + blocks.size() / ENOUGH;
        return IntStream.range(0, blocks.size() / every)
                .mapToObj(i -> blocks.get(i * every))
                .toList();
    }

    /** By least squares that heed far ones less and less (Tukey's weights), since some of them are not ground. */
    private void learn(List<Block> blocks, int count) {
        for (var term = 0; term < Tone.TERMS; term++) {
            var size = term == 0 ? count : Math.min(count, 3);
            var which = term;
            var values =
                    blocks.stream().mapToDouble(block -> block.tone()[which]).toArray();
            var weights = new double[values.length];
            Arrays.fill(weights, 1);
            var found = new double[] {median(values)};
            for (var round = 0; round < 5; round++) {
                var off = new double[values.length];
                for (var i = 0; i < off.length; i++)
                    off[i] = values[i]
                            - field(found, blocks.get(i).x(), blocks.get(i).y());
                var scale = Math.max(
                        0.01, 1.5 * median(Arrays.stream(off).map(Math::abs).toArray()));
                for (var i = 0; i < off.length; i++) {
                    var far = off[i] / (4.7 * scale);
                    weights[i] = Math.abs(far) >= 1 ? 0 : 1 - far * far;
                }
                found = weighted(blocks, values, weights, size);
            }
            terms[term] = found;
        }
    }

    /** By the normal equations: there are many blocks and few terms, and the places are of about one size. */
    private static double[] weighted(List<Block> blocks, double[] values, double[] weights, int size) {
        var normal = new double[size][size];
        var right = new double[size];
        for (var i = 0; i < values.length; i++) {
            if (weights[i] == 0) continue;
            var basis = basis(blocks.get(i).x(), blocks.get(i).y());
            var weight = weights[i] * weights[i];
            for (var j = 0; j < size; j++) {
                right[j] += weight * basis[j] * values[i];
                for (var k = 0; k < size; k++) normal[j][k] += weight * basis[j] * basis[k];
            }
        }
        return LeastSquares.solve(normal, right);
    }

    private static double[] basis(double x, double y) {
        var u = x / 1000;
        var v = y / 1000;
        return new double[] {1, u, v, u * u, u * v, v * v};
    }

    private static double field(double[] terms, double x, double y) {
        var basis = basis(x, y);
        var sum = 0.0;
        for (var i = 0; i < terms.length; i++) sum += terms[i] * basis[i];
        return sum;
    }

    private static double median(double[] values) {
        var sorted = values.clone();
        Arrays.sort(sorted);
        return sorted.length == 0 ? 0 : sorted[sorted.length / 2];
    }

    private double expected(int term, double x, double y) {
        return field(terms[term], x, y);
    }

    private void measureSpread(Tone tone, boolean[] isPaper) {
        var here = new double[Tone.TERMS];
        for (var term = 0; term < Tone.TERMS; term++) {
            var off = new double[20_000];
            var count = 0;
            for (var at = 0; at < floor.size() && count < off.length; at += 1 + floor.size() / 100_000) {
                if (!floor.isSeen()[at] || isPaper[at]) continue;
                off(tone, at, here);
                if (Math.abs(here[0]) < ALIKE[0] && Math.abs(here[1]) < ALIKE[1] && Math.abs(here[2]) < ALIKE[2])
                    off[count++] = Math.abs(here[term]);
            }
            spread[term] = Math.max(LEAST_SPREAD[term], 1.5 * median(Arrays.copyOf(off, count)));
        }
    }

    /** By how much a cell's tone is off the ground's. */
    void off(Tone tone, int at, double[] into) {
        var u = (floor.left() + (at % floor.columns() + 0.5) * floor.cell()) / 1000;
        var v = (floor.low() + (at / floor.columns() + 0.5) * floor.cell()) / 1000;
        for (var term = 0; term < Tone.TERMS; term++) {
            var field = terms[term];
            var expected = field[0];
            if (field.length > 1) expected += field[1] * u + field[2] * v;
            if (field.length > 3) expected += field[3] * u * u + field[4] * u * v + field[5] * v * v;
            into[term] = tone.of()[term][at] - expected;
        }
    }

    /** How uneven the ground is in each term. */
    double spread(int term) {
        return spread[term];
    }
}
