package welumen.trace;

import java.util.Arrays;

/**
 * Lets marked regions grow over a field from its lowest cells upward, so that they meet on its ridges (Meyer, 1991). A soft
 * shadow has a low slope and is flooded from the ground; the piece's edge is the ridge.
 */
final class Watershed {
    private static final int LEVELS = 256;

    private final byte[] marks;
    private final int columns;
    private final int[] levels;
    /** For each level the cells that wait there, as a chain: the last, and before each cell the one that came earlier. */
    private final int[] last = new int[LEVELS];

    private final int[] earlier;

    private Watershed(float[] field, byte[] marks, int columns) {
        this.marks = marks;
        this.columns = columns;
        this.earlier = new int[field.length];
        this.levels = new int[field.length];
        Arrays.fill(last, -1);
        var most = 1e-12f;
        for (var value : field) most = Math.max(most, value);
        for (var at = 0; at < field.length; at++)
            if (marks[at] == 0) levels[at] = (int) ((LEVELS - 1) * Math.sqrt(field[at] / most));
    }

    /** @param marks above nought where a region begins; nought where it is open, and filled in */
    static void grow(float[] field, byte[] marks, int columns) {
        new Watershed(field, marks, columns).grow();
    }

    private void grow() {
        for (var at = 0; at < marks.length; at++) if (marks[at] > 0 && hasOpen(at)) wait(at, 0);
        for (var level = 0; level < LEVELS; level++)
            while (last[level] >= 0) {
                var at = last[level];
                last[level] = earlier[at];
                var column = at % columns;
                if (column > 0) spread(at, at - 1, level);
                if (column < columns - 1) spread(at, at + 1, level);
                if (at >= columns) spread(at, at - columns, level);
                if (at < marks.length - columns) spread(at, at + columns, level);
            }
    }

    private void wait(int at, int level) {
        earlier[at] = last[level];
        last[level] = at;
    }

    private void spread(int from, int to, int level) {
        if (marks[to] != 0) return;
        marks[to] = marks[from];
        wait(to, Math.max(level, levels[to]));
    }

    private boolean hasOpen(int at) {
        var column = at % columns;
        return column > 0 && marks[at - 1] == 0
                || column < columns - 1 && marks[at + 1] == 0
                || at >= columns && marks[at - columns] == 0
                || at < marks.length - columns && marks[at + columns] == 0;
    }
}
