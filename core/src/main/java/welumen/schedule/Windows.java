package welumen.schedule;

import java.time.Duration;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * Between which times each activity has to lie so that all has ended by some time, by precedence alone (critical path method,
 * Kelley and Walker, 1959). Linear in the links.
 *
 * @param earliest starts, in seconds
 * @param latest ends, in seconds; below nought where one cannot be kept
 */
public record Windows(int[] earliest, int[] latest) {
    /** @param work of each, in seconds */
    public static Windows of(Net net, int[] work, int by) {
        return new Windows(earliest(net, work), latest(net, work, all(net, by)));
    }

    /** The same where each goal is wanted by its day; below nought and too early where that cannot be. */
    public static Windows wanted(Net net, int[] work, int by) {
        var endBy = all(net, by);
        for (var goal : net.goals()) endBy[goal.last()] = Math.min(by, goal.due());
        return new Windows(earliest(net, work), latest(net, work, endBy));
    }

    /** So that each has ended by a time of its own. */
    public static Windows by(Net net, int[] work, int[] endBy) {
        return new Windows(earliest(net, work), latest(net, work, endBy.clone()));
    }

    private static int[] all(Net net, int by) {
        var endBy = new int[net.size()];
        Arrays.fill(endBy, by);
        return endBy;
    }

    /** The earliest starts, had each all resources for itself. */
    public static int[] earliest(Net net, int[] work) {
        var start = new int[net.size()];
        var end = new int[net.size()];
        for (var i = 0; i < net.size(); i++) {
            var ready = net.release(i);
            for (var arc : net.into(i)) ready = Math.max(ready, net.ready(i, arc, end[arc.before()]));
            start[i] = net.open(i).next(ready);
            end[i] = net.open(i).end(start[i], work[i]);
        }
        return start;
    }

    /** Before which nothing can have ended, with the usual work. */
    public static int end(Net net) {
        var starts = earliest(net, net.likely());
        return IntStream.range(0, starts.length)
                .map(i -> net.open(i).end(starts[i], net.likely(i)))
                .max()
                .orElse(0);
    }

    private static int[] latest(Net net, int[] work, int[] endBy) {
        for (var i = net.size() - 1; i >= 0; i--) {
            var start = net.open(i).latest(endBy[i], work[i]);
            for (var arc : net.into(i))
                endBy[arc.before()] = Math.min(
                        endBy[arc.before()],
                        arc.by() == Link.By.WALL
                                ? start - arc.delay()
                                : net.shop().before(start, Duration.ofSeconds(arc.delay())));
            if (start < 0) endBy[i] = -1;
        }
        return endBy;
    }
}
