package welumen.files.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import welumen.shape.Point;

/**
 * Puts runs that were drawn in any order and either way one after the other into a ring: to the run that begins or ends where
 * the last one ended, else to the nearest.
 */
final class Chain {
    private static final double SAME_MM = 0.01;

    private final List<List<Point>> runs;
    private final boolean[] isUsed;
    private final Map<Cell, List<Integer>> ends = new HashMap<>();

    /** A square of which no two opposite sides are farther apart than what is the same. */
    private record Cell(long x, long y) {
        static Cell of(Point point) {
            return new Cell(Math.round(point.x() / SAME_MM), Math.round(point.y() / SAME_MM));
        }
    }

    private Chain(List<List<Point>> runs) {
        this.runs = runs;
        this.isUsed = new boolean[runs.size()];
        for (var i = 0; i < runs.size(); i++)
            for (var end : List.of(runs.get(i).getFirst(), runs.get(i).getLast()))
                ends.computeIfAbsent(Cell.of(end), _ -> new ArrayList<>()).add(i);
    }

    static List<Point> closed(List<List<Point>> runs) {
        var drawn = runs.stream().filter(run -> run.size() > 1).toList();
        return drawn.isEmpty() ? List.of() : new Chain(drawn).ring();
    }

    private List<Point> ring() {
        isUsed[0] = true;
        var ring = new ArrayList<>(runs.getFirst());
        for (var left = runs.size() - 1; left > 0; left--) {
            var end = ring.getLast();
            var next = meeting(end);
            if (next < 0) next = nearest(end);
            isUsed[next] = true;
            var run = runs.get(next);
            var on = run.getLast().to(end) < run.getFirst().to(end) ? run.reversed() : run;
            ring.addAll(on.subList(on.getFirst().to(end) < SAME_MM ? 1 : 0, on.size()));
        }
        if (ring.size() > 1 && ring.getFirst().to(ring.getLast()) < SAME_MM) ring.removeLast();
        return ring;
    }

    private int meeting(Point end) {
        var at = Cell.of(end);
        for (var x = at.x() - 1; x <= at.x() + 1; x++)
            for (var y = at.y() - 1; y <= at.y() + 1; y++)
                for (var i : ends.getOrDefault(new Cell(x, y), List.of()))
                    if (!isUsed[i] && off(i, end) < SAME_MM) return i;
        return -1;
    }

    private int nearest(Point end) {
        var nearest = -1;
        for (var i = 0; i < runs.size(); i++)
            if (!isUsed[i] && (nearest < 0 || off(i, end) < off(nearest, end))) nearest = i;
        return nearest;
    }

    private double off(int run, Point end) {
        return Math.min(
                runs.get(run).getFirst().to(end), runs.get(run).getLast().to(end));
    }
}
