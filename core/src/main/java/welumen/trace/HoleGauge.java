package welumen.trace;

import java.util.Optional;
import welumen.shape.Point;

/**
 * How wide a round hole is, by how much of the piece is missing in and about it: a lens spreads light, but loses
 * none, so that even a small hole in a soft photo keeps its area.
 */
final class HoleGauge {
    private static final int WAYS = 72;
    private static final double STEP_MM = 0.2;
    private static final double LEAST_RIM_MM = 0.9;
    private static final double MOST_RIM_MM = 4;
    private static final double PLATEAU_MM = 4;
    /** Shares of a hole's radius over which its edge is spread, in a sharp photo and in a soft one. */
    private static final double SHARP = 0.12;

    private static final double SOFT = 0.35;
    private static final double SMALL_MM = 6;
    private static final double LARGE_MM = 10;
    /** Ratio of a hole's width to its edge's up to which it is barely seen. */
    private static final double BARELY_SEEN = 2;

    /** Share of what differs on it from which colour is enough. */
    private static final double COLOURED = 0.1;

    /** Weights of red, green and blue in a JPEG's brightness (ITU-R BT.601). */
    private static final double[] LUMA = {0.299, 0.587, 0.114};

    /** Share of the range of code values below which grain would decide. */
    private static final double DIFFERS = 0.03;

    private static final int TRIES = 8;
    private static final double SETTLED_MM = 0.1;
    /** Ratio by which a hole's width may be off what its edge says. */
    private static final double MOST_OFF = 2.2;

    private final Picture picture;
    private final Plane plane;
    private final double[] inverse;

    /** How far to both sides of its edge the lens spreads the light, and the file its colour. */
    private final double rimMm;

    private final double blurMm;

    private final CodeShift shift;

    /** @param blurMm how wide an edge is in the photo, from a tenth to nine tenths of its light */
    HoleGauge(Picture picture, Plane plane, double blurMm) {
        this.picture = picture;
        this.plane = plane;
        this.inverse = plane.inverse();
        this.blurMm = blurMm;
        this.shift = CodeShift.ofWidth(blurMm);
        this.rimMm = Math.clamp(0.9 * blurMm + 2 * plane.millimetresPerPixel(), LEAST_RIM_MM, MOST_RIM_MM);
    }

    double blurMm() {
        return blurMm;
    }

    /** The radius of a hole of about that radius, in mm; the same again where it cannot be told better. */
    double radius(Point centre, double about) {
        var radius = measured(centre, about);
        if (!isNear(radius, about)) {
            // a small hole in a soft photo is first seen too small, and what lies beyond it belongs to it
            radius = settled(centre, radius);
            if (Double.isNaN(radius) || radius > MOST_OFF * about || radius < about / MOST_OFF) return about;
            return radius;
        }
        // by its edge a large hole is measured better, since the sum takes in all of the grain
        var isSmall = Math.max(
                Math.clamp((blurMm / about - SHARP) / (SOFT - SHARP), 0, 1),
                Math.clamp((LARGE_MM - about) / (LARGE_MM - SMALL_MM), 0, 1));
        var byEdge = about + rounding(about);
        return byEdge + isSmall * (radius - byEdge);
    }

    /** By how much the lens draws an edge toward the middle of its bend, to second order: blurred, a round shrinks. */
    private double rounding(double radius) {
        return shift.sigmaMm() * shift.sigmaMm() / (2 * radius);
    }

    /**
     * A round hole that is hardly wider than the lens spreads its edge: of its points the odd one is anywhere, and only the
     * light tells where it is and how wide; empty where it is larger, or does not settle.
     */
    Optional<Fitted.Round> small(Point near, double about) {
        if (about > BARELY_SEEN * blurMm) return Optional.empty();
        var centre = near;
        for (var again = 0; again < TRIES; again++) centre = middle(centre, about);
        var radius = settled(centre, about);
        return radius > 0 && radius <= MOST_OFF * about
                ? Optional.of(new Fitted.Round(centre, radius))
                : Optional.empty();
    }

    /** Of what light is missing about a place. */
    private Point middle(Point near, double about) {
        var outside = ring(near, about + rimMm, about + rimMm + PLATEAU_MM);
        var sums = new double[3];
        disc(near, 0, about + rimMm, (light, r, angle) -> {
            var missing = 0.0;
            for (var channel = 0; channel < 3; channel++) missing += Math.abs(light[channel] - outside[channel]);
            sums[0] += missing * r * r * Math.cos(angle);
            sums[1] += missing * r * r * Math.sin(angle);
            sums[2] += missing * r;
        });
        return sums[2] == 0 ? near : near.plus(new Point(sums[0] / sums[2], sums[1] / sums[2]));
    }

    private static boolean isNear(double radius, double about) {
        return Math.abs(radius - about) <= 0.2 * about + 0.5;
    }

    /** Measured again from what was measured, until it stays; no number where it does not. */
    private double settled(Point centre, double first) {
        var radius = first;
        for (var again = 0; again < TRIES && radius > 0; again++) {
            var next = measured(centre, radius);
            if (Math.abs(next - radius) < SETTLED_MM) return next;
            radius = next;
        }
        return Double.NaN;
    }

    /** By the light that is missing in and about it; the same again where nothing differs there. */
    private double measured(Point centre, double about) {
        var inside = ring(centre, 0, Math.max(0.3 * about, about - rimMm));
        var outside = ring(centre, about + rimMm, about + rimMm + PLATEAU_MM);
        var weights = weights(inside, outside, blurMm < SOFT * about);
        var contrast = 0.0;
        for (var channel = 0; channel < 3; channel++)
            contrast += (inside[channel] - outside[channel]) * weights[channel];
        if (contrast < 1e-8) return about;
        var area = new double[1];
        disc(centre, 0, about + rimMm, (light, r, _) -> {
            var missing = 0.0;
            for (var channel = 0; channel < 3; channel++)
                missing += (light[channel] - outside[channel]) * weights[channel];
            area[0] += missing * r;
        });
        var covered = area[0] / contrast * STEP_MM * 2 * Math.PI / WAYS;
        return Math.sqrt(Math.max(0, covered) / Math.PI) + shift.outward(outside, inside, weights);
    }

    /**
     * Which colours tell the piece from the ground. A piece throws a shadow into its own holes, which makes the ground darker at
     * the rim, but not of another colour: where the colours differ enough, and a hole is large enough for a file that keeps half of
     * the colour's places, they alone are heeded.
     */
    private static double[] weights(double[] ground, double[] piece, boolean isLarge) {
        var differ = new double[3];
        var along = 0.0;
        var size = 0.0;
        for (var channel = 0; channel < 3; channel++) {
            differ[channel] = ground[channel] - piece[channel];
            along += differ[channel] * ground[channel];
            size += ground[channel] * ground[channel];
        }
        var coloured = new double[3];
        var whole = 0.0;
        var left = 0.0;
        for (var channel = 0; channel < 3; channel++) {
            coloured[channel] = differ[channel] - along / size * ground[channel];
            whole += differ[channel] * differ[channel];
            left += coloured[channel] * coloured[channel];
        }
        if (isLarge) return left > COLOURED * whole ? coloured : differ;
        return brightness(differ);
    }

    /** A small hole's colour never comes to be the ground's in a file that keeps half of its places; its brightness does. */
    private static double[] brightness(double[] differ) {
        var darker = 0.0;
        for (var channel = 0; channel < 3; channel++) darker += LUMA[channel] * differ[channel];
        if (Math.abs(darker) < DIFFERS) return differ;
        var weights = new double[3];
        for (var channel = 0; channel < 3; channel++) weights[channel] = Math.signum(darker) * LUMA[channel];
        return weights;
    }

    private double[] ring(Point centre, double from, double to) {
        var sums = new double[4];
        disc(centre, from, to, (light, r, _) -> {
            for (var channel = 0; channel < 3; channel++) sums[channel] += r * light[channel];
            sums[3] += r;
        });
        return new double[] {sums[0] / sums[3], sums[1] / sums[3], sums[2] / sums[3]};
    }

    /** Told of the light at one place. */
    private interface Seen {
        void at(float[] light, double r, double angle);
    }

    /** Looks all over a ring, in equal steps outward and round. */
    private void disc(Point centre, double from, double to, Seen seen) {
        var light = new float[3];
        for (var way = 0; way < WAYS; way++) {
            var angle = 2 * Math.PI * way / WAYS;
            for (var r = from + STEP_MM / 2; r < to; r += STEP_MM) {
                look(centre, angle, r, light);
                seen.at(light, r, angle);
            }
        }
    }

    private void look(Point centre, double angle, double r, float[] light) {
        var pixel = plane.toPicture(centre.x() + r * Math.cos(angle), centre.y() + r * Math.sin(angle), inverse);
        picture.codes(pixel.x(), pixel.y(), light);
    }
}
