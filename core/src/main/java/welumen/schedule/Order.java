package welumen.schedule;

import java.util.Comparator;
import java.util.PriorityQueue;

/** The order in which activities are taken up. */
public final class Order {
    private Order() {}

    /** The least key first, each behind its predecessors. */
    public static int[] of(Net net, int[] keys) {
        var waits = new int[net.size()];
        var free = new PriorityQueue<Integer>(
                Comparator.<Integer>comparingInt(i -> keys[i]).thenComparingInt(i -> i));
        for (var i = 0; i < waits.length; i++) {
            waits[i] = net.into(i).size();
            if (waits[i] == 0) free.add(i);
        }
        var order = new int[net.size()];
        for (var at = 0; !free.isEmpty(); at++) {
            var i = free.remove();
            order[at] = i;
            for (var next : net.out(i)) if (--waits[next] == 0) free.add(next);
        }
        return order;
    }
}
