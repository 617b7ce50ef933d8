package welumen.trace;

import java.util.List;
import java.util.Optional;
import welumen.shape.Point;

/** A line or a circle through points, by the least squares of their distances. */
sealed interface Fitted {
    /** How far a point lies from it, in mm. */
    double off(Point point);

    Point nearest(Point point);

    /** @param x direction, of length 1 */
    record Straight(Point through, double dx, double dy) implements Fitted {
        @Override
        public double off(Point point) {
            return Math.abs((point.x() - through.x()) * dy - (point.y() - through.y()) * dx);
        }

        @Override
        public Point nearest(Point point) {
            var along = (point.x() - through.x()) * dx + (point.y() - through.y()) * dy;
            return new Point(through.x() + along * dx, through.y() + along * dy);
        }
    }

    record Round(Point centre, double radius) implements Fitted {
        @Override
        public double off(Point point) {
            return Math.abs(centre.to(point) - radius);
        }

        @Override
        public Point nearest(Point point) {
            var away = Math.max(1e-9, centre.to(point));
            return centre.plus(point.minus(centre).times(radius / away));
        }
    }

    /** By the axis of the points' moments. */
    static Straight line(List<Point> points) {
        var mx = points.stream().mapToDouble(Point::x).average().orElseThrow();
        var my = points.stream().mapToDouble(Point::y).average().orElseThrow();
        double xx = 0, xy = 0, yy = 0;
        for (var point : points) {
            xx += (point.x() - mx) * (point.x() - mx);
            xy += (point.x() - mx) * (point.y() - my);
            yy += (point.y() - my) * (point.y() - my);
        }
        var turn = 0.5 * Math.atan2(2 * xy, xx - yy);
        var along = points.getLast().minus(points.getFirst());
        var sign = Math.cos(turn) * along.x() + Math.sin(turn) * along.y() < 0 ? -1 : 1;
        return new Straight(new Point(mx, my), sign * Math.cos(turn), sign * Math.sin(turn));
    }

    /** From the algebraic fit (Kåsa, 1976) on by the distances themselves; empty where the points lie on a line. */
    static Optional<Round> circle(List<Point> points) {
        var middle = points.stream().reduce(new Point(0, 0), Point::plus).times(1.0 / points.size());
        var rows = new double[points.size()][];
        var values = new double[points.size()];
        for (var i = 0; i < rows.length; i++) {
            var p = points.get(i).minus(middle);
            rows[i] = new double[] {p.x(), p.y(), 1};
            values[i] = p.x() * p.x() + p.y() * p.y();
        }
        var terms = LeastSquares.solve(rows, values);
        var squared = terms[2] + (terms[0] * terms[0] + terms[1] * terms[1]) / 4;
        if (!(squared > 0) || squared > 1e9) return Optional.empty();
        double[] start = {terms[0] / 2, terms[1] / 2, Math.sqrt(squared)};
        var found = LeastSquares.search(start, new double[] {1e-4, 1e-4, 1e-4}, rows.length, (now, misfits) -> {
            for (var i = 0; i < misfits.length; i++)
                misfits[i] = Math.hypot(rows[i][0] - now[0], rows[i][1] - now[1]) - now[2];
        });
        var best = found.terms();
        if (!(best[2] > 0) || best[2] > 3e4) return Optional.empty();
        return Optional.of(new Round(new Point(middle.x() + best[0], middle.y() + best[1]), best[2]));
    }

    /** Where two of them cross, nearest to a point; empty where they do not, or only graze. */
    static Optional<Point> crossing(Fitted one, Fitted other, Point near) {
        return switch (one) {
            case Straight a ->
                switch (other) {
                    case Straight b -> cross(a, b);
                    case Round b -> cross(a, b, near);
                };
            case Round a ->
                switch (other) {
                    case Straight b -> cross(b, a, near);
                    case Round b -> cross(a, b, near);
                };
        };
    }

    /** Sine of the least angle at which a crossing is sure. */
    double GRAZES = 0.1;

    private static Optional<Point> cross(Straight a, Straight b) {
        var sine = a.dx() * b.dy() - a.dy() * b.dx();
        if (Math.abs(sine) < GRAZES) return Optional.empty();
        var off = b.through().minus(a.through());
        var t = (off.x() * b.dy() - off.y() * b.dx()) / sine;
        return Optional.of(new Point(a.through().x() + t * a.dx(), a.through().y() + t * a.dy()));
    }

    private static Optional<Point> cross(Straight a, Round b, Point near) {
        var foot = a.nearest(b.centre());
        var away = foot.to(b.centre());
        var half = Math.sqrt(Math.max(0, b.radius() * b.radius() - away * away));
        if (away >= b.radius() || half / b.radius() < GRAZES) return Optional.empty();
        var step = new Point(half * a.dx(), half * a.dy());
        return Optional.of(nearer(foot.plus(step), foot.minus(step), near));
    }

    private static Optional<Point> cross(Round a, Round b, Point near) {
        var apart = a.centre().to(b.centre());
        if (apart < 1e-9) return Optional.empty();
        var along = (apart * apart + a.radius() * a.radius() - b.radius() * b.radius()) / (2 * apart);
        var squared = a.radius() * a.radius() - along * along;
        if (squared <= 0) return Optional.empty();
        var half = Math.sqrt(squared);
        // the sine of the angle between the circles, from the triangle of their centres
        if (half * apart / (a.radius() * b.radius()) < GRAZES) return Optional.empty();
        var way = b.centre().minus(a.centre()).times(1 / apart);
        var foot = a.centre().plus(way.times(along));
        var step = new Point(-way.y() * half, way.x() * half);
        return Optional.of(nearer(foot.plus(step), foot.minus(step), near));
    }

    private static Point nearer(Point one, Point other, Point to) {
        return one.to(to) <= other.to(to) ? one : other;
    }
}
