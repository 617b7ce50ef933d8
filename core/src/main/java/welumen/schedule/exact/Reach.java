package welumen.schedule.exact;

import java.util.Arrays;
import welumen.schedule.Net;
import welumen.schedule.OpenTime;
import welumen.schedule.Windows;

/** How far out activities have to be looked for, so that no better plan is cut off. */
final class Reach {
    private static final int A_WEEK = 7 * 24 * 60 * 60;

    private Reach() {}

    /** When the last of a plan's activities ends, in seconds. */
    static int end(Net net, int[] starts) {
        var end = 0;
        for (var i = 0; i < starts.length; i++) end = Math.max(end, net.open(i).end(starts[i], net.likely(i)));
        return end;
    }

    /**
     * In which some plan that misses the least lies: what leads to a goal or a wish ends so early that no more is missed than is
     * known; what else there is may wait until all of that is over, and then takes no longer than all does in the known plan,
     * and a week.
     *
     * @param missed by the known plan, in parts
     */
    static Windows missing(Net net, int[] known, long missed) {
        var endBy = new int[net.size()];
        Arrays.fill(endBy, Integer.MAX_VALUE);
        for (var goal : net.goals())
            endBy[goal.last()] =
                    Math.min(endBy[goal.last()], late(net.any(), net.any().open(goal.due()), missed, goal.weight()));
        var last = end(net, known);
        for (var wish : net.wishes()) {
            var start = late(net.any(), wish.open(), missed, wish.weight());
            var i = wish.activity();
            if (start > last) continue; // bounded by all the rest
            endBy[i] = Math.min(endBy[i], net.open(i).end(net.open(i).next(start), net.likely(i)));
        }
        for (var each : endBy) if (each < Integer.MAX_VALUE) last = Math.max(last, each);
        var far = Math.min(
                last + end(net, known) + A_WEEK, net.any().closing(net.any().whole()) - A_WEEK);
        for (var i = 0; i < endBy.length; i++) endBy[i] = Math.min(endBy[i], far);
        return Windows.by(net, net.likely(), endBy);
    }

    /** When so much of it has gone by after some open time, and a second, at the latest. */
    private static int late(OpenTime any, int open, long missed, int weight) {
        return any.closing((int) Math.min(open + missed / weight + 1, any.whole()));
    }
}
