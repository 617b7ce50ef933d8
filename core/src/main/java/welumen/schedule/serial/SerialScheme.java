package welumen.schedule.serial;

import java.time.Duration;
import java.util.Arrays;
import welumen.schedule.Link;
import welumen.schedule.Net;

/**
 * Serial schedule generation (Kelley, 1963; Kolisch, 1996): activities one after the other in a given order, each as early as
 * its predecessors and resources let it; and its mirror image, each as late as can be. Some order gives a shortest plan
 * where all work on one clock; hours of their own are obeyed all the same. An order costs in the square of the activities;
 * one object plans many orders, on one thread.
 */
public final class SerialScheme {
    private final Net net;
    private final Profile[] profiles;

    public SerialScheme(Net net) {
        this.net = net;
        profiles = new Profile[net.resources()];
        for (var r = 0; r < profiles.length; r++) {
            profiles[r] = new Profile(net.count(r));
            for (var fewer : net.fewer(r)) profiles[r].use(fewer.from(), fewer.until(), fewer.by());
            profiles[r].keep();
        }
    }

    /**
     * When each starts, in seconds.
     *
     * @param work of each, in seconds
     * @param order the activities' numbers, each behind its predecessors
     */
    public int[] early(int[] work, int[] order) {
        clear();
        var start = new int[net.size()];
        var end = new int[net.size()];
        for (var i : order) {
            var ready = net.release(i);
            for (var arc : net.into(i)) ready = Math.max(ready, net.ready(i, arc, end[arc.before()]));
            start[i] = firstFit(i, ready, work[i]);
            end[i] = net.open(i).end(start[i], work[i]);
            use(i, start[i], end[i]);
        }
        return start;
    }

    private int firstFit(int i, int ready, int work) {
        var open = net.open(i);
        for (var at = open.next(ready); ; ) {
            var conflict = -1;
            var end = open.end(at, work);
            for (var r = 0; r < profiles.length && end > at; r++)
                if (net.uses(i, r) > 0) conflict = Math.max(conflict, profiles[r].conflictEnd(at, end, net.uses(i, r)));
            if (Profile.isFree(conflict)) return at;
            at = open.next(conflict);
        }
    }

    /**
     * When each starts at the latest so that all has ended by a time; empty where something would have to start before the
     * first day.
     *
     * @param order each before its predecessors
     */
    int[] late(int[] work, int[] order, int by) {
        clear();
        var start = new int[net.size()];
        for (var i : order) {
            var endBy = by;
            for (var next : net.out(i)) endBy = Math.min(endBy, endBy(i, next, start[next]));
            start[i] = lastFit(i, endBy, work[i]);
            if (start[i] < net.release(i)) return new int[0];
            use(i, start[i], net.open(i).end(start[i], work[i]));
        }
        return start;
    }

    private int endBy(int i, int next, int start) {
        var least = Integer.MAX_VALUE;
        for (var arc : net.into(next))
            if (arc.before() == i)
                least = Math.min(
                        least,
                        arc.by() == Link.By.WALL
                                ? start - arc.delay()
                                : net.shop().before(start, Duration.ofSeconds(arc.delay())));
        return least;
    }

    private int lastFit(int i, int endBy, int work) {
        var open = net.open(i);
        for (var by = endBy; ; ) {
            var at = open.latest(by, work);
            if (at < 0) return -1;
            var end = open.end(at, work);
            var conflict = Integer.MAX_VALUE;
            for (var r = 0; r < profiles.length && end > at; r++)
                if (net.uses(i, r) > 0) {
                    var start = profiles[r].conflictStart(at, end, net.uses(i, r));
                    if (!Profile.isFree(start)) conflict = Math.min(conflict, start);
                }
            if (conflict == Integer.MAX_VALUE) return at;
            by = conflict;
        }
    }

    private void use(int i, int start, int end) {
        for (var r = 0; r < profiles.length; r++)
            if (net.uses(i, r) > 0 && end > start) profiles[r].use(start, end, net.uses(i, r));
    }

    private void clear() {
        Arrays.stream(profiles).forEach(Profile::clear);
    }
}
