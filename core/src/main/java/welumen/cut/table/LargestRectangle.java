package welumen.cut.table;

import java.util.ArrayDeque;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import welumen.cut.stock.Stock;
import welumen.shape.Axes;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/**
 * The largest rectangle that can be cut from what is left, in any of twelve directions, on a grid of 12 mm: in each row of
 * the grid the largest rectangle under a histogram (a stack of rising bars, linear in the row). The polygon is shrunk by what
 * lies between two places of the grid, so that no flaw is lost between them and the rectangle is free in truth.
 *
 * @param outline where it lies
 * @param longMm its longer side
 */
public record LargestRectangle(Outline outline, double longMm, double wideMm) {
    private static final double GRID_MM = 12;
    private static final int WAYS = 12;

    /**
     * The largest that is at the least so long and so wide: a long strip may be larger, and yet of no use.
     *
     * @return empty where none is free
     */
    public static Optional<LargestRectangle> in(Polygon free, double leastLongMm, double leastWideMm) {
        Optional<LargestRectangle> best = Optional.empty();
        var shrunk = free.buffer(-GRID_MM * Math.sqrt(0.5));
        if (shrunk.isEmpty()) return best;
        var inside = new IndexedPointInAreaLocator(shrunk);
        var corners = Planar.points(free.getExteriorRing().getCoordinates());
        for (var way = 0; way < WAYS; way++) {
            var found = upright(
                    inside,
                    new Axes(new Point(0, 0), 180.0 / WAYS * way),
                    corners,
                    new Least(cells(leastLongMm), cells(leastWideMm)));
            if (found.isPresent()
                    && (best.isEmpty() || found.get().area() > best.get().area())) best = found;
        }
        return best;
    }

    /** Whether one so long and so wide can be cut from a stock. */
    static boolean isIn(Stock stock, double longMm, double wideMm) {
        return switch (stock) {
            case Stock.Roll roll when !roll.has(longMm, wideMm) -> false;
            case Stock.Roll roll when roll.flaws().isEmpty() -> true;
            default -> in(Planar.polygon(stock.shape()), longMm, wideMm).isPresent();
        };
    }

    /** In cells of the grid. */
    private record Least(int length, int width) {
        boolean isMet(int a, int b) {
            return Math.max(a, b) >= length && Math.min(a, b) >= width;
        }
    }

    private static int cells(double mm) {
        return (int) Math.ceil(mm / GRID_MM);
    }

    public double area() {
        return longMm * wideMm;
    }

    /** Whether so much can be cut from it, either way round. */
    public boolean holds(double aMm, double bMm) {
        return longMm >= Math.max(aMm, bMm) && wideMm >= Math.min(aMm, bMm);
    }

    private static Optional<LargestRectangle> upright(
            IndexedPointInAreaLocator inside, Axes frame, List<Point> corners, Least least) {
        var box = frame.box(corners);
        var across = (int) (box.width() / GRID_MM) + 1;
        var up = (int) (box.height() / GRID_MM) + 1;
        var high = new int[across + 1]; // the last stays nought, so that every bar ends
        var best = new int[] {0, 0, 0, 0};
        for (var row = 0; row < up; row++) {
            for (var column = 0; column < across; column++) {
                var at = frame.out(new Point(box.minX() + column * GRID_MM, box.minY() + row * GRID_MM));
                high[column] =
                        inside.locate(new Coordinate(at.x(), at.y())) == Location.EXTERIOR ? 0 : high[column] + 1;
            }
            under(high, row, least, best);
        }
        if (best[2] < 1 || best[3] < 1) return Optional.empty();
        var wide = best[2] * GRID_MM;
        var tall = best[3] * GRID_MM;
        var x = box.minX() + best[0] * GRID_MM;
        var y = box.minY() + best[1] * GRID_MM;
        var ring = Stream.of(
                        new Point(x, y), new Point(x + wide, y), new Point(x + wide, y + tall), new Point(x, y + tall))
                .map(frame::out)
                .toList();
        return Optional.of(new LargestRectangle(new Outline(ring), Math.max(wide, tall), Math.min(wide, tall)));
    }

    /** @param best its left column, its lowest row, and how many cells wide and high, each one less than its places; kept up */
    private static void under(int[] high, int row, Least least, int[] best) {
        var rising = new ArrayDeque<int[]>();
        for (var column = 0; column < high.length; column++) {
            var from = column;
            while (!rising.isEmpty() && rising.peek()[1] >= high[column]) {
                var bar = rising.pop();
                from = bar[0];
                var wide = column - bar[0] - 1;
                var tall = bar[1] - 1;
                if (least.isMet(wide, tall) && (long) wide * tall > (long) best[2] * best[3]) {
                    best[0] = bar[0];
                    best[1] = row - tall;
                    best[2] = wide;
                    best[3] = tall;
                }
            }
            if (high[column] > 0) rising.push(new int[] {from, high[column]});
        }
    }
}
