package welumen.cut.nest.separation;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What does not move on a field: looked at for every place that is tried, so that most is told from boxes alone. */
public final class Obstacles {
    /** Share of the field above which a body has clearings: its box says too little. */
    private static final double LARGE = 0.25;

    private final PlacedForm[] bodies;
    /** The box of each, as least and greatest x, then y. */
    private final double[] boxes;

    private final @Nullable Clearing[] clearings;

    /** @param width of the field, in mm */
    Obstacles(List<PlacedForm> list, double width) {
        bodies = list.toArray(PlacedForm[]::new);
        boxes = new double[4 * bodies.length];
        clearings = new Clearing[bodies.length];
        for (var k = 0; k < bodies.length; k++) {
            var body = bodies[k];
            boxes[4 * k] = body.minX;
            boxes[4 * k + 1] = body.maxX;
            boxes[4 * k + 2] = body.minY;
            boxes[4 * k + 3] = body.maxY;
            if (body.maxX - body.minX > LARGE * width) clearings[k] = new Clearing(body);
        }
    }

    int count() {
        return bodies.length;
    }

    PlacedForm get(int k) {
        return bodies[k];
    }

    /** False where a body certainly lies clear of one. */
    boolean isNear(PlacedForm body, int k) {
        var at = 4 * k;
        if (boxes[at] >= body.maxX
                || boxes[at + 1] <= body.minX
                || boxes[at + 2] >= body.maxY
                || boxes[at + 3] <= body.minY) return false;
        var clearing = clearings[k];
        return clearing == null || !clearing.has(body.minX, body.minY, body.maxX, body.maxY);
    }

    /** Whether a body lies in none of them. */
    public boolean isFree(PlacedForm body, Collider collider) {
        for (var k = 0; k < bodies.length; k++) if (isNear(body, k) && collider.collide(body, bodies[k])) return false;
        return true;
    }
}
