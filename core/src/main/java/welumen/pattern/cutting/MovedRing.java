package welumen.pattern.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * The cutting line drawn in one go round the piece, from corner to corner. It is right where every stretch keeps its direction
 * when it is moved, no strip reaches over the end of its neighbour's at an inside corner, and the ring does not cross itself;
 * elsewhere there is none, and the line is to be put together from its strips.
 */
final class MovedRing {
    private final List<Point> ring = new ArrayList<>();
    private final List<OffsetSegment> stretches;
    /** Where each stretch begins and ends when it has been moved. */
    private final Point[] starts;

    private final Point[] ends;

    private MovedRing(List<OffsetSegment> stretches) {
        this.stretches = stretches;
        this.starts = new Point[stretches.size()];
        this.ends = new Point[stretches.size()];
    }

    static Optional<Outline> of(List<OffsetSegment> stretches) {
        return new MovedRing(stretches).drawn();
    }

    private Optional<Outline> drawn() {
        for (var i = 0; i < stretches.size(); i++) if (!join(i, (i + 1) % stretches.size())) return Optional.empty();
        for (var i = 0; i < stretches.size(); i++) if (isTurnedBack(i)) return Optional.empty();
        return Outline.ofRing(ring).understood();
    }

    /** False where a strip would reach over its neighbour. */
    private boolean join(int i, int j) {
        var here = stretches.get(i);
        var next = stretches.get(j);
        var turn = here.turn(next);
        if (Math.abs(turn) < OffsetSegment.STRAIGHT) {
            if (here.allowance() == next.allowance()) meet(i, j, here.movedB());
            else put(i, j, List.of(here.movedB(), next.movedA()));
            return true;
        }
        if (here.goesOn(next)) {
            put(i, j, List.of(here.meeting(next)));
            return true;
        }
        if (turn < 0 && (next.length() < here.allowance() * -turn || here.length() < next.allowance() * -turn))
            return false;
        put(i, j, here.joint(next));
        return true;
    }

    private void put(int i, int j, List<Point> points) {
        ring.addAll(points);
        ends[i] = points.getFirst();
        starts[j] = points.getLast();
    }

    private void meet(int i, int j, Point at) {
        ends[i] = at;
        starts[j] = at;
    }

    private boolean isTurnedBack(int i) {
        var stretch = stretches.get(i);
        var along = stretch.b().minus(stretch.a());
        var moved = ends[i].minus(starts[i]);
        return moved.x() * along.x() + moved.y() * along.y() < 0;
    }
}
