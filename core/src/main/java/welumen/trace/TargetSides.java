package welumen.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import welumen.shape.Point;
import welumen.trace.Target.Pixel;

/**
 * Places on the four sides of a target, each right to a small part of a pixel: where the light is half-way between what
 * lies inside and what lies outside.
 *
 * @param sides for each side, in the order of its corners, places along it
 * @param width how far, in pixels, the light takes from a tenth to nine tenths across a side: how sharp the photo is there
 */
record TargetSides(Target target, List<List<Pixel>> sides, double width) {
    private static final int PLACES = 24;
    private static final int LINES = 5;
    private static final double STEP = 0.25;
    private static final double END = 0.12;
    /** Reach across a side that is looked at, as a share of it: less than a cell. */
    private static final double REACH = 0.085;

    private static final double LEAST_REACH = 3;
    private static final double MOST_REACH = 14;
    private static final double LEAST_CONTRAST = 0.4;
    private static final int FEWEST = 8;

    /** Empty where a side can hardly be seen. */
    static Optional<TargetSides> of(Picture picture, Target coarse) {
        var once = sought(picture, coarse);
        return once.flatMap(found ->
                found.corners().flatMap(corners -> sought(picture, new Target(coarse.number(), corners))));
    }

    private static Optional<TargetSides> sought(Picture picture, Target coarse) {
        var sides = new ArrayList<List<Pixel>>();
        var widths = new ArrayList<Double>();
        for (var side = 0; side < 4; side++) {
            var places = side(picture, coarse, side, widths);
            if (places.size() < FEWEST) return Optional.empty();
            sides.add(places);
        }
        widths.sort(null);
        return Optional.of(new TargetSides(coarse, sides, widths.get(widths.size() / 2)));
    }

    private static List<Pixel> side(Picture picture, Target target, int side, List<Double> widths) {
        var a = target.corners().get(side);
        var b = target.corners().get((side + 1) % 4);
        var length = a.to(b);
        var alongX = (b.x() - a.x()) / length;
        var alongY = (b.y() - a.y()) / length;
        var reach = Math.clamp(REACH * target.side(), LEAST_REACH, MOST_REACH);
        var apart = length * (1 - 2 * END) / PLACES / LINES;
        var profiles = new ArrayList<double[]>();
        for (var place = 0; place < PLACES; place++) {
            var sum = new double[2 * (int) Math.round(reach / STEP) + 1];
            for (var line = 0; line < LINES; line++) {
                var t = END * length + (place * LINES + line + 0.5) * apart;
                add(picture, new Pixel(a.x() + t * alongX, a.y() + t * alongY), alongX, alongY, sum);
            }
            profiles.add(sum);
        }
        var usual =
                profiles.stream().mapToDouble(TargetSides::contrast).sorted().toArray();
        var least = LEAST_CONTRAST * usual[usual.length / 2];
        var places = new ArrayList<Pixel>();
        for (var place = 0; place < PLACES; place++) {
            var profile = profiles.get(place);
            if (contrast(profile) < Math.max(least, 1e-3)) continue;
            var out = crossing(profile, 0.5);
            if (Double.isNaN(out)) continue;
            var t = END * length + (place + 0.5) * LINES * apart;
            places.add(new Pixel(a.x() + t * alongX + out * alongY, a.y() + t * alongY - out * alongX));
            var width = crossing(profile, 0.9) - crossing(profile, 0.1);
            if (!Double.isNaN(width)) widths.add(width);
        }
        return withoutStrays(places, a, alongX, alongY);
    }

    /** Brightness from inside to outside; corners run clockwise, so outside lies to the left of the way. */
    private static void add(Picture picture, Pixel at, double alongX, double alongY, double[] sum) {
        var scratch = new float[3];
        var half = sum.length / 2;
        for (var i = 0; i < sum.length; i++) {
            var out = (i - half) * STEP;
            sum[i] += picture.brightness(at.x() + out * alongY, at.y() - out * alongX, scratch) / LINES;
        }
    }

    private static double inside(double[] profile) {
        return mean(profile, 0, profile.length / 4);
    }

    private static double outside(double[] profile) {
        return mean(profile, profile.length - profile.length / 4, profile.length);
    }

    private static double contrast(double[] profile) {
        return outside(profile) - inside(profile);
    }

    /** How far outside its middle a profile first comes, from its last low, to a share of the way up; else not a number. */
    private static double crossing(double[] profile, double share) {
        var level = inside(profile) + share * contrast(profile);
        var best = Double.NaN;
        for (var i = 1; i < profile.length; i++)
            if (profile[i - 1] < level && profile[i] >= level) {
                var at = (i - 1 + (level - profile[i - 1]) / (profile[i] - profile[i - 1]) - profile.length / 2) * STEP;
                if (Double.isNaN(best) || Math.abs(at) < Math.abs(best)) best = at;
            }
        return best;
    }

    private static double mean(double[] values, int from, int to) {
        return Arrays.stream(values, from, to).average().orElseThrow();
    }

    /** A side is straight but for the lens, which bends it in one bow: whatever is far off that is no side. */
    private static List<Pixel> withoutStrays(List<Pixel> places, Pixel from, double alongX, double alongY) {
        var kept = new ArrayList<>(places);
        for (var round = 0; round < 3 && kept.size() >= FEWEST; round++) {
            var bow = Bow.through(kept, from, alongX, alongY);
            var off = kept.stream()
                    .mapToDouble(place -> Math.abs(bow.off(place)))
                    .sorted()
                    .toArray();
            var most = Math.max(0.15, 4 * off[off.length / 2]);
            if (!kept.removeIf(place -> Math.abs(bow.off(place)) > most)) break;
        }
        return kept;
    }

    /** A parabola through places along a line. */
    private record Bow(Pixel from, double alongX, double alongY, double[] terms) {
        static Bow through(List<Pixel> places, Pixel from, double alongX, double alongY) {
            var rows = places.stream()
                    .map(place -> {
                        var t = along(place, from, alongX, alongY);
                        return new double[] {1, t, t * t};
                    })
                    .toArray(double[][]::new);
            var values = places.stream()
                    .mapToDouble(place -> across(place, from, alongX, alongY))
                    .toArray();
            return new Bow(from, alongX, alongY, LeastSquares.solve(rows, values));
        }

        double off(Pixel place) {
            var t = along(place, from, alongX, alongY);
            return across(place, from, alongX, alongY) - terms[0] - t * terms[1] - t * t * terms[2];
        }

        private static double along(Pixel place, Pixel from, double alongX, double alongY) {
            return (place.x() - from.x()) * alongX + (place.y() - from.y()) * alongY;
        }

        private static double across(Pixel place, Pixel from, double alongX, double alongY) {
            return (place.y() - from.y()) * alongX - (place.x() - from.x()) * alongY;
        }
    }

    /** Where neighbouring sides meet; empty where two of them do not. */
    Optional<List<Pixel>> corners() {
        var corners = new ArrayList<Pixel>();
        for (var i = 0; i < 4; i++) {
            var near = target.corners().get(i);
            var corner =
                    Fitted.crossing(line(sides.get((i + 3) % 4)), line(sides.get(i)), new Point(near.x(), near.y()));
            if (corner.isEmpty()) return Optional.empty();
            corners.add(new Pixel(corner.get().x(), corner.get().y()));
        }
        return Optional.of(corners);
    }

    private static Fitted line(List<Pixel> places) {
        return Fitted.line(
                places.stream().map(place -> new Point(place.x(), place.y())).toList());
    }
}
