package welumen.standins.camera;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/** How far a place is from a shape's edge, below nought inside; exact near the edge, cut off at {@value #FAR} mm. */
final class EdgeMap {
    private static final double FAR = 60;
    private static final double CELL = 20;
    /** So that no cell's middle lies on an edge that was drawn at a whole mm. */
    private static final double ODD = 0.137;

    private final double left;
    private final double low;
    private final int columns;
    private final int rows;
    private final List<List<double[]>> near = new ArrayList<>();
    private final boolean[] inside;

    EdgeMap(Shape shape) {
        var box = shape.outline().box();
        left = box.minX() - FAR - CELL - ODD;
        low = box.minY() - FAR - CELL - ODD;
        columns = (int) Math.ceil((box.width() + 2 * FAR + 2 * CELL) / CELL);
        rows = (int) Math.ceil((box.height() + 2 * FAR + 2 * CELL) / CELL);
        inside = new boolean[columns * rows];
        for (var i = 0; i < columns * rows; i++) near.add(new ArrayList<>());
        add(shape.outline());
        shape.holes().forEach(this::add);
        var within = PreparedGeometryFactory.prepare(Planar.polygon(shape));
        for (var row = 0; row < rows; row++)
            for (var column = 0; column < columns; column++)
                inside[row * columns + column] = within.contains(Planar.FACTORY.createPoint(
                        new Coordinate(left + (column + 0.5) * CELL, low + (row + 0.5) * CELL)));
    }

    private void add(Outline ring) {
        var corners = ring.corners();
        for (var i = 0; i < corners.size(); i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % corners.size());
            double[] edge = {a.x(), a.y(), b.x(), b.y()};
            var fromColumn = column(Math.min(a.x(), b.x()) - FAR);
            var toColumn = column(Math.max(a.x(), b.x()) + FAR);
            var fromRow = row(Math.min(a.y(), b.y()) - FAR);
            var toRow = row(Math.max(a.y(), b.y()) + FAR);
            for (var row = fromRow; row <= toRow; row++)
                for (var column = fromColumn; column <= toColumn; column++)
                    near.get(row * columns + column).add(edge);
        }
    }

    private int column(double x) {
        return Math.clamp((long) Math.floor((x - left) / CELL), 0, columns - 1);
    }

    private int row(double y) {
        return Math.clamp((long) Math.floor((y - low) / CELL), 0, rows - 1);
    }

    double distance(double x, double y) {
        if (x < left || y < low || x >= left + columns * CELL || y >= low + rows * CELL) return FAR;
        var cell = row(y) * columns + column(x);
        var edges = near.get(cell);
        if (edges.isEmpty()) return inside[cell] ? -FAR : FAR;
        var least = FAR * FAR;
        // inside, if a line to the cell's middle, whose side is known, crosses an even number of edges
        var middleX = left + (column(x) + 0.5) * CELL;
        var middleY = low + (row(y) + 0.5) * CELL;
        var isInside = inside[cell];
        for (var edge : edges) {
            least = Math.min(least, squared(x, y, edge));
            if (crosses(x, y, middleX, middleY, edge)) isInside = !isInside;
        }
        return isInside ? -Math.sqrt(least) : Math.sqrt(least);
    }

    private static double squared(double x, double y, double[] edge) {
        double dx = edge[2] - edge[0], dy = edge[3] - edge[1];
        var length = dx * dx + dy * dy;
        var t = length == 0 ? 0 : Math.clamp(((x - edge[0]) * dx + (y - edge[1]) * dy) / length, 0, 1);
        double px = edge[0] + t * dx - x, py = edge[1] + t * dy - y;
        return px * px + py * py;
    }

    private static boolean crosses(double x, double y, double toX, double toY, double[] edge) {
        return side(x, y, toX, toY, edge[0], edge[1]) != side(x, y, toX, toY, edge[2], edge[3])
                && side(edge[0], edge[1], edge[2], edge[3], x, y) != side(edge[0], edge[1], edge[2], edge[3], toX, toY);
    }

    private static boolean side(double ax, double ay, double bx, double by, double x, double y) {
        return (bx - ax) * (y - ay) - (by - ay) * (x - ax) > 0;
    }
}
