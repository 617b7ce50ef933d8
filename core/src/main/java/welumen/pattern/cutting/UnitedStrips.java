package welumen.pattern.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;

/**
 * The cutting line as the edge of the union of the piece, a strip along each stretch of each edge, and what fills each outer
 * corner.
 */
final class UnitedStrips {
    private static final double ROUNDING = 1e-6;

    private UnitedStrips() {}

    /** Works for any piece, at the price of a union. */
    static Outline of(Piece piece, List<OffsetSegment> stretches) {
        var parts = new ArrayList<Geometry>();
        parts.add(Planar.polygon(piece.net()));
        for (var from = 0; from < stretches.size(); ) {
            var to = from + 1;
            while (to < stretches.size() && stretches.get(to - 1).goesOn(stretches.get(to))) to++;
            strips(stretches.subList(from, to), parts);
            add(parts, stretches.get(to - 1).fill(stretches.get(to % stretches.size())));
            from = to;
        }
        var cut = Planar.largest(OverlayNGRobust.union(parts))
                .orElseThrow(() -> new IllegalStateException("The cutting line came out empty."));
        return Planar.outline((Polygon) TopologyPreservingSimplifier.simplify(cut, ROUNDING));
    }

    /**
     * What lies along a curve: one band whose outer side is mitred from stretch to stretch. Where it is bent too tightly for
     * that, and the band would cross itself, a strip along each stretch and a mitre between.
     */
    private static void strips(List<OffsetSegment> curve, List<Geometry> parts) {
        if (curve.getFirst().allowance() == 0) return;
        var band = band(curve);
        if (band.isPresent()) {
            parts.add(band.get());
            return;
        }
        for (var i = 0; i < curve.size(); i++) {
            var here = curve.get(i);
            add(parts, List.of(here.a(), here.movedA(), here.movedB(), here.b()));
            if (i + 1 < curve.size()) add(parts, here.fill(curve.get(i + 1)));
        }
    }

    private static Optional<Geometry> band(List<OffsetSegment> curve) {
        var ring = new ArrayList<Point>();
        for (var stretch : curve) ring.add(stretch.a());
        ring.add(curve.getLast().b());
        ring.add(curve.getLast().movedB());
        for (var i = curve.size() - 2; i >= 0; i--) {
            var here = curve.get(i);
            var next = curve.get(i + 1);
            ring.add(Math.abs(here.turn(next)) < OffsetSegment.STRAIGHT ? here.movedB() : here.meeting(next));
        }
        ring.add(curve.getFirst().movedA());
        return Outline.ofRing(ring).understood().map(Planar::polygon);
    }

    private static void add(List<Geometry> parts, List<Point> corners) {
        if (corners.size() < 3) return;
        Outline.ofRing(corners).understood().ifPresent(outline -> parts.add(Planar.polygon(outline)));
    }
}
