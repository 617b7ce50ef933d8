package welumen.cut.cloth;

import welumen.shape.Box;

/**
 * Lines without heads all over a box, given at some places and turning as evenly as they can between: the cosine and sine of twice
 * their angle are harmonic (Knöppel, Crane, Pinkall and Schröder, 2013), on a grid, by successive over-relaxation (Young, 1954).
 */
final class LineField {
    private static final int SWEEPS = 60;
    private static final double OVER = 1.7;
    /** Length of the mean of unit directions below which lines cross, and no direction is given. */
    private static final double LEAST = 0.5;

    private static final double ROUNDING = 1e-9;

    private final Box box;
    private final double cell;
    private final int across;
    private final int up;
    private final double[] cos;
    private final double[] sin;
    /** How much was given there. */
    private final double[] given;

    /** @param cell of its grid, which starts in the box's lower left corner */
    LineField(Box box, double cell) {
        this.box = box;
        this.cell = cell;
        across = 1 + (int) Math.ceil(box.width() / cell - ROUNDING);
        up = 1 + (int) Math.ceil(box.height() / cell - ROUNDING);
        cos = new double[across * up];
        sin = new double[across * up];
        given = new double[across * up];
    }

    /** A line of that angle, in radians, runs through that place; several through one cell are taken on the mean. */
    void give(double x, double y, double angle) {
        var at = row(y) * across + column(x);
        cos[at] += Math.cos(2 * angle);
        sin[at] += Math.sin(2 * angle);
        given[at]++;
    }

    /** What was given is spread; nothing is given any more after that. */
    void spread() {
        for (var at = 0; at < given.length; at++) {
            var length = Math.hypot(cos[at], sin[at]);
            if (length < LEAST * given[at]) given[at] = 0;
            if (given[at] == 0) continue;
            cos[at] /= length;
            sin[at] /= length;
        }
        for (var sweep = 0; sweep < SWEEPS; sweep++)
            for (var row = 0; row < up; row++)
                for (var column = 0; column < across; column++)
                    if (given[row * across + column] == 0) relax(row, column);
    }

    /** Beyond the grid's edge it goes on as it is there. */
    private void relax(int row, int column) {
        var at = row * across + column;
        var left = column == 0 ? at : at - 1;
        var right = column == across - 1 ? at : at + 1;
        var below = row == 0 ? at : at - across;
        var above = row == up - 1 ? at : at + across;
        cos[at] += OVER * ((cos[left] + cos[right] + cos[below] + cos[above]) / 4 - cos[at]);
        sin[at] += OVER * ((sin[left] + sin[right] + sin[below] + sin[above]) / 4 - sin[at]);
    }

    /** Of the line through a place, in radians, between the four nearest of the grid. */
    double angleAt(double x, double y) {
        var toRight = Math.clamp((x - box.minX()) / cell, 0, across - 1);
        var toTop = Math.clamp((y - box.minY()) / cell, 0, up - 1);
        var column = Math.min((int) toRight, across - 2);
        var row = Math.min((int) toTop, up - 2);
        return Math.atan2(
                        between(sin, row, column, toRight - column, toTop - row),
                        between(cos, row, column, toRight - column, toTop - row))
                / 2;
    }

    private double between(double[] values, int row, int column, double right, double top) {
        var at = row * across + column;
        var low = values[at] * (1 - right) + values[at + 1] * right;
        var high = values[at + across] * (1 - right) + values[at + across + 1] * right;
        return low * (1 - top) + high * top;
    }

    private int column(double x) {
        return Math.clamp(Math.round((x - box.minX()) / cell), 0, across - 1);
    }

    private int row(double y) {
        return Math.clamp(Math.round((y - box.minY()) / cell), 0, up - 1);
    }
}
