package welumen.schedule.forecast;

import java.util.ArrayDeque;
import welumen.schedule.Net;

/** Which activities held up the end of a run: back from the last, to whatever each had to wait for. */
final class Critical {
    private final Net net;
    private final int[] start;
    private final int[] end;
    private final boolean[] held;

    private Critical(Net net, int[] start, int[] end) {
        this.net = net;
        this.start = start;
        this.end = end;
        held = new boolean[net.size()];
    }

    /** @param asked whose end is asked for; below nought for the last of all */
    static boolean[] of(Net net, int[] start, int[] end, int asked) {
        var critical = new Critical(net, start, end);
        critical.back(asked);
        return critical.held;
    }

    private void back(int asked) {
        var last = 0;
        for (var each : end) last = Math.max(last, each);
        var open = new ArrayDeque<Integer>();
        for (var i = 0; i < end.length; i++) if (asked < 0 ? end[i] == last : i == asked) mark(i, open);
        while (!open.isEmpty()) {
            var i = open.remove();
            for (var arc : net.into(i))
                if (net.open(i).next(net.ready(i, arc, end[arc.before()])) == start[i]) mark(arc.before(), open);
            for (var r = 0; r < net.resources(); r++) if (net.uses(i, r) > 0) resource(i, r, open);
        }
    }

    /** Those that let go of something at the moment when it could begin, and without which there was not enough. */
    private void resource(int i, int r, ArrayDeque<Integer> open) {
        for (var before = 0; before < start.length; before++)
            if (net.uses(before, r) > 0
                    && start[before] < end[before]
                    && end[before] <= start[i]
                    && net.open(i).next(end[before]) == start[i]
                    && used(r, end[before] - 1) + net.uses(i, r) > net.count(r)) mark(before, open);
    }

    private int used(int r, int at) {
        var used = 0;
        for (var i = 0; i < start.length; i++) if (start[i] <= at && at < end[i]) used += net.uses(i, r);
        for (var fewer : net.fewer(r)) if (fewer.from() <= at && at < fewer.until()) used += fewer.by();
        return used;
    }

    private void mark(int i, ArrayDeque<Integer> open) {
        if (held[i]) return;
        held[i] = true;
        open.add(i);
    }
}
