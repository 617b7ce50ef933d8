package welumen.cut.nest.separation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * A shape that does not change but may be turned and shifted: its sides, and circles inscribed in it, the largest first, by
 * which it is told how deep two shapes lie in each other. Its middle is the first circle's centre.
 */
public final class Form {
    /** Ends of sides, relative to the middle; side i runs from (ax, ay) to (bx, by). */
    final double[] ax;

    final double[] ay;
    final double[] bx;
    final double[] by;
    /** How far it is round the shape to the end of each side. */
    private final double[] run;
    /** Centres and radii of the inscribed circles, relative to the middle. */
    final double[] px;

    final double[] py;
    final double[] pr;
    /** The middle in the shape's own coordinates. */
    public final double middleX;

    public final double middleY;
    public final double area;
    /** The root of the root of the area. */
    final double reach;
    /** The larger side of its box. */
    final double size;

    private Form(Polygon given, List<double[]> poles) {
        // counter-clockwise, holes the other way: the shape is on the left of every side
        var polygon = (Polygon) given.norm().reverse();
        middleX = poles.getFirst()[0];
        middleY = poles.getFirst()[1];
        var sides = new ArrayList<double[]>();
        add(polygon.getExteriorRing().getCoordinates(), sides);
        for (var i = 0; i < polygon.getNumInteriorRing(); i++)
            add(polygon.getInteriorRingN(i).getCoordinates(), sides);
        var count = sides.size();
        ax = new double[count];
        ay = new double[count];
        bx = new double[count];
        by = new double[count];
        for (var i = 0; i < count; i++) {
            ax[i] = sides.get(i)[0];
            ay[i] = sides.get(i)[1];
            bx[i] = sides.get(i)[2];
            by[i] = sides.get(i)[3];
        }
        run = new double[count];
        var round = 0.0;
        for (var i = 0; i < count; i++) run[i] = round += Math.hypot(bx[i] - ax[i], by[i] - ay[i]);
        px = poles.stream().mapToDouble(pole -> pole[0] - middleX).toArray();
        py = poles.stream().mapToDouble(pole -> pole[1] - middleY).toArray();
        pr = poles.stream().mapToDouble(pole -> pole[2]).toArray();
        area = polygon.getArea();
        reach = Math.sqrt(Math.sqrt(area));
        var box = polygon.getEnvelopeInternal();
        size = Math.max(box.getWidth(), box.getHeight());
    }

    private void add(Coordinate[] ring, List<double[]> sides) {
        for (var i = 1; i < ring.length; i++)
            sides.add(new double[] {
                ring[i - 1].x - middleX, ring[i - 1].y - middleY, ring[i].x - middleX, ring[i].y - middleY
            });
    }

    /** The number of the side at a share of the way round. */
    int sideAt(double share) {
        var at = Arrays.binarySearch(run, share * run[run.length - 1]);
        return at < 0 ? Math.min(-at - 1, run.length - 1) : at;
    }

    /** The number of the side that faces another the most, the longer the better, when it is turned so. */
    int sideFacing(PlacedSide other, double turn) {
        var cos = Math.cos(turn);
        var sin = Math.sin(turn);
        // the other's way, turned back
        var wayX = (other.bx() - other.ax()) * cos + (other.by() - other.ay()) * sin;
        var wayY = (other.by() - other.ay()) * cos - (other.bx() - other.ax()) * sin;
        var best = 0;
        var least = Double.MAX_VALUE;
        for (var i = 0; i < ax.length; i++) {
            var along = (bx[i] - ax[i]) * wayX + (by[i] - ay[i]) * wayY;
            if (along >= least) continue;
            least = along;
            best = i;
        }
        return best;
    }

    /** @param most how many circles at the most */
    static Form of(Polygon polygon, int most, int across) {
        return new Form(polygon, InscribedCircles.of(polygon, most, across));
    }
}
