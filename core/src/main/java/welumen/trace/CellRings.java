package welumen.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import welumen.shape.Point;

/** Walks round a field of cells along their sides, the field to the left. */
final class CellRings {
    /** Steps east, north, west, south. */
    private static final int[] DX = {1, 0, -1, 0};

    private static final int[] DY = {0, 1, 0, -1};

    private CellRings() {}

    /** All rings, the longest first; those round the field run counter-clockwise, those round its holes clockwise. */
    static List<List<Point>> round(boolean[] field, FloorRaster floor) {
        var rings = new ArrayList<List<Point>>();
        var walked = new HashSet<Long>();
        for (var row = 0; row <= floor.rows(); row++)
            for (var column = 0; column < floor.columns(); column++)
                // a side that runs east has the field above it and none below
                if (is(field, floor, column, row) && !is(field, floor, column, row - 1) && walked.add(key(column, row)))
                    rings.add(walk(field, floor, column, row, walked));
        rings.sort(Comparator.comparingInt((List<Point> ring) -> -ring.size()));
        return rings;
    }

    private static long key(int column, int row) {
        return (long) row << 32 | column;
    }

    private static List<Point> walk(boolean[] field, FloorRaster floor, int startX, int startY, HashSet<Long> walked) {
        var ring = new ArrayList<Point>();
        var x = startX;
        var y = startY;
        var way = 0;
        do {
            ring.add(new Point(floor.left() + x * floor.cell(), floor.low() + y * floor.cell()));
            if (way == 0) walked.add(key(x, y));
            x += DX[way];
            y += DY[way];
            way = turn(field, floor, x, y, way);
        } while (x != startX || y != startY || way != 0);
        return ring;
    }

    /** Left where the field ends ahead on the left, right where it also lies ahead on the right, else straight on. */
    private static int turn(boolean[] field, FloorRaster floor, int x, int y, int way) {
        var leftWay = (way + 1) % 4;
        var left = ahead(field, floor, x, y, way, leftWay);
        var right = ahead(field, floor, x, y, way, (way + 3) % 4);
        if (!left) return leftWay;
        return right ? (way + 3) % 4 : way;
    }

    /** Whether the cell ahead of a corner, on one side of the way, is of the field. */
    private static boolean ahead(boolean[] field, FloorRaster floor, int x, int y, int way, int side) {
        var dx = DX[way] + DX[side];
        var dy = DY[way] + DY[side];
        return is(field, floor, dx > 0 ? x : x - 1, dy > 0 ? y : y - 1);
    }

    private static boolean is(boolean[] field, FloorRaster floor, int column, int row) {
        return column >= 0
                && row >= 0
                && column < floor.columns()
                && row < floor.rows()
                && field[row * floor.columns() + column];
    }
}
