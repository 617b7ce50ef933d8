package welumen.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import welumen.shape.Point;

/**
 * Parts a ring of measured points into the fewest lines and arcs that explain it as well as its own noise allows: the cheapest
 * row of pieces by dynamic programming, where each piece costs its misfit and a toll for being one (after Perez and
 * Vidal, 1994). Points near a piece's ends do not count, since an edge seeker rounds corners off; corners are where
 * neighbours cross.
 */
final class CleanLines {
    private static final int MOST_BREAKS = 900;
    private static final double CORNER_MM = 3;
    private static final double LINE_TOLL = 26;
    private static final double ARC_TOLL = 34;
    private static final double LEAST_NOISE_MM = 0.05;
    private static final double MOST_NOISE_MM = 0.25;
    private static final double FAR_MM = 5;
    /** Distance in mm within which a line leaves an arc so slowly that the measured points say little of where. */
    private static final double TOUCH_MM = 25;

    /** Share of its radius that an arc keeps at the least, so that a short one keeps its two ends apart. */
    private static final double TOUCH_OF_RADIUS = 0.4;

    private static final double TOUCHES_WITHIN_MM = 0.5;
    /** Ratio up to which a smooth arc may be longer than the noisy points along it. */
    private static final double LONGER = 1.5;

    private final List<Point> ring;
    private final int every;
    private final int breaks;
    private final double noise;
    private final Moments moments;
    private final double step;

    private CleanLines(List<Point> measured) {
        var start = sharpest(measured);
        var turned = new ArrayList<Point>(measured.subList(start, measured.size()));
        turned.addAll(measured.subList(0, start));
        this.ring = turned;
        this.every = Math.max(2, ring.size() / MOST_BREAKS);
        this.breaks = (ring.size() + every - 1) / every;
        this.step = Ring.length(ring) / ring.size();
        this.noise = noise();
        this.moments = new Moments(ring);
    }

    /** @param measured about equally apart, in the order of the ring */
    static List<Segment> of(List<Point> measured) {
        return new CleanLines(measured).segments();
    }

    /** Where the ring turns most within a few mm. */
    private static int sharpest(List<Point> ring) {
        var step = Ring.length(ring) / ring.size();
        var reach = Math.max(1, (int) Math.round(6 / step));
        var best = 0;
        var most = -1.0;
        for (var i = 0; i < ring.size(); i++) {
            var in = ring.get(i).minus(ring.get(Math.floorMod(i - reach, ring.size())));
            var out = ring.get((i + reach) % ring.size()).minus(ring.get(i));
            var turn = Math.abs(Math.atan2(in.x() * out.y() - in.y() * out.x(), in.x() * out.x() + in.y() * out.y()));
            if (turn > most) {
                most = turn;
                best = i;
            }
        }
        return best;
    }

    /** What is left between each point and a bell-weighed mean of its neighbours, on the usual point. */
    private double noise() {
        var even = Ring.evened(ring, 4);
        var off = new double[ring.size()];
        for (var i = 0; i < off.length; i++) off[i] = ring.get(i).to(even.get(i));
        Arrays.sort(off);
        return Math.clamp(1.5 * off[off.length / 2], LEAST_NOISE_MM, MOST_NOISE_MM);
    }

    private int index(int breakNumber) {
        return Math.min(breakNumber * every, ring.size());
    }

    private List<Segment> segments() {
        var cost = new double[breaks + 1];
        var before = new int[breaks + 1];
        Arrays.fill(cost, Double.MAX_VALUE);
        cost[0] = 0;
        for (var to = 1; to <= breaks; to++)
            for (var from = to - 1; from >= 0; from--) {
                if (cost[from] == Double.MAX_VALUE) continue;
                var here = cost[from] + cost(index(from), index(to));
                if (here < cost[to]) {
                    cost[to] = here;
                    before[to] = from;
                }
            }
        var cuts = new ArrayList<Integer>();
        for (var at = breaks; at > 0; at = before[at]) cuts.addFirst(index(before[at]));
        return joined(cuts);
    }

    private int margin(int from, int to) {
        return Math.min((int) Math.round(CORNER_MM / step), (to - from) / 4);
    }

    private double cost(int from, int to) {
        var margin = margin(from, to);
        var first = from + margin;
        var last = to - margin;
        var scale = 1 / (noise * noise);
        var straight = LINE_TOLL + moments.line(first, last) * scale;
        if (straight < ARC_TOLL || to - from < 6) return straight;
        return Math.min(straight, ARC_TOLL + moments.circle(first, last) * scale);
    }

    private Fitted fit(int from, int to) {
        var margin = margin(from, to);
        var first = from + margin;
        var last = to - margin;
        var points = new ArrayList<Point>();
        for (var i = first; i <= last; i++) points.add(ring.get(i % ring.size()));
        var line = Fitted.line(points);
        var scale = 1 / (noise * noise);
        var straight = LINE_TOLL + moments.line(first, last) * scale;
        if (straight < ARC_TOLL || to - from < 6) return line;
        if (straight <= ARC_TOLL + moments.circle(first, last) * scale) return line;
        return Fitted.circle(points).<Fitted>map(round -> round).orElse(line);
    }

    /** @param cuts where each piece begins */
    private List<Segment> joined(List<Integer> cuts) {
        var fits = new ArrayList<Fitted>();
        for (var i = 0; i < cuts.size(); i++)
            fits.add(fit(cuts.get(i), i + 1 < cuts.size() ? cuts.get(i + 1) : ring.size()));
        var joints = new ArrayList<Point>();
        for (var i = 0; i < cuts.size(); i++) {
            var near = ring.get(cuts.get(i));
            joints.add(joint(fits.get(Math.floorMod(i - 1, fits.size())), fits.get(i), near));
        }
        var segments = new ArrayList<Segment>();
        for (var i = 0; i < cuts.size(); i++) {
            var from = joints.get(i);
            var to = joints.get((i + 1) % joints.size());
            var end = i + 1 < cuts.size() ? cuts.get(i + 1) : ring.size();
            var between = ring.get((cuts.get(i) + end) / 2 % ring.size());
            segments.add(
                    switch (fits.get(i)) {
                        case Fitted.Straight _ -> new Segment.Line(from, to);
                        case Fitted.Round round -> {
                            var arc = arc(round, from, between, to);
                            // where joints on a short arc slid past each other, it would go round the other way
                            yield arc.lengthMm() <= LONGER * (end - cuts.get(i)) * step + FAR_MM
                                    ? arc
                                    : new Segment.Line(from, to);
                        }
                    });
        }
        return segments;
    }

    private static Point joint(Fitted before, Fitted after, Point near) {
        var crossing = Fitted.crossing(before, after, near);
        if (crossing.isPresent() && crossing.get().to(near) < FAR_MM) return crossing.get();
        var touch = touch(before, after, near);
        if (touch.isPresent()) return touch.get();
        return before.nearest(near).plus(after.nearest(near)).times(0.5);
    }

    /** Where a line flows into an arc: the foot of the arc's centre on the line. */
    private static Optional<Point> touch(Fitted before, Fitted after, Point near) {
        if (before instanceof Fitted.Straight line && after instanceof Fitted.Round round)
            return touch(line, round, near);
        if (before instanceof Fitted.Round round && after instanceof Fitted.Straight line)
            return touch(line, round, near);
        return Optional.empty();
    }

    private static Optional<Point> touch(Fitted.Straight line, Fitted.Round round, Point near) {
        var foot = line.nearest(round.centre());
        var farthest = Math.min(TOUCH_MM, TOUCH_OF_RADIUS * round.radius());
        if (round.off(foot) > TOUCHES_WITHIN_MM || foot.to(near) > farthest) return Optional.empty();
        return Optional.of(foot.plus(round.nearest(foot)).times(0.5));
    }

    /** From one point by way of another to a third. */
    private static Segment.Arc arc(Fitted.Round round, Point from, Point between, Point to) {
        var start = angle(round, from);
        var middle = turn(angle(round, between) - start);
        var end = turn(angle(round, to) - start);
        if (from.equals(to)) end = 2 * Math.PI;
        var left = middle <= end ? end : end - 2 * Math.PI;
        return new Segment.Arc(round.centre(), round.radius(), start, left);
    }

    private static double angle(Fitted.Round round, Point point) {
        return Math.atan2(
                point.y() - round.centre().y(), point.x() - round.centre().x());
    }

    /** Counter-clockwise, from 0 to a whole turn. */
    private static double turn(double angle) {
        return angle - 2 * Math.PI * Math.floor(angle / (2 * Math.PI));
    }
}
