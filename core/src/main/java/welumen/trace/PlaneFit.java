package welumen.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import welumen.shape.Point;
import welumen.trace.Target.Pixel;

/**
 * The plane on which targets of one known size lie at places that nobody knows: perspective, lens and the place of every
 * target are solved together by least squares on all places of all sides. A target that does not fit the others, since it
 * is creased or half covered, is taken out.
 *
 * @param used the targets that were kept
 * @param squares their corners on the plane as they lie, in the order of {@code used}
 * @param left the numbers of those that were taken out
 * @param residual the root mean square misfit of their corners, in mm
 */
record PlaneFit(Plane plane, List<TargetSides> used, List<List<Point>> squares, List<Integer> left, double residual) {
    /** Targets below which the plane is not sure. */
    static final int FEWEST = 4;

    private static final int PERSPECTIVE = 8;
    private static final int LENS = 2;
    private static final int POSE = 3;
    private static final double STRAY_TIMES = 3;
    private static final double STRAY_MM = 0.35;
    /** F value by which a lens term must better the fit to be carried by the data. */
    private static final double CARRIED = 12;
    /** Neighbouring places on a side that err alike, and count as one. */
    private static final double ALIKE = 6;

    /** @param sides as many as there are, {@value #FEWEST} at least */
    static PlaneFit of(int width, int height, List<TargetSides> sides, double targetMm) {
        var used = new ArrayList<>(sides);
        var left = new ArrayList<Integer>();
        while (true) {
            var solver = new Solver(width, height, used, targetMm);
            var terms = solver.solve();
            var off = IntStream.range(0, used.size())
                    .mapToDouble(i -> solver.off(terms, i))
                    .toArray();
            var sorted = off.clone();
            Arrays.sort(sorted);
            var usual = sorted[(sorted.length - 1) / 2];
            var worst = IntStream.range(0, off.length)
                    .boxed()
                    .max(Comparator.comparingDouble(i -> off[i]))
                    .orElseThrow();
            if (used.size() == FEWEST || off[worst] < Math.max(STRAY_MM, STRAY_TIMES * usual))
                return solver.fit(terms, left);
            left.add(used.remove((int) worst).target().number());
        }
    }

    /** One solution for one set of targets. Terms: perspective, lens, then shift and turn of each target but the first. */
    private static final class Solver {
        private final int width;
        private final int height;
        private final List<TargetSides> used;
        private final double half;

        Solver(int width, int height, List<TargetSides> used, double targetMm) {
            this.width = width;
            this.height = height;
            this.used = used;
            this.half = targetMm / 2;
        }

        double[] solve() {
            var plain = search(begun(), 0, 1);
            var once = search(plain.terms(), 1, 1);
            if (!isCarried(plain.sum(), once.sum())) return plain.terms();
            var twice = search(once.terms(), 2, 1);
            return isCarried(once.sum(), twice.sum()) ? twice.terms() : once.terms();
        }

        private boolean isCarried(double before, double after) {
            var free = count(1) / ALIKE - (PERSPECTIVE + LENS + POSE * (used.size() - 1));
            return (before - after) / (after / Math.max(1, free)) > CARRIED;
        }

        /** From one target near the middle outward: the next nearest joins where the plane so far puts it. */
        private double[] begun() {
            var middle = new Pixel(width / 2.0, height / 2.0);
            used.sort(Comparator.comparingDouble(
                    one -> one.target().middle().to(middle) / one.target().side()));
            var terms = new double[PERSPECTIVE + LENS + POSE * (used.size() - 1)];
            var first = new Plane(width, height, terms, new double[LENS]);
            System.arraycopy(perspective(used.getFirst()), 0, terms, 0, PERSPECTIVE);
            for (var joined = 1; joined < used.size(); joined++) {
                var plane = new Plane(width, height, terms, first.bend());
                place(plane, joined, terms);
                terms = searchFew(terms, joined + 1);
            }
            return terms;
        }

        /** The perspective that puts one target's corners on a square about the origin. */
        private double[] perspective(TargetSides sides) {
            var corners = sides.corners().orElseThrow();
            var rows = new double[8][];
            var values = new double[8];
            var radius = Math.hypot(width, height) / 2;
            for (var i = 0; i < 4; i++) {
                var u = (corners.get(i).x() - width / 2.0) / radius;
                var v = (corners.get(i).y() - height / 2.0) / radius;
                var x = corner(i).x();
                var y = corner(i).y();
                rows[2 * i] = new double[] {u, v, 1, 0, 0, 0, -u * x, -v * x};
                rows[2 * i + 1] = new double[] {0, 0, 0, u, v, 1, -u * y, -v * y};
                values[2 * i] = x;
                values[2 * i + 1] = y;
            }
            return LeastSquares.solve(rows, values);
        }

        /** Clockwise from the upper left, as the corners of a target run. */
        private Point corner(int i) {
            return new Point(i == 1 || i == 2 ? half : -half, i < 2 ? half : -half);
        }

        private void place(Plane plane, int target, double[] terms) {
            var corners = used.get(target).corners().orElseThrow().stream()
                    .map(corner -> plane.toPlane(corner.x(), corner.y()))
                    .toList();
            var at = pose(target);
            terms[at] = corners.stream().mapToDouble(Point::x).average().orElseThrow();
            terms[at + 1] = corners.stream().mapToDouble(Point::y).average().orElseThrow();
            var along = corners.get(1).minus(corners.get(0));
            terms[at + 2] = Math.atan2(along.y(), along.x());
        }

        private static int pose(int target) {
            return PERSPECTIVE + LENS + POSE * (target - 1);
        }

        private double[] searchFew(double[] terms, int targets) {
            var some = new Solver(width, height, used.subList(0, targets), 2 * half);
            var size = PERSPECTIVE + LENS + POSE * (targets - 1);
            var found = some.search(Arrays.copyOf(terms, size), 0, 5).terms();
            var all = terms.clone();
            System.arraycopy(found, 0, all, 0, size);
            return all;
        }

        /** @param lens how many lens terms are free; @param every of the places which are looked at */
        private LeastSquares.Found search(double[] terms, int lens, int every) {
            var free = IntStream.range(0, terms.length)
                    .filter(i -> i < PERSPECTIVE || i >= PERSPECTIVE + LENS || i < PERSPECTIVE + lens)
                    .toArray();
            var start = Arrays.stream(free).mapToDouble(i -> terms[i]).toArray();
            var steps = Arrays.stream(free).mapToDouble(Solver::step).toArray();
            var found = LeastSquares.search(
                    start, steps, count(every), (some, misfits) -> misfits(spread(terms, free, some), every, misfits));
            return new LeastSquares.Found(spread(terms, free, found.terms()), found.sum());
        }

        private static double[] spread(double[] terms, int[] free, double[] some) {
            var all = terms.clone();
            for (var i = 0; i < free.length; i++) all[free[i]] = some[i];
            return all;
        }

        private static double step(int term) {
            if (term < 6) return 1e-3;
            if (term < PERSPECTIVE + LENS) return 1e-7;
            return (term - PERSPECTIVE - LENS) % POSE == 2 ? 1e-7 : 1e-4;
        }

        private int count(int every) {
            var count = 0;
            for (var one : used) for (var side : one.sides()) count += (side.size() + every - 1) / every;
            return count;
        }

        private void misfits(double[] terms, int every, double[] misfits) {
            var plane = plane(terms);
            var next = 0;
            for (var target = 0; target < used.size(); target++)
                for (var side = 0; side < 4; side++) {
                    var places = used.get(target).sides().get(side);
                    for (var i = 0; i < places.size(); i += every)
                        misfits[next++] = misfit(plane, terms, target, side, places.get(i));
                }
        }

        /** How far outside its side a place lies, in mm. */
        private double misfit(Plane plane, double[] terms, int target, int side, Pixel place) {
            var local = local(plane.toPlane(place.x(), place.y()), terms, target);
            return switch (side) {
                case 0 -> local.y() - half;
                case 1 -> local.x() - half;
                case 2 -> -local.y() - half;
                default -> -local.x() - half;
            };
        }

        private Point local(Point point, double[] terms, int target) {
            if (target == 0) return point;
            var at = pose(target);
            var cos = Math.cos(terms[at + 2]);
            var sin = Math.sin(terms[at + 2]);
            var x = point.x() - terms[at];
            var y = point.y() - terms[at + 1];
            return new Point(x * cos + y * sin, y * cos - x * sin);
        }

        private Plane plane(double[] terms) {
            return new Plane(
                    width,
                    height,
                    Arrays.copyOf(terms, PERSPECTIVE),
                    Arrays.copyOfRange(terms, PERSPECTIVE, PERSPECTIVE + LENS));
        }

        /** The root mean square of one target's misfits in mm. */
        double off(double[] terms, int target) {
            var plane = plane(terms);
            var sum = 0.0;
            var count = 0;
            for (var side = 0; side < 4; side++)
                for (var place : used.get(target).sides().get(side)) {
                    sum += Math.pow(misfit(plane, terms, target, side, place), 2);
                    count++;
                }
            return Math.sqrt(sum / count);
        }

        PlaneFit fit(double[] terms, List<Integer> left) {
            var plane = plane(terms);
            var squares = new ArrayList<List<Point>>();
            var sum = 0.0;
            for (var target = 0; target < used.size(); target++) {
                var square = new ArrayList<Point>();
                for (var i = 0; i < 4; i++) square.add(there(corner(i), terms, target));
                squares.add(square);
                var seen = flat(plane, used.get(target)).corners().orElseThrow();
                for (var i = 0; i < 4; i++)
                    sum += Math.pow(new Point(seen.get(i).x(), seen.get(i).y()).to(square.get(i)), 2);
            }
            return new PlaneFit(
                    plane, List.copyOf(used), squares, List.copyOf(left), Math.sqrt(sum / (4 * used.size())));
        }

        /** On the plane sides are straight, in the photo the lens bends them. */
        private static TargetSides flat(Plane plane, TargetSides seen) {
            var sides = seen.sides().stream()
                    .map(side -> side.stream()
                            .map(place -> plane.toPlane(place.x(), place.y()))
                            .map(at -> new Pixel(at.x(), at.y()))
                            .toList())
                    .toList();
            return new TargetSides(seen.target(), sides, seen.width());
        }

        private Point there(Point local, double[] terms, int target) {
            if (target == 0) return local;
            var at = pose(target);
            var cos = Math.cos(terms[at + 2]);
            var sin = Math.sin(terms[at + 2]);
            return new Point(
                    local.x() * cos - local.y() * sin + terms[at], local.x() * sin + local.y() * cos + terms[at + 1]);
        }
    }
}
