package welumen.trace;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;

/**
 * Lets marked regions grow over a field from its lowest cells upward, so that they meet on its ridges (Meyer, 1991). A soft
 * shadow has a low slope and is flooded from the ground; the piece's edge is the ridge.
 */
final class Watershed {
    private static final int LEVELS = 256;

    private Watershed() {}

    /** @param marks above nought where a region begins; nought where it is open, filled in; below nought where none grows */
    static void grow(float[] field, byte[] marks, int columns, int rows) {
        var most = 1e-12f;
        for (var value : field) most = Math.max(most, value);
        List<ArrayDeque<Integer>> waiting = new ArrayList<>();
        for (var level = 0; level < LEVELS; level++) waiting.add(new ArrayDeque<>());
        for (var at = 0; at < marks.length; at++)
            if (marks[at] > 0 && hasOpen(marks, at, columns)) waiting.get(0).add(at);
        for (var level = 0; level < LEVELS; level++) {
            var here = waiting.get(level);
            while (!here.isEmpty()) {
                var at = here.poll();
                for (var next : around(at, columns, marks.length)) {
                    if (next < 0 || marks[next] != 0) continue;
                    marks[next] = marks[at];
                    waiting.get(Math.max(level, (int) ((LEVELS - 1) * Math.sqrt(field[next] / most))))
                            .add(next);
                }
            }
        }
    }

    private static boolean hasOpen(byte[] marks, int at, int columns) {
        for (var next : around(at, columns, marks.length)) if (next >= 0 && marks[next] == 0) return true;
        return false;
    }

    private static int[] around(int at, int columns, int size) {
        var column = at % columns;
        return new int[] {
            column > 0 ? at - 1 : -1,
            column < columns - 1 ? at + 1 : -1,
            at - columns,
            at + columns < size ? at + columns : -1
        };
    }
}
