package welumen.pattern.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.pattern.SeamWalk;
import welumen.pattern.Underlay;
import welumen.pattern.outside.FromTrace;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;
import welumen.trace.Segment;
import welumen.trace.Traced;

class EdgeEditTest {
    private static final PartId SEAT = new PartId("seat");

    /** 100 by 60, its corners in order, the third edge bowed out by 10. */
    private static Piece piece() {
        return piece(List.of(
                List.of(new Point(0, 0)),
                List.of(new Point(100, 0)),
                List.of(new Point(100, 60), new Point(50, 70)),
                List.of(new Point(0, 60))));
    }

    private static Piece piece(List<List<Point>> lines) {
        var edges = new ArrayList<Edge>();
        for (var line : lines) edges.add(new Edge("e" + edges.size(), line, EdgeFinish.SEWN, 10));
        return new Piece("p", SEAT, "p", "hide", Pairing.ONE, 2, new Grain.StretchAlong(30), Under.NOTHING, edges);
    }

    private static String why(Parsed<Piece> answer) {
        return answer instanceof Refused<Piece>(var why) ? why : "";
    }

    @Test
    void anEdgeIsMadeStraightOrAnArc() {
        assertThat(EdgeCurve.straightened(piece(), 2).orThrow().net().area()).isCloseTo(6000, within(1e-9));
        var arced = EdgeCurve.arced(piece(), 2).orThrow();
        // a segment of a circle over 100, 10 high: its radius is 130, its half angle asin(50 / 130)
        var half = Math.asin(50 / 130.0);
        assertThat(arced.lengthMm(2)).isCloseTo(2 * half * 130, within(0.02));
        assertThat(arced.net().area())
                .isCloseTo(6000 + 130 * 130 * (half - Math.sin(half) * Math.cos(half)), within(2.0));
        assertThat(why(EdgeCurve.arced(piece(), 0))).contains("straight");
    }

    @Test
    void whatIsPartedAndJoinedIsAsBefore() {
        var parted = EdgeEdit.split(piece(), 2, 0.25).orThrow();
        assertThat(parted.edges()).hasSize(5);
        assertThat(parted.lengthMm(2) + parted.lengthMm(3)).isCloseTo(piece().lengthMm(2), within(1e-9));
        assertThat(parted.lengthMm(2)).isCloseTo(piece().lengthMm(2) / 4, within(1e-9));
        assertThat(EdgeEdit.joined(parted, 2).orThrow().net().area())
                .isCloseTo(piece().net().area(), within(1e-9));
    }

    /** A dog-ear of 10 by 10 at a corner goes, and the corner is back. */
    @Test
    void aNickGoesAndItsNeighboursMeet() {
        var nicked = piece(List.of(
                List.of(new Point(0, 0)),
                List.of(new Point(90, 0)),
                List.of(new Point(100, 10)),
                List.of(new Point(100, 60)),
                List.of(new Point(0, 60))));
        var whole = EdgeEdit.without(nicked, 1).orThrow();
        assertThat(whole.edges()).hasSize(4);
        assertThat(whole.net().area()).isCloseTo(6000, within(1e-9));
    }

    @Test
    void whatWouldCrossItselfIsRefused() {
        assertThat(why(EdgeEdit.cornerMoved(piece(), 1, new Point(-50, 30)))).contains("not be a piece");
        assertThat(EdgeEdit.cornerMoved(piece(), 1, new Point(120, 0))
                        .orThrow()
                        .net()
                        .area())
                .isGreaterThan(piece().net().area());
    }

    /** Mirrored twice it is the same; mirrored once, its grain leans the other way and its edges keep their names. */
    @Test
    void theOtherSideIsItsMirrorImage() {
        var once = Mirrored.of(piece(), new PartId("other"), "q");
        var twice = Mirrored.of(once, SEAT, "p");
        assertThat(twice.edges()).isEqualTo(piece().edges());
        assertThat(twice.grain()).isEqualTo(piece().grain());
        assertThat(once.grain()).isEqualTo(new Grain.StretchAlong(150));
        assertThat(once.net().area()).isCloseTo(piece().net().area(), within(1e-9));
        for (var i = 0; i < 4; i++)
            assertThat(SeamWalk.of(piece(), i, once, 3 - i, 0).offMm()).isCloseTo(0, within(1e-9));
    }

    /** 100 by 60 with one bound edge of 100: the underlay stops 15 short of it. */
    @Test
    void theUnderlayStopsShortOfABoundEdge() {
        var bound = EdgeCurve.straightened(piece(), 2).orThrow().withEdge(0, EdgeFinish.BOUND, 0);
        var under = Underlay.of(bound, 15, "felt").orElseThrow();
        assertThat(under.net().area()).isCloseTo(4500.0, within(1.0));
        assertThat(under.edges())
                .allSatisfy(edge -> assertThat(edge.allowanceMm()).isZero());
        assertThat(Underlay.of(bound, 80, "felt")).isEmpty();
    }

    /** 400 sewn to 401.9 walks, to 402.1 does not; 12 wanted of ease are no fault. */
    @Test
    void aSeamWalksWithinTwoMillimetres() {
        assertThat(new SeamWalk(400, 401.9, 0).walks()).isTrue();
        assertThat(new SeamWalk(400, 402.1, 0).walks()).isFalse();
        assertThat(new SeamWalk(400, 412, 12).walks()).isTrue();
        assertThat(new SeamWalk(1000, 1004.9, 0).walks()).isTrue();
        assertThat(new SeamWalk(401, 400, 0).offMm()).isEqualTo(-new SeamWalk(400, 401, 0).offMm());
    }

    /** A D: three straight edges and half a circle that flows out of two of them, so that these three are one edge. */
    @Test
    void aTracedPieceHasEdgesFromCornerToCorner() {
        var segments = List.<Segment>of(
                new Segment.Line(new Point(0, 0), new Point(100, 0)),
                new Segment.Arc(new Point(100, 30), 30, -Math.PI / 2, Math.PI),
                new Segment.Line(new Point(100, 60), new Point(0, 60)),
                new Segment.Line(new Point(0, 60), new Point(0, 0)));
        var ring = segments.stream()
                .flatMap(segment -> segment.points(0.02).stream())
                .toList();
        var hole = Outline.ofRing(List.of(new Point(20, 20), new Point(30, 20), new Point(25, 30)))
                .orThrow();
        var traced =
                new Traced(new Shape(new Outline(ring), List.of(hole)), segments, List.of(), 5, 0.1, 0.4, List.of());
        var piece = FromTrace.piece(traced, "left carpet", SEAT, Makeup.plain("carpet"));
        assertThat(piece.edges()).hasSize(2);
        assertThat(piece.lengthMm(0)).isCloseTo(200 + 30 * Math.PI, within(0.05));
        assertThat(piece.lengthMm(1)).isCloseTo(60, within(1e-9));
        assertThat(piece.holes()).containsExactly(hole);
    }
}
