package welumen.cut.nest.separation;

/**
 * Where a large body that does not move certainly is not, such as all that lies outside a hide: a grid of cells that it does
 * not touch, with sums over rectangles of them, so that a box is looked up at once (summed-area table; Crow, 1984).
 */
final class Clearing {
    private static final int CELLS = 80;

    private final double minX;
    private final double minY;
    private final double cell;
    private final int across;
    private final int up;
    /** How many cells are touched left of and below a corner of the grid. */
    private final int[] touched;

    Clearing(PlacedForm body) {
        minX = body.minX;
        minY = body.minY;
        cell = Math.max(body.maxX - minX, body.maxY - minY) / CELLS;
        across = 1 + (int) ((body.maxX - minX) / cell);
        up = 1 + (int) ((body.maxY - minY) / cell);
        touched = new int[(across + 1) * (up + 1)];
        var isTouched = new boolean[across * up];
        for (var i = 0; i < body.sides; i++) touch(body.ax[i], body.ay[i], body.bx[i], body.by[i], isTouched);
        for (var row = 0; row < up; row++)
            for (var column = 0; column < across; column++)
                if (isTouched[row * across + column]
                        || body.contains(minX + (column + 0.5) * cell, minY + (row + 0.5) * cell))
                    touched[(row + 1) * (across + 1) + column + 1] = 1;
        for (var row = 1; row <= up; row++)
            for (var column = 1; column <= across; column++)
                touched[row * (across + 1) + column] += touched[row * (across + 1) + column - 1]
                        + touched[(row - 1) * (across + 1) + column]
                        - touched[(row - 1) * (across + 1) + column - 1];
    }

    /** All cells in the boxes of short stretches of a side. */
    private void touch(double ax, double ay, double bx, double by, boolean[] isTouched) {
        var stretches = 1 + (int) (Math.hypot(bx - ax, by - ay) / cell);
        for (var i = 0; i < stretches; i++) {
            var cx = ax + (bx - ax) * i / stretches;
            var cy = ay + (by - ay) * i / stretches;
            var dx = ax + (bx - ax) * (i + 1) / stretches;
            var dy = ay + (by - ay) * (i + 1) / stretches;
            for (var row = row(Math.min(cy, dy)); row <= row(Math.max(cy, dy)); row++)
                for (var column = column(Math.min(cx, dx)); column <= column(Math.max(cx, dx)); column++)
                    isTouched[row * across + column] = true;
        }
    }

    private int column(double x) {
        return Math.clamp((int) ((x - minX) / cell), 0, across - 1);
    }

    private int row(double y) {
        return Math.clamp((int) ((y - minY) / cell), 0, up - 1);
    }

    /** Whether the body touches nothing of a box that lies in its own. */
    boolean has(double lowX, double lowY, double highX, double highY) {
        var left = column(lowX);
        var right = column(highX) + 1;
        var below = row(lowY) * (across + 1);
        var above = (row(highY) + 1) * (across + 1);
        return touched[above + right] - touched[above + left] - touched[below + right] + touched[below + left] == 0;
    }
}
