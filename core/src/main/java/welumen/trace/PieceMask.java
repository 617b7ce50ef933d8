package welumen.trace;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import welumen.shape.Point;

/**
 * Which cells the piece covers. What is far off the ground's tone and hangs together most is taken for it; where it ends is
 * where its tone gives way to the ground's, on the steepest line between what is surely one and surely the other.
 *
 * @param isPiece by cell; holes are not
 * @param isCut whether it runs out of the photo
 */
record PieceMask(boolean[] isPiece, boolean isCut) {
    private static final double PAPER = 1.42;
    private static final double FAR_OFF = 6;
    private static final double LEAST_MM2 = 60 * 60;
    /** Cells below which what is seen is a thread. */
    private static final int THREAD = 3;

    private static final double ALL_ROUND = 0.7;
    /** Area, in squares of a target, above which what a sheet touches is a piece. */
    private static final double LARGEST_SHEET = 12;

    private static final float SURELY_PIECE = 0.68f;
    /** Share of a piece's distance off the ground from which what lies on it is paper. */
    private static final float BEYOND_PIECE = 1.6f;

    private static final float SURELY_GROUND = 0.22f;
    private static final double LEAST_HOLE_MM2 = 9;
    private static final byte GROUND = 1;
    private static final byte PIECE = 2;

    /** Empty where nothing lies on the ground. */
    static Optional<PieceMask> of(FloorRaster floor, PlaneFit fit, double targetMm) {
        var isPaper = paper(floor, fit, targetMm);
        var tone = Tone.of(floor);
        var ground = Ground.of(floor, tone, fit, targetMm, isPaper);
        var candidate = candidate(floor, tone, ground, isPaper, targetMm);
        if (candidate.isEmpty()) return Optional.empty();
        var share = share(floor, tone, ground, typical(floor, tone, ground, candidate.get()));
        return Optional.of(parted(floor, share, isPaper, candidate.get()));
    }

    private static boolean[] paper(FloorRaster floor, PlaneFit fit, double targetMm) {
        var isPaper = new boolean[floor.size()];
        for (var square : fit.squares()) {
            var middle = square.get(0).plus(square.get(2)).times(0.5);
            var along = square.get(1).minus(square.get(0)).times(1 / targetMm);
            var reach = PAPER * targetMm;
            for (var y = middle.y() - reach; y <= middle.y() + reach; y += floor.cell())
                for (var x = middle.x() - reach; x <= middle.x() + reach; x += floor.cell()) {
                    var at = floor.at(x, y);
                    if (at < 0) continue;
                    var off = floor.middle(at).minus(middle);
                    var u = Math.abs(off.x() * along.x() + off.y() * along.y());
                    var v = Math.abs(off.y() * along.x() - off.x() * along.y());
                    if (Math.max(u, v) < PAPER * targetMm / 2) isPaper[at] = true;
                }
        }
        return isPaper;
    }

    private static Optional<boolean[]> candidate(
            FloorRaster floor, Tone tone, Ground ground, boolean[] isPaper, double targetMm) {
        var isOff = new boolean[floor.size()];
        IntStream.range(0, floor.rows()).parallel().forEach(row -> {
            var off = new double[Tone.TERMS];
            for (var at = row * floor.columns(); at < (row + 1) * floor.columns(); at++) {
                if (!floor.isSeen()[at] || isPaper[at]) continue;
                ground.off(tone, at, off);
                var sum = 0.0;
                for (var term = 0; term < Tone.TERMS; term++)
                    sum += off[term] * off[term] / (ground.spread(term) * ground.spread(term));
                isOff[at] = sum > FAR_OFF * FAR_OFF;
            }
        });
        var regions = Regions.of(isOff, floor.columns(), floor.rows());
        var largest = regions.largest(sheets(floor, regions, isPaper, targetMm));
        if (largest < 0 || regions.sizes().get(largest) * floor.cell() * floor.cell() < LEAST_MM2)
            return Optional.empty();
        var is = new boolean[floor.size()];
        for (var at = 0; at < is.length; at++) is[at] = regions.of()[at] == largest;
        return Optional.of(is);
    }

    /** Regions that lie all round a target are the sheet on which it was printed. */
    private static boolean[] sheets(FloorRaster floor, Regions regions, boolean[] isPaper, double targetMm) {
        var targets = Regions.of(isPaper, floor.columns(), floor.rows());
        var rim = new int[targets.sizes().size()];
        var touched = new HashMap<Long, Integer>();
        for (var row = 1; row < floor.rows() - 1; row++)
            for (var column = 1; column < floor.columns() - 1; column++) {
                var at = row * floor.columns() + column;
                var target = targets.of()[at];
                if (target < 0) continue;
                for (var next : new int[] {at - 1, at + 1, at - floor.columns(), at + floor.columns()}) {
                    if (targets.of()[next] >= 0) continue;
                    rim[target]++;
                    var region = regions.of()[next];
                    if (region >= 0) touched.merge((long) region << 32 | target, 1, Integer::sum);
                }
            }
        var largest = LARGEST_SHEET * targetMm * targetMm / (floor.cell() * floor.cell());
        var isSheet = new boolean[regions.sizes().size()];
        touched.forEach((pair, count) -> {
            if (count > ALL_ROUND * rim[(int) (pair & 0xFFFFFFFFL)]
                    && regions.sizes().get((int) (pair >> 32)) < largest) isSheet[(int) (pair >> 32)] = true;
        });
        return isSheet;
    }

    /** How far off the ground the piece is in its middle, where neither shadow nor edge is. */
    private static double[] typical(FloorRaster floor, Tone tone, Ground ground, boolean[] candidate) {
        var depth = depth(candidate, floor.columns(), floor.rows());
        var deepest = 0;
        for (var one : depth) deepest = Math.max(deepest, one);
        var typical = new double[Tone.TERMS];
        var off = new double[Tone.TERMS];
        for (var term = 0; term < Tone.TERMS; term++) {
            var values = new double[50_000];
            var count = 0;
            var step = 1 + floor.size() / 400_000;
            for (var at = 0; at < floor.size() && count < values.length; at += step)
                if (depth[at] > 0.35 * deepest) {
                    ground.off(tone, at, off);
                    values[count++] = off[term];
                }
            var sorted = Arrays.copyOf(values, count);
            Arrays.sort(sorted);
            typical[term] = count == 0 ? 0 : sorted[count / 2];
        }
        return typical;
    }

    /** For each cell of a field how many steps it is to its edge. */
    private static int[] depth(boolean[] field, int columns, int rows) {
        var depth = new int[field.length];
        for (var at = 0; at < field.length; at++)
            if (field[at])
                depth[at] = 1 + Math.min(at % columns > 0 ? depth[at - 1] : 0, at >= columns ? depth[at - columns] : 0);
        for (var at = field.length - 1; at >= 0; at--)
            if (field[at])
                depth[at] = Math.min(
                        depth[at],
                        1
                                + Math.min(
                                        at % columns < columns - 1 ? depth[at + 1] : 0,
                                        at < field.length - columns ? depth[at + columns] : 0));
        return depth;
    }

    /** How far each cell's tone is on the way from the ground's to the piece's: 0 to 1, terms weighed by their evenness. */
    private static float[] share(FloorRaster floor, Tone tone, Ground ground, double[] typical) {
        var length = 0.0;
        var weights = new double[Tone.TERMS];
        for (var term = 0; term < Tone.TERMS; term++) {
            weights[term] = typical[term] / (ground.spread(term) * ground.spread(term));
            length += typical[term] * weights[term];
        }
        var share = new float[floor.size()];
        var whole = length;
        IntStream.range(0, floor.rows()).parallel().forEach(row -> {
            var off = new double[Tone.TERMS];
            for (var at = row * floor.columns(); at < (row + 1) * floor.columns(); at++) {
                if (!floor.isSeen()[at]) continue;
                ground.off(tone, at, off);
                var sum = 0.0;
                for (var term = 0; term < Tone.TERMS; term++) sum += off[term] * weights[term];
                share[at] = (float) (sum / whole);
            }
        });
        return share;
    }

    private static PieceMask parted(FloorRaster floor, float[] share, boolean[] isPaper, boolean[] candidate) {
        var columns = floor.columns();
        var marks = new byte[floor.size()];
        IntStream.range(0, marks.length).parallel().forEach(at -> {
            if (!floor.isSeen()[at] || isPaper[at] || share[at] < SURELY_GROUND) marks[at] = GROUND;
            else if (candidate[at] && share[at] > SURELY_PIECE && share[at] < BEYOND_PIECE) marks[at] = PIECE;
        });
        Dips.of(floor, share).forEach(at -> marks[at] = GROUND);
        Watershed.grow(slope(share, columns, floor.rows()), marks, columns);
        var isPiece = new boolean[marks.length];
        for (var at = 0; at < marks.length; at++) isPiece[at] = marks[at] == PIECE;
        isPiece = withoutThreads(isPiece, columns, floor.rows());
        fillSpecks(isPiece, share, floor);
        return new PieceMask(isPiece, touchesUnseen(isPiece, floor));
    }

    /** The largest body, and what hangs on it for a few cells: a rim of mixed light along some paper is no part of it. */
    private static boolean[] withoutThreads(boolean[] isPiece, int columns, int rows) {
        var depth = depth(isPiece, columns, rows);
        var isBody = new boolean[isPiece.length];
        for (var at = 0; at < depth.length; at++) isBody[at] = depth[at] >= THREAD;
        var regions = Regions.of(isBody, columns, rows);
        var largest = regions.largest();
        for (var at = 0; at < isBody.length; at++) isBody[at] &= regions.of()[at] == largest;
        for (var step = 1; step < THREAD + 1; step++) {
            var before = isBody.clone();
            for (var at = columns; at < isBody.length - columns; at++)
                isBody[at] |= isPiece[at]
                        && (before[at - 1] || before[at + 1] || before[at - columns] || before[at + columns]);
        }
        return isBody;
    }

    private static float[] slope(float[] share, int columns, int rows) {
        var even = Smooth.box(share, columns, rows, 1);
        var slope = new float[share.length];
        IntStream.range(1, rows - 1).parallel().forEach(row -> {
            for (var at = row * columns + 1; at < (row + 1) * columns - 1; at++) {
                var across = even[at + 1] - even[at - 1];
                var up = even[at + columns] - even[at - columns];
                slope[at] = (float) Math.sqrt(across * across + up * up);
            }
        });
        return slope;
    }

    /** Holes that are too small, or through which no ground is seen, are the piece's own grain. */
    private static void fillSpecks(boolean[] isPiece, float[] share, FloorRaster floor) {
        var isNot = new boolean[isPiece.length];
        for (var at = 0; at < isNot.length; at++) isNot[at] = !isPiece[at];
        var regions = Regions.of(isNot, floor.columns(), floor.rows());
        var isOuter = new boolean[regions.sizes().size()];
        var darkest = new float[isOuter.length];
        Arrays.fill(darkest, 1);
        for (var at = 0; at < isNot.length; at++) {
            var region = regions.of()[at];
            if (region < 0) continue;
            var column = at % floor.columns();
            isOuter[region] |= column == 0
                    || column == floor.columns() - 1
                    || at < floor.columns()
                    || at >= isNot.length - floor.columns();
            darkest[region] = Math.min(darkest[region], share[at]);
        }
        var least = LEAST_HOLE_MM2 / (floor.cell() * floor.cell());
        for (var at = 0; at < isNot.length; at++) {
            var region = regions.of()[at];
            if (region >= 0 && !isOuter[region] && (regions.sizes().get(region) < least || darkest[region] > 0.45f))
                isPiece[at] = true;
        }
    }

    private static boolean touchesUnseen(boolean[] isPiece, FloorRaster floor) {
        var columns = floor.columns();
        for (var at = 0; at < isPiece.length; at++) {
            if (!isPiece[at]) continue;
            var column = at % columns;
            if (column == 0 || column == columns - 1 || at < columns || at >= isPiece.length - columns) return true;
            if (!floor.isSeen()[at - 1]
                    || !floor.isSeen()[at + 1]
                    || !floor.isSeen()[at - columns]
                    || !floor.isSeen()[at + columns]) return true;
        }
        return false;
    }

    /** The rings round the mask, along the sides of its cells: the piece's own first, then its holes. */
    List<List<Point>> rings(FloorRaster floor) {
        return CellRings.round(isPiece, floor);
    }
}
