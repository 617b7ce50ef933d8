package welumen.files.pattern;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/** Parts a ring at its corners, so that a curve of many chords is one edge. */
final class Corners {
    private static final double CORNER = Math.toRadians(20);

    private Corners() {}

    /** Each edge without the point at which the next one begins. */
    static List<List<Point>> edges(List<Point> ring) {
        var corners = new ArrayList<Integer>();
        for (var i = 0; i < ring.size(); i++) {
            var in = ring.get(i).minus(ring.get(Math.floorMod(i - 1, ring.size())));
            var out = ring.get((i + 1) % ring.size()).minus(ring.get(i));
            var turn = Math.atan2(in.x() * out.y() - in.y() * out.x(), in.x() * out.x() + in.y() * out.y());
            if (Math.abs(turn) > CORNER) corners.add(i);
        }
        if (corners.isEmpty()) return List.of(ring);
        var edges = new ArrayList<List<Point>>();
        for (var i = 0; i < corners.size(); i++) {
            var from = corners.get(i);
            var to = i + 1 < corners.size() ? corners.get(i + 1) : corners.getFirst() + ring.size();
            var edge = new ArrayList<Point>();
            for (var k = from; k < to; k++) edge.add(ring.get(k % ring.size()));
            edges.add(edge);
        }
        return edges;
    }
}
