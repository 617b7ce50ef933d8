package welumen.trace;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import welumen.shape.Box;
import welumen.shape.Point;

/**
 * The plane as a picture of its own: cells of equal size in mm, each with the mean light of what a photo shows there.
 *
 * @param light red, green and blue of each cell, row by row from the lower left
 * @param isSeen whether a cell lies in the photo
 */
record FloorRaster(double left, double low, double cell, int columns, int rows, float[][] light, boolean[] isSeen) {
    private static final double FINEST_MM = 1;
    private static final double MOST_CELLS = 2.5e6;
    /** Reach beyond the targets, as a share of their box. */
    private static final double BEYOND = 0.15;
    /** Cells over which the lens bends nothing. */
    private static final int STRETCH = 8;

    static FloorRaster of(Picture picture, PlaneFit fit) {
        var box = region(picture, fit);
        var cell = Math.max(FINEST_MM, Math.sqrt(box.area() / MOST_CELLS));
        var columns = Math.max(1, (int) (box.width() / cell));
        var rows = Math.max(1, (int) (box.height() / cell));
        var light = new float[3][columns * rows];
        var isSeen = new boolean[columns * rows];
        Arrays.fill(isSeen, true);
        var floor = new FloorRaster(box.minX(), box.minY(), cell, columns, rows, light, isSeen);
        var inverse = fit.plane().inverse();
        IntStream.range(0, rows).parallel().forEach(row -> {
            for (var line = row + 0.25; line < row + 1; line += 0.5)
                for (var from = 0; from < columns; from += STRETCH)
                    floor.look(picture, fit.plane(), inverse, line, from, Math.min(columns, from + STRETCH));
        });
        return floor;
    }

    /** Two places in each cell of a stretch, evenly between those in the photo at which its ends are seen. */
    private void look(Picture picture, Plane plane, double[] inverse, double line, int from, int to) {
        var y = low + line * cell;
        var start = plane.toPicture(left + from * cell, y, inverse);
        var end = plane.toPicture(left + to * cell, y, inverse);
        var across = (end.x() - start.x()) / (2 * (to - from));
        var down = (end.y() - start.y()) / (2 * (to - from));
        for (var place = 0; place < 2 * (to - from); place++) {
            var px = start.x() + (place + 0.5) * across;
            var py = start.y() + (place + 0.5) * down;
            var at = (int) line * columns + from + place / 2;
            isSeen[at] &= picture.contains(px, py);
            var pixel = picture.nearest(px, py);
            for (var channel = 0; channel < 3; channel++) light[channel][at] += Picture.light(pixel, channel) / 4;
        }
    }

    /** The targets' box, widened, as far as the photo shows it. */
    private static Box region(Picture picture, PlaneFit fit) {
        var targets = Box.of(fit.squares().stream().flatMap(List::stream).toList());
        var more = BEYOND * Math.max(targets.width(), targets.height());
        double minX = Double.MAX_VALUE, minY = Double.MAX_VALUE, maxX = -Double.MAX_VALUE, maxY = -Double.MAX_VALUE;
        for (var i = 0; i <= 20; i++)
            for (var side = 0; side < 4; side++) {
                var along = i / 20.0;
                var x = side < 2 ? along * picture.width() : (side - 2) * picture.width();
                var y = side < 2 ? side * picture.height() : along * picture.height();
                var at = fit.plane().toPlane(x, y);
                minX = Math.min(minX, at.x());
                minY = Math.min(minY, at.y());
                maxX = Math.max(maxX, at.x());
                maxY = Math.max(maxY, at.y());
            }
        return new Box(
                Math.max(minX, targets.minX() - more),
                Math.max(minY, targets.minY() - more),
                Math.min(maxX, targets.maxX() + more),
                Math.min(maxY, targets.maxY() + more));
    }

    int size() {
        return columns * rows;
    }

    Point middle(int at) {
        return new Point(left + (at % columns + 0.5) * cell, low + (at / columns + 0.5) * cell);
    }

    /** The cell in which a place lies; below nought where it lies outside. */
    int at(double x, double y) {
        var column = (int) Math.floor((x - left) / cell);
        var row = (int) Math.floor((y - low) / cell);
        return column < 0 || row < 0 || column >= columns || row >= rows ? -1 : row * columns + column;
    }
}
