package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/** Puts runs that were drawn in any order and either way one after the other into a ring. */
final class Chain {
    private Chain() {}

    static List<Point> closed(List<List<Point>> runs) {
        var left = new ArrayList<>(runs.stream().filter(run -> run.size() > 1).toList());
        if (left.isEmpty()) return List.of();
        var ring = new ArrayList<>(left.removeFirst());
        while (!left.isEmpty()) {
            var end = ring.getLast();
            List<Point> next = null;
            var nearest = Double.MAX_VALUE;
            var isTurned = false;
            for (var run : left) {
                if (run.getFirst().to(end) < nearest) {
                    nearest = run.getFirst().to(end);
                    next = run;
                    isTurned = false;
                }
                if (run.getLast().to(end) < nearest) {
                    nearest = run.getLast().to(end);
                    next = run;
                    isTurned = true;
                }
            }
            left.remove(next);
            var on = isTurned ? next.reversed() : next;
            ring.addAll(on.subList(nearest < 0.01 ? 1 : 0, on.size()));
        }
        if (ring.size() > 1 && ring.getFirst().to(ring.getLast()) < 0.01) ring.removeLast();
        return ring;
    }
}
