package welumen.pattern.surface;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/**
 * A lattice of diamonds on a panel, whole at its centre line and at its lower and upper edges.
 *
 * @param wideMm of a diamond, across
 * @param highMm of a diamond, along
 * @param columns from the centre line to either side
 * @param rows from edge to edge
 */
public record Diamonds(double panelWideMm, double panelHighMm, double wideMm, double highMm, int columns, int rows) {
    /**
     * The nearest to what is wanted that closes on the panel.
     *
     * @param sideMm how long a diamond's side is to be
     * @param angle between its sides at its upper tip, in radians
     */
    public static Diamonds on(double panelWideMm, double panelHighMm, double sideMm, double angle) {
        if (!(panelWideMm > 0 && panelHighMm > 0 && sideMm > 0 && angle > 0 && angle < Math.PI))
            throw new IllegalArgumentException("Diamonds of [%s mm] at [%s] are none.".formatted(sideMm, angle));
        var wide = 2 * sideMm * Math.sin(angle / 2);
        var high = 2 * sideMm * Math.cos(angle / 2);
        var columns = (int) Math.max(1, Math.round(panelWideMm / 2 / wide));
        var rows = (int) Math.max(1, Math.round(panelHighMm / high));
        return new Diamonds(panelWideMm, panelHighMm, panelWideMm / 2 / columns, panelHighMm / rows, columns, rows);
    }

    /** A row of stitches. */
    public record Stitches(Point from, Point to) {
        double lengthMm() {
            return from.to(to);
        }
    }

    /** Every row of stitches, both ways, cut off at the panel's edges; the origin is its lower left corner. */
    public List<Stitches> stitches() {
        var rows = new ArrayList<Stitches>();
        var slope = highMm / wideMm;
        // lines y = ± slope · (x − start), whose starts lie a diamond's width apart and run through the centre
        var reach = panelHighMm / slope;
        for (var start = firstStart(reach); start < panelWideMm + reach; start += wideMm) {
            add(rows, start, slope);
            add(rows, start, -slope);
        }
        return rows;
    }

    private double firstStart(double reach) {
        var middle = panelWideMm / 2;
        return middle - Math.ceil((middle + reach) / wideMm) * wideMm;
    }

    private void add(List<Stitches> rows, double start, double slope) {
        var from = clipped(start, 0, slope);
        var to = clipped(start + panelHighMm / slope, panelHighMm, slope);
        if (from.to(to) > 1e-6 && inside(from) && inside(to)) rows.add(new Stitches(from, to));
    }

    /** A point of a line, moved along it to the panel's side where it lies outside. */
    private Point clipped(double x, double y, double slope) {
        if (x < 0) return new Point(0, y - x * slope);
        if (x > panelWideMm) return new Point(panelWideMm, y + (panelWideMm - x) * slope);
        return new Point(x, y);
    }

    private boolean inside(Point point) {
        return point.x() >= -1e-6
                && point.x() <= panelWideMm + 1e-6
                && point.y() >= -1e-6
                && point.y() <= panelHighMm + 1e-6;
    }

    public double stitchedMm() {
        return stitches().stream().mapToDouble(Stitches::lengthMm).sum();
    }

    /** Of two rows each, inside the panel or on its edge. */
    public int crossings() {
        return (2 * columns + 1) * (rows + 1) + 2 * columns * rows;
    }
}
