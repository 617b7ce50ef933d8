package welumen.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import welumen.shape.Point;

/**
 * Seeks the edge of a piece in the photo itself: across the coarse ring every millimetre, at the place where as much of what
 * the piece has and the ground has not lies short of it as beyond. It is summed up in code values, whose sums a JPEG keeps
 * though it halves the colour's resolution, and put right to what it would be in light.
 */
final class EdgeSeeker {
    private static final double EVERY_MM = 1;
    private static final double STEP_MM = 0.2;
    private static final double PLATEAU_MM = 3;
    private static final double LEAST_NEAR_MM = 1;
    private static final double MOST_NEAR_MM = 2.4;
    private static final double LEAST_WINDOW_MM = 1.2;
    private static final double MOST_WINDOW_MM = 3;
    private static final double EVEN_ALONG_MM = 1.5;
    private static final double FAINT = 0.3;
    private static final double STRAY_ALONG_MM = 8;
    private static final double STRAY_MM = 0.5;

    private final Picture picture;
    private final Plane plane;
    private final double[] inverse;
    private final double windowMm;
    /** How far to both sides the edge itself is seen. */
    private final double nearMm;

    private final CodeShift shift;

    /** @param blurMm how wide an edge is in the photo, from a tenth to nine tenths of its light */
    EdgeSeeker(Picture picture, Plane plane, double blurMm) {
        this.picture = picture;
        this.plane = plane;
        this.inverse = plane.inverse();
        this.nearMm = Math.clamp(0.75 * blurMm, LEAST_NEAR_MM, MOST_NEAR_MM);
        this.shift = CodeShift.ofWidth(blurMm);
        this.windowMm = Math.clamp(0.8 * blurMm, LEAST_WINDOW_MM, MOST_WINDOW_MM);
    }

    /** @param coarse a ring with the piece to its left */
    List<Point> sought(List<Point> coarse) {
        var ring = Ring.every(Ring.evened(coarse, 1.5), EVERY_MM);
        return pass(pass(ring));
    }

    private List<Point> pass(List<Point> base) {
        var normals = Ring.normals(Ring.evened(base, 1.5));
        var reach = Math.min(nearMm + PLATEAU_MM, 0.35 * Ring.width(base));
        var count = 2 * (int) Math.round(reach / STEP_MM) + 1;
        var light = new float[base.size()][count * 3];
        IntStream.range(0, light.length).parallel().forEach(i -> look(base.get(i), normals.get(i), light[i]));
        var near = (int) Math.round(Math.min(nearMm, 0.4 * reach) / STEP_MM);
        var inside = Slope.of(light, 0, count / 2 - near, STEP_MM);
        var outside = Slope.of(light, count / 2 + near + 1, count, STEP_MM);
        flatten(light, inside, outside);
        var shares = shares(light, count, inside.at(), outside.at());
        var out = new double[base.size()];
        IntStream.range(0, out.length)
                .parallel()
                .forEach(i -> out[i] = edge(shares, i, count) - shift.outward(inside.at()[i], outside.at()[i]));
        return moved(base, normals, out);
    }

    private void look(Point at, Point normal, float[] light) {
        var one = new float[3];
        var count = light.length / 3;
        for (var i = 0; i < count; i++) {
            var t = (i - count / 2) * STEP_MM;
            var pixel = plane.toPicture(at.x() + t * normal.x(), at.y() + t * normal.y(), inverse);
            picture.codes(pixel.x(), pixel.y(), one);
            System.arraycopy(one, 0, light, 3 * i, 3);
        }
    }

    /** For each place how much of the piece there is on its way outward, 1 to 0; empty rows where it hardly differs. */
    private static double[][] shares(float[][] light, int count, double[][] in, double[][] out) {
        var contrast = new double[light.length];
        for (var i = 0; i < light.length; i++) contrast[i] = Math.sqrt(squared(in[i], out[i]));
        var sorted = contrast.clone();
        Arrays.sort(sorted);
        var least = FAINT * sorted[sorted.length / 2];
        var shares = new double[light.length][];
        for (var i = 0; i < light.length; i++) {
            if (contrast[i] < least || contrast[i] == 0) continue;
            shares[i] = new double[count];
            for (var j = 0; j < count; j++) {
                var sum = 0.0;
                for (var channel = 0; channel < 3; channel++)
                    sum += (light[i][3 * j + channel] - out[i][channel]) * (in[i][channel] - out[i][channel]);
                shares[i][j] = Math.clamp(sum / (contrast[i] * contrast[i]), -0.4, 1.4);
            }
        }
        return evened(shares);
    }

    private static double squared(double[] one, double[] other) {
        var sum = 0.0;
        for (var channel = 0; channel < 3; channel++) sum += Math.pow(one[channel] - other[channel], 2);
        return sum;
    }

    /** As if both sides were of even light up to the edge. */
    private static void flatten(float[][] light, Slope inside, Slope outside) {
        for (var i = 0; i < light.length; i++)
            for (var j = 0; j < light[i].length / 3; j++) {
                var t = (j - light[i].length / 3 / 2) * STEP_MM;
                var grows = (t < 0 ? inside : outside).grows()[i];
                for (var channel = 0; channel < 3; channel++) light[i][3 * j + channel] -= (float) (t * grows[channel]);
            }
    }

    /** Grain and pile are evened out along the edge, never across it. */
    private static double[][] evened(double[][] shares) {
        var along = (int) Math.round(EVEN_ALONG_MM / EVERY_MM);
        var even = new double[shares.length][];
        for (var i = 0; i < shares.length; i++) {
            if (shares[i] == null) continue;
            var sum = new double[shares[i].length];
            var count = 0;
            for (var k = -along; k <= along; k++) {
                var other = shares[Math.floorMod(i + k, shares.length)];
                if (other == null) continue;
                for (var j = 0; j < sum.length; j++) sum[j] += other[j];
                count++;
            }
            for (var j = 0; j < sum.length; j++) sum[j] /= count;
            even[i] = sum;
        }
        return even;
    }

    /** How far outward the edge lies; not a number where it cannot be told. */
    private double edge(double[][] shares, int at, int count) {
        var share = shares[at];
        if (share == null) return Double.NaN;
        var half = count / 2 * STEP_MM;
        var edge = steepest(share, count);
        for (var round = 0; round < 3; round++) {
            var window = Math.min(windowMm, half - Math.abs(edge) - STEP_MM);
            if (window < 0.4) return Double.NaN;
            edge = edge - window + area(share, edge - window, edge + window, half);
        }
        return edge;
    }

    /** Roughly, where the way falls most, to begin with. */
    private static double steepest(double[] share, int count) {
        var apart = Math.max(2, (int) Math.round(0.8 / STEP_MM));
        var best = count / 2;
        var most = -1.0;
        for (var j = apart; j < count - apart; j++) {
            var away = Math.abs(j - count / 2) * STEP_MM;
            var fall = (share[j - apart] - share[j + apart]) * (1 - 0.1 * away);
            if (fall > most) {
                most = fall;
                best = j;
            }
        }
        return (best - count / 2) * STEP_MM;
    }

    private static double area(double[] share, double from, double to, double half) {
        var parts = 40;
        var sum = 0.0;
        for (var i = 0; i < parts; i++) {
            var t = (from + (i + 0.5) * (to - from) / parts + half) / STEP_MM;
            var j = Math.clamp((long) Math.floor(t), 0, share.length - 2);
            sum += share[j] + (t - j) * (share[j + 1] - share[j]);
        }
        return sum * (to - from) / parts;
    }

    /** What is far off its neighbours is a thread, a speck or a target's paper, and is left out. */
    private static List<Point> moved(List<Point> ring, List<Point> normals, double[] out) {
        var along = Math.min((int) (STRAY_ALONG_MM / EVERY_MM), Math.max(1, ring.size() / 8));
        var kept = new ArrayList<Point>();
        for (var i = 0; i < out.length; i++) {
            if (Double.isNaN(out[i])) continue;
            var near = new double[2 * along + 1];
            var count = 0;
            for (var k = -along; k <= along; k++) {
                var other = out[Math.floorMod(i + k, out.length)];
                if (!Double.isNaN(other)) near[count++] = other;
            }
            Arrays.sort(near, 0, count);
            var usual = near[count / 2];
            for (var k = 0; k < count; k++) near[k] = Math.abs(near[k] - usual);
            Arrays.sort(near, 0, count);
            if (Math.abs(out[i] - usual) > Math.max(STRAY_MM, 5 * near[count / 2])) continue;
            kept.add(ring.get(i).plus(normals.get(i).times(out[i])));
        }
        return kept;
    }
}
