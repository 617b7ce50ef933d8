package welumen.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/**
 * The line on which a piece is cut: every edge moved out by its own allowance. It is the edge of the union of the piece,
 * a strip along each stretch of each edge, and a mitre in each outer corner; so at an inside corner the strips end where
 * they meet, and no allowance ever crosses another. A mitre longer than {@link #MITRE_LIMIT} times the allowance is
 * clipped square.
 *
 * <p>Every result is checked: it covers the piece, it reaches out as far as each allowance says, and nowhere further
 * than the longest mitre. Exact but for rounding, below 1e-6 mm on pieces up to 10 m; O(n log n) in the points.
 */
public final class CuttingLine {
    /** How far a mitre may stand out, in allowances. */
    public static final double MITRE_LIMIT = 3;

    private static final int KEPT = 200;
    private static final double STRAIGHT = 1e-9;
    private static final double FLOWS = Math.cos(Math.toRadians(25));
    private static final double ROUNDING = 1e-6;

    private CuttingLine() {}

    /** The lines of the pieces that were asked for last: one redraw asks for each several times. */
    private static final Map<Piece, Outline> LAST = Collections.synchronizedMap(new LinkedHashMap<>() {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Piece, Outline> eldest) {
            return size() > KEPT;
        }
    });

    /** @throws IllegalStateException if the check finds the line wrong, which is a fault of the program */
    public static Outline of(Piece piece) {
        return LAST.computeIfAbsent(piece, CuttingLine::drawn);
    }

    private static Outline drawn(Piece piece) {
        var stretches = stretches(piece);
        var parts = new ArrayList<Geometry>();
        parts.add(Planar.polygon(piece.net()));
        for (var from = 0; from < stretches.size(); ) {
            var to = from + 1;
            while (to < stretches.size() && flowsOn(stretches.get(to - 1), stretches.get(to))) to++;
            strips(stretches.subList(from, to), parts);
            add(parts, corner(stretches.get(to - 1), stretches.get(to % stretches.size())));
            from = to;
        }
        var cut = Planar.largest(OverlayNGRobust.union(parts))
                .orElseThrow(() -> new IllegalStateException("The cutting line came out empty."));
        var line = Planar.outline((Polygon) TopologyPreservingSimplifier.simplify(cut, ROUNDING));
        check(piece, stretches, line);
        return line;
    }

    /** The area that these pieces take with their allowances, each as often as it is cut, in mm². */
    public static double area(List<Piece> pieces) {
        return pieces.stream()
                .mapToDouble(piece -> of(piece).area() * piece.pairing().count())
                .sum();
    }

    /** A straight stretch of an edge, from a to b, with the unit normal that points out of the piece. */
    private record Stretch(Point a, Point b, double allowance, Point out) {
        static Stretch of(Point a, Point b, double allowance) {
            var along = b.minus(a).times(1 / a.to(b));
            return new Stretch(a, b, allowance, new Point(along.y(), -along.x()));
        }

        Point movedA() {
            return a.plus(out.times(allowance));
        }

        Point movedB() {
            return b.plus(out.times(allowance));
        }

        List<Point> strip() {
            return List.of(a, movedA(), movedB(), b);
        }
    }

    private static List<Stretch> stretches(Piece piece) {
        var stretches = new ArrayList<Stretch>();
        for (var i = 0; i < piece.edges().size(); i++) {
            var run = piece.run(i);
            for (var j = 1; j < run.size(); j++)
                stretches.add(Stretch.of(
                        run.get(j - 1), run.get(j), piece.edges().get(i).cutMm()));
        }
        return stretches;
    }

    /** Whether a stretch goes on from another in a curve, with the same allowance. */
    private static boolean flowsOn(Stretch here, Stretch next) {
        var cos = here.out().x() * next.out().x() + here.out().y() * next.out().y();
        return here.allowance() == next.allowance() && cos > FLOWS;
    }

    /**
     * What lies along a curve: one band whose outer side is mitred from stretch to stretch. Where it is bent too tightly for
     * that, and the band would cross itself, a strip along each stretch and a mitre between.
     */
    private static void strips(List<Stretch> curve, List<Geometry> parts) {
        if (curve.getFirst().allowance() == 0) return;
        var band = band(curve);
        if (band != null) {
            parts.add(band);
            return;
        }
        for (var i = 0; i < curve.size(); i++) {
            add(parts, curve.get(i).strip());
            if (i + 1 < curve.size()) add(parts, corner(curve.get(i), curve.get(i + 1)));
        }
    }

    private static @Nullable Geometry band(List<Stretch> curve) {
        var ring = new ArrayList<Point>();
        for (var stretch : curve) ring.add(stretch.a());
        ring.add(curve.getLast().b());
        ring.add(curve.getLast().movedB());
        for (var i = curve.size() - 2; i >= 0; i--) {
            var here = curve.get(i);
            var next = curve.get(i + 1);
            var turn = here.out().x() * next.out().y()
                    - here.out().y() * next.out().x();
            ring.add(Math.abs(turn) < STRAIGHT ? here.movedB() : meeting(here, next, turn));
        }
        ring.add(curve.getFirst().movedA());
        return Outline.ofRing(ring).understood().<Geometry>map(Planar::polygon).orElse(null);
    }

    /** What fills the outer corner between two stretches: a mitre, clipped where it would stand out too far. */
    private static List<Point> corner(Stretch here, Stretch next) {
        var turn = here.out().x() * next.out().y() - here.out().y() * next.out().x();
        var reach = Math.max(here.allowance(), next.allowance());
        if (turn <= STRAIGHT || reach == 0) return List.of();
        var tip = meeting(here, next, turn);
        var limit = MITRE_LIMIT * reach;
        if (tip.to(here.b()) <= limit) return List.of(here.b(), here.movedB(), tip, next.movedA());
        var share = (limit - reach) / (tip.to(here.b()) - reach);
        return List.of(
                here.b(),
                here.movedB(),
                between(here.movedB(), tip, share),
                between(next.movedA(), tip, share),
                next.movedA());
    }

    private static Point between(Point from, Point to, double share) {
        return from.plus(to.minus(from).times(share));
    }

    /** Where the two moved lines cross. */
    private static Point meeting(Stretch here, Stretch next, double turn) {
        var p = here.b();
        return new Point(
                p.x()
                        + (here.allowance() * next.out().y()
                                        - next.allowance() * here.out().y())
                                / turn,
                p.y()
                        + (next.allowance() * here.out().x()
                                        - here.allowance() * next.out().x())
                                / turn);
    }

    private static void add(List<Geometry> parts, List<Point> corners) {
        if (corners.size() < 3) return;
        Outline.ofRing(corners).understood().ifPresent(outline -> parts.add(Planar.polygon(outline)));
    }

    /** Measures the line again by distances alone, without the construction above. */
    private static void check(Piece piece, List<Stretch> stretches, Outline line) {
        var cut = Planar.polygon(line);
        var net = Planar.polygon(piece.net());
        var widest = stretches.stream().mapToDouble(Stretch::allowance).max().orElse(0);
        if (net.difference(cut).getArea() > ROUNDING * net.getLength())
            throw new IllegalStateException("The cutting line of [%s] cuts into the piece.".formatted(piece.name()));
        var toNet = new IndexedFacetDistance(net);
        var toCut = new IndexedFacetDistance(cut);
        for (var corner : cut.getExteriorRing().getCoordinates())
            if (toNet.distance(Planar.FACTORY.createPoint(corner)) > widest * MITRE_LIMIT + ROUNDING)
                throw new IllegalStateException(
                        "The cutting line of [%s] strays at (%s, %s).".formatted(piece.name(), corner.x, corner.y));
        for (var stretch : stretches) {
            var middle =
                    between(stretch.a(), stretch.b(), 0.5).plus(stretch.out().times(stretch.allowance()));
            var at = Planar.FACTORY.createPoint(new Coordinate(middle.x(), middle.y()));
            if (toCut.distance(at) > 10 * ROUNDING && !cut.contains(at))
                throw new IllegalStateException("The cutting line of [%s] falls short of the allowance at (%s, %s)."
                        .formatted(piece.name(), middle.x(), middle.y()));
        }
    }
}
