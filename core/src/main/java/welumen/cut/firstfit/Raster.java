package welumen.cut.firstfit;

import java.util.BitSet;

/**
 * A coarse picture of what is taken on a sheet, to turn down most places at a glance. A cell is taken when all its
 * corners lie in what takes it; so what is turned down could hardly have been good, and what passes is tested exactly.
 */
final class Raster {
    private static final double CELLS = 30_000;

    private final double x;
    private final double y;
    private final double cell;
    private final int width;
    private final int height;
    private final BitSet taken;

    private Raster(double x, double y, double cell, int width, int height, BitSet taken) {
        this.x = x;
        this.y = y;
        this.cell = cell;
        this.width = width;
        this.height = height;
        this.taken = taken;
    }

    /** Over the box of a sheet, with what lies outside the sheet taken. */
    static Raster over(Rings sheet) {
        var cell = Math.max(1, Math.sqrt((sheet.maxX - sheet.minX) * (sheet.maxY - sheet.minY) / CELLS));
        var width = (int) Math.ceil((sheet.maxX - sheet.minX) / cell);
        var height = (int) Math.ceil((sheet.maxY - sheet.minY) / cell);
        var raster = new Raster(sheet.minX, sheet.minY, cell, width, height, new BitSet(width * height));
        raster.take(sheet, 0, 0, false);
        return raster;
    }

    Raster copy() {
        return new Raster(x, y, cell, width, height, (BitSet) taken.clone());
    }

    /** Takes what lies in a shape shifted by (dx, dy). */
    void take(Rings shape, double dx, double dy) {
        take(shape, dx, dy, true);
    }

    boolean isTaken(double px, double py) {
        var column = (int) ((px - x) / cell);
        var row = (int) ((py - y) / cell);
        return column >= 0 && row >= 0 && column < width && row < height && taken.get(row * width + column);
    }

    private void take(Rings shape, double dx, double dy, boolean inside) {
        var left = inside ? column(shape.minX + dx) : 0;
        var right = inside ? column(shape.maxX + dx) : width - 1;
        var low = inside ? row(shape.minY + dy) : 0;
        var high = inside ? row(shape.maxY + dy) : height - 1;
        if (right < left || high < low) return;
        var below = corners(shape, dx, dy, left, right, low);
        for (var row = low; row <= high; row++) {
            var above = corners(shape, dx, dy, left, right, row + 1);
            for (var column = left; column <= right; column++) {
                var i = column - left;
                if (below[i] == inside && below[i + 1] == inside && above[i] == inside && above[i + 1] == inside)
                    taken.set(row * width + column);
            }
            below = above;
        }
    }

    /** For a row of cell corners, whether each lies in the shape. */
    private boolean[] corners(Rings shape, double dx, double dy, int left, int right, int row) {
        var corners = new boolean[right - left + 2];
        for (var i = 0; i < corners.length; i++)
            corners[i] = shape.contains(x + (left + i) * cell - dx, y + row * cell - dy);
        return corners;
    }

    private int column(double px) {
        return Math.clamp((int) ((px - x) / cell), 0, width - 1);
    }

    private int row(double py) {
        return Math.clamp((int) ((py - y) / cell), 0, height - 1);
    }
}
