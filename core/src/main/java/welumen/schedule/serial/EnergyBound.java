package welumen.schedule.serial;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import welumen.schedule.Net;
import welumen.schedule.OpenTime;
import welumen.schedule.Windows;

/**
 * A time before which no plan can end, by contradiction (destructive bound, Klein and Scholl, 1999): had all to end by a time, and
 * what then falls between two times at the least, wherever each activity lies (energetic reasoning, Baptiste, Le Pape and
 * Nuijten, 2001), needs more of a resource than there is, that time is too early. A time that is tried costs in the cube of
 * a resource's users; the least end is found by halving.
 */
public final class EnergyBound {
    /** From how many activities on it looks at each resource; of more, at every so-manieth. */
    private static final int LOOKS = 40;

    /** In lots of how many a resource is looked at, at the most. */
    private static final int LOTS = 6;

    private final Net net;
    private final int[] work;
    private final int[] earliest;
    private final List<Load> loads = new ArrayList<>();

    /**
     * Activities that share something.
     *
     * @param amounts of it that each uses
     * @param count how many there are
     * @param open when any of them can be worked on
     */
    private record Load(int[] users, int[] amounts, int count, OpenTime open) {}

    private EnergyBound(Net net) {
        this.net = net;
        work = net.likely();
        earliest = Windows.earliest(net, work);
        for (var r = 0; r < net.resources(); r++) for (var k = 1; k <= Math.min(LOTS, net.mostUsed(r)); k++) load(r, k);
    }

    /** In whole lots of k of a resource, of which there are only so many: what needs two of three leaves no room for another such. */
    private void load(int resource, int k) {
        var users = IntStream.range(0, net.size())
                .filter(i -> net.uses(i, resource) >= k && work[i] > 0)
                .toArray();
        if (users.length < 2) return;
        var amounts = IntStream.of(users).map(i -> net.uses(i, resource) / k).toArray();
        var open = IntStream.of(users)
                .mapToObj(net::open)
                .distinct()
                .reduce(OpenTime::or)
                .orElseThrow();
        loads.add(new Load(users, amounts, net.count(resource) / k, open));
    }

    /**
     * In seconds; at the most the end of the plan that is known.
     *
     * @param stop once it says so, what is proven by then
     */
    public static int of(Net net, int known, BooleanSupplier stop) {
        var bound = new EnergyBound(net);
        var low = Math.min(known, Windows.end(net));
        var high = known;
        while (low < high && !stop.getAsBoolean()) {
            var middle = low + (high - low) / 2;
            if (bound.isRefuted(middle)) low = middle + 1;
            else high = middle;
        }
        return low;
    }

    private boolean isRefuted(int by) {
        var latest = Windows.of(net, work, by).latest();
        for (var i = 0; i < net.size(); i++)
            if (latest[i] < 0 || net.open(i).end(earliest[i], work[i]) > latest[i]) return true;
        return loads.stream().anyMatch(load -> isOverfull(load, latest));
    }

    private boolean isOverfull(Load load, int[] latest) {
        var spans = IntStream.of(load.users())
                .mapToObj(i -> Span.of(net.open(i), earliest[i], latest[i], work[i]))
                .toArray(Span[]::new);
        var step = Math.ceilDiv(spans.length, LOOKS);
        for (var first = 0; first < spans.length; first += step)
            for (var from : new int[] {spans[first].earliest(), spans[first].latestStart()})
                for (var last = 0; last < spans.length; last += Math.ceilDiv(spans.length, 4 * LOOKS))
                    for (var to : new int[] {spans[last].latestEnd(), spans[last].earliestEnd()})
                        if (to > from && needed(load, spans, from, to) > room(load, from, to)) return true;
        return false;
    }

    private static long room(Load load, int from, int to) {
        return (long) (load.open().open(to) - load.open().open(from)) * load.count();
    }

    private static long needed(Load load, Span[] spans, int from, int to) {
        var needed = 0L;
        for (var i = 0; i < spans.length; i++) needed += (long) spans[i].within(from, to) * load.amounts()[i];
        return needed;
    }

    /** Where an activity can lie: from its earliest start to its earliest end, or from its latest start to its latest end. */
    private record Span(OpenTime open, int earliest, int earliestEnd, int latestStart, int latestEnd, int latest) {
        static Span of(OpenTime open, int earliest, int latest, int work) {
            var start = open.latest(latest, work);
            return new Span(open, earliest, open.end(earliest, work), start, open.end(start, work), latest);
        }

        /** How much of its work falls between two times, wherever it lies; least at one of its ends. */
        int within(int from, int to) {
            if (latest <= from || earliest >= to) return 0;
            return Math.min(part(earliest, earliestEnd, from, to), part(latestStart, latestEnd, from, to));
        }

        private int part(int start, int end, int from, int to) {
            return Math.max(0, open.open(Math.min(end, to)) - open.open(Math.max(start, from)));
        }
    }
}
