package welumen.standins.camera;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

/**
 * How far a traced outline is from the true one, once it has been shifted and turned onto it: from every start, to the
 * nearest points again and again (Besl and McKay, 1992), and then along the edges (Chen and Medioni, 1992), without which
 * a round shape hardly turns.
 */
public record Laid(double meanMm, double within95Mm) {
    private static final int STARTS = 72;
    private static final int ROUNDS = 40;

    public static Laid over(Shape truth, Shape traced) {
        var seen = every(traced.outline().corners(), 4);
        var there = truth.outline().corners();
        var best = seen;
        for (var start = 0; start < STARTS; start++) {
            var turned = turned(seen, Planar.centroid(traced), Planar.centroid(truth), 2 * Math.PI * start / STARTS);
            if (start == 0 || off(turned, there, 8) < off(best, there, 8)) best = turned;
        }
        for (var round = 0; round < ROUNDS; round++) best = nearer(best, there);
        for (var round = 0; round < ROUNDS; round++) best = slid(best, there);
        var distances = best.stream()
                .mapToDouble(point -> nearest(point, there).to(point))
                .sorted()
                .toArray();
        return new Laid(Arrays.stream(distances).average().orElseThrow(), distances[(int) (0.95 * distances.length)]);
    }

    private static double off(List<Point> ring, List<Point> truth, int every) {
        var sum = 0.0;
        for (var i = 0; i < ring.size(); i += every)
            sum += Math.pow(nearest(ring.get(i), truth).to(ring.get(i)), 2);
        return sum;
    }

    private static List<Point> nearer(List<Point> ring, List<Point> truth) {
        var there = ring.stream().map(point -> nearest(point, truth)).toList();
        var from = middle(ring);
        var to = middle(there);
        double cos = 0, sin = 0;
        for (var i = 0; i < ring.size(); i++) {
            var a = ring.get(i).minus(from);
            var b = there.get(i).minus(to);
            cos += a.x() * b.x() + a.y() * b.y();
            sin += a.x() * b.y() - a.y() * b.x();
        }
        return turned(ring, from, to, Math.atan2(sin, cos));
    }

    /** Turned and shifted so that what is off across the edges gets least: a turn and a shift from three equations. */
    private static List<Point> slid(List<Point> ring, List<Point> truth) {
        var middle = middle(ring);
        var normal = new double[3][4];
        for (var point : ring) {
            var there = nearest(point, truth);
            var off = point.minus(there);
            var far = Math.hypot(off.x(), off.y());
            if (far < 1e-9) continue;
            var across = off.times(1 / far);
            var arm = point.minus(middle);
            double[] row = {across.y() * arm.x() - across.x() * arm.y(), across.x(), across.y()};
            for (var i = 0; i < 3; i++) {
                for (var k = 0; k < 3; k++) normal[i][k] += row[i] * row[k];
                normal[i][3] -= row[i] * far;
            }
        }
        var step = solved(normal);
        var next = turned(ring, middle, middle.plus(new Point(step[1], step[2])), step[0]);
        return off(next, truth, 1) < off(ring, truth, 1) ? next : ring;
    }

    /** By elimination. */
    private static double[] solved(double[][] rows) {
        for (var i = 0; i < 3; i++)
            for (var k = 0; k < 3; k++)
                if (k != i && rows[i][i] != 0) {
                    var factor = rows[k][i] / rows[i][i];
                    for (var column = 0; column < 4; column++) rows[k][column] -= factor * rows[i][column];
                }
        var answer = new double[3];
        for (var i = 0; i < 3; i++) answer[i] = rows[i][i] == 0 ? 0 : rows[i][3] / rows[i][i];
        return answer;
    }

    private static List<Point> turned(List<Point> ring, Point from, Point to, double angle) {
        return ring.stream()
                .map(point -> point.minus(from))
                .map(point -> new Point(
                        point.x() * Math.cos(angle) - point.y() * Math.sin(angle) + to.x(),
                        point.x() * Math.sin(angle) + point.y() * Math.cos(angle) + to.y()))
                .toList();
    }

    private static Point nearest(Point point, List<Point> ring) {
        var best = ring.getFirst();
        for (var i = 0; i < ring.size(); i++) {
            var a = ring.get(i);
            var way = ring.get((i + 1) % ring.size()).minus(a);
            var length = way.x() * way.x() + way.y() * way.y();
            var off = point.minus(a);
            var t = length == 0 ? 0 : Math.clamp((off.x() * way.x() + off.y() * way.y()) / length, 0, 1);
            var here = a.plus(way.times(t));
            if (here.to(point) < best.to(point)) best = here;
        }
        return best;
    }

    private static Point middle(List<Point> ring) {
        return ring.stream().reduce(new Point(0, 0), Point::plus).times(1.0 / ring.size());
    }

    private static List<Point> every(List<Point> corners, double mm) {
        var points = new ArrayList<Point>();
        for (var i = 0; i < corners.size(); i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % corners.size());
            var parts = Math.max(1, (int) Math.ceil(a.to(b) / mm));
            for (var k = 0; k < parts; k++) points.add(a.plus(b.minus(a).times((double) k / parts)));
        }
        return points;
    }
}
