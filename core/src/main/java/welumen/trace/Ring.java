package welumen.trace;

import java.util.ArrayList;
import java.util.List;
import welumen.shape.Point;

/** Closed runs of points, the last followed by the first. */
final class Ring {
    private Ring() {}

    static double length(List<Point> ring) {
        var sum = 0.0;
        for (var i = 0; i < ring.size(); i++) sum += ring.get(i).to(ring.get((i + 1) % ring.size()));
        return sum;
    }

    /** Above nought where it runs counter-clockwise, in mm². */
    static double area(List<Point> ring) {
        var origin = ring.getFirst();
        var twice = 0.0;
        for (var i = 0; i < ring.size(); i++) {
            var a = ring.get(i).minus(origin);
            var b = ring.get((i + 1) % ring.size()).minus(origin);
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice / 2;
    }

    /** Twice its area over half its length: how wide a ring is, about; for a circle its diameter's half and more. */
    static double width(List<Point> ring) {
        return 4 * Math.abs(area(ring)) / length(ring);
    }

    /** Points at equal steps of about so many mm along it. */
    static List<Point> every(List<Point> ring, double mm) {
        var length = length(ring);
        var count = Math.max(12, (int) Math.round(length / mm));
        var points = new ArrayList<Point>(count);
        var walked = 0.0;
        var i = 0;
        var step = ring.get(0).to(ring.get(1));
        for (var k = 0; k < count; k++) {
            var wanted = length * k / count;
            while (walked + step < wanted && i < ring.size() - 1) {
                walked += step;
                i++;
                step = ring.get(i).to(ring.get((i + 1) % ring.size()));
            }
            var from = ring.get(i);
            var to = ring.get((i + 1) % ring.size());
            points.add(step == 0 ? from : from.plus(to.minus(from).times((wanted - walked) / step)));
        }
        return points;
    }

    /** Each point among its neighbours, weighed by a bell of that many mm to each side; its steps are to be nearly equal. */
    static List<Point> evened(List<Point> ring, double mm) {
        var step = length(ring) / ring.size();
        var reach = Math.min((int) Math.ceil(2.5 * mm / step), ring.size() / 4);
        var weights = new double[2 * reach + 1];
        var sum = 0.0;
        for (var k = -reach; k <= reach; k++) sum += weights[k + reach] = Math.exp(-0.5 * Math.pow(k * step / mm, 2));
        var even = new ArrayList<Point>(ring.size());
        for (var i = 0; i < ring.size(); i++) {
            double x = 0, y = 0;
            for (var k = -reach; k <= reach; k++) {
                var other = ring.get(Math.floorMod(i + k, ring.size()));
                x += other.x() * weights[k + reach];
                y += other.y() * weights[k + reach];
            }
            even.add(new Point(x / sum, y / sum));
        }
        return even;
    }

    /** The way outward at each point, of length 1, of a ring with its inside to the left. */
    static List<Point> normals(List<Point> ring) {
        var normals = new ArrayList<Point>(ring.size());
        for (var i = 0; i < ring.size(); i++) {
            var before = ring.get(Math.floorMod(i - 1, ring.size()));
            var after = ring.get((i + 1) % ring.size());
            var length = Math.max(1e-9, before.to(after));
            normals.add(new Point((after.y() - before.y()) / length, (before.x() - after.x()) / length));
        }
        return normals;
    }
}
