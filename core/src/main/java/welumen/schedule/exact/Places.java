package welumen.schedule.exact;

import java.util.ArrayList;
import java.util.List;
import welumen.schedule.Net;
import welumen.schedule.OpenTime;

/**
 * The starts that one activity can have, in ticks of the time in which anything is open at all, and where each leads to.
 *
 * @param at ticks of the starts, rising
 * @param size in ticks from each start to its end, rounded up
 * @param start on the wall's clock, in seconds
 * @param end on the wall's clock, in seconds
 */
record Places(long[] at, long[] size, int[] start, int[] end) {
    /**
     * @param any when anything is open
     * @param from no earlier start
     * @param to no later one; at least the first after {@code from}
     */
    static Places of(Net net, int i, int work, OpenTime any, int tick, int from, int to) {
        var open = net.open(i);
        List<Integer> starts = new ArrayList<>();
        for (var at = open.next(from);
                ;
                at = open.next(at + OpenTime.QUARTER)) { // up to the last: behind it may be none
            if (at <= to || starts.isEmpty()) starts.add(at);
            if (at >= to) break;
        }
        var count = starts.size();
        var places = new Places(new long[count], new long[count], new int[count], new int[count]);
        for (var k = 0; k < count; k++) {
            places.start[k] = starts.get(k);
            places.end[k] = open.end(starts.get(k), work);
            places.at[k] = any.open(starts.get(k)) / tick;
            places.size[k] = Math.ceilDiv(any.open(places.end[k]), tick) - places.at[k];
        }
        return places;
    }

    int count() {
        return at.length;
    }

    /** Whether every start leads to an end that is as far away. */
    boolean hasOneSize() {
        for (var one : size) if (one != size[0]) return false;
        return true;
    }

    /** Which of them a tick is. */
    int indexOf(long tick) {
        var k = java.util.Arrays.binarySearch(at, tick);
        if (k < 0) throw new IllegalArgumentException("Nothing starts at tick [%d].".formatted(tick));
        return k;
    }
}
