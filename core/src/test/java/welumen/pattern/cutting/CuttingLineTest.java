package welumen.pattern.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import welumen.cabin.PartId;
import welumen.measure.Parsed.Refused;
import welumen.pattern.draft.DraftText;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Outline;
import welumen.shape.OutlineTest;
import welumen.shape.Planar;
import welumen.shape.Point;

class CuttingLineTest {
    private static final PartId SEAT = new PartId("seat");

    @Test
    void aSewnSquareGrowsByItsAllowanceAllRound() {
        var line = CuttingLine.of(square(10, 10, 10, 10));
        assertThat(line.area()).isCloseTo(120 * 120, within(1e-6));
        assertThat(line.corners()).hasSize(4);
    }

    @Test
    void eachEdgeMovesByItsOwnAllowance() {
        var box = CuttingLine.of(square(10, 0, 20, 5)).box();
        assertThat(List.of(box.minY(), box.maxX(), box.maxY(), box.minX())).containsExactly(-10.0, 100.0, 120.0, -5.0);
    }

    @Test
    void theCuttingLineFollowsAChangedFinishAtOnce() {
        var piece = square(10, 10, 10, 10);
        var hemmed = piece.withEdge(1, EdgeFinish.HEM, 20);
        assertThat(CuttingLine.of(hemmed).area()).isCloseTo(130 * 120, within(1e-6));
        assertThat(hemmed.net()).isEqualTo(piece.net());
    }

    @Test
    void atAnInsideCornerTheAllowancesMeetAndDoNotCross() {
        var ell = List.of(
                new Point(0, 0),
                new Point(100, 0),
                new Point(100, 50),
                new Point(50, 50),
                new Point(50, 100),
                new Point(0, 100));
        var line = CuttingLine.of(piece(ell, 10));
        assertThat(line.corners()).hasSize(6).contains(new Point(60, 60));
        assertThat(line.area()).isCloseTo(120 * 120 - 50 * 50, within(1e-6));
    }

    @Test
    void aSharpPointIsClippedNotDrawnOutForEver() {
        var needle = List.of(new Point(0, 0), new Point(500, 0), new Point(0, 20));
        var box = CuttingLine.of(piece(needle, 10)).box();
        assertThat(box.maxX()).isLessThanOrEqualTo(500 + 10 * CuttingLine.MITRE_LIMIT);
    }

    @Test
    void collinearEdgesWithDifferentAllowancesStep() {
        var corners =
                List.of(new Point(0, 0), new Point(50, 0), new Point(100, 0), new Point(100, 40), new Point(0, 40));
        var edges = new ArrayList<Edge>();
        for (var i = 0; i < corners.size(); i++)
            edges.add(new Edge("", List.of(corners.get(i)), EdgeFinish.SEWN, i == 0 ? 10 : 0));
        assertThat(CuttingLine.of(piece(edges)).area()).isCloseTo(100 * 40 + 50 * 10, within(1e-6));
    }

    /** The class checks itself; here a second, independent measure: no corner of the line is nearer than its allowance. */
    @Property(tries = 100)
    void theLineKeepsTheAllowanceEverywhere(@ForAll("shapes") Outline outline) {
        var line = CuttingLine.of(piece(outline.corners(), 12));
        var net = Planar.polygon(outline);
        for (var corner : line.corners())
            assertThat(net.distance(Planar.FACTORY.createPoint(new Coordinate(corner.x(), corner.y()))))
                    .isBetween(12 - 1e-3, 12 * CuttingLine.MITRE_LIMIT + 1e-3);
    }

    /** Drawn in one go it is what the union of its strips is. */
    @Property(tries = 300)
    void bothWaysOfDrawingTheLineAgree(
            @ForAll("shapes") Outline outline, @ForAll("allowances") List<Double> allowances) {
        var corners = outline.corners();
        var piece = piece(IntStream.range(0, corners.size())
                .mapToObj(i -> new Edge("", List.of(corners.get(i)), EdgeFinish.SEWN, allowances.get(i)))
                .toList());
        var stretches = OffsetSegment.of(piece);
        var united = Planar.polygon(UnitedStrips.of(piece, stretches));
        MovedRing.of(stretches)
                .map(Planar::polygon)
                .ifPresent(moved ->
                        assertThat(moved.symDifference(united).getArea()).isLessThan(1e-3));
    }

    @Test
    void aGentleCurveOfTwoAllowancesIsDrawnInOneGoAndStepsWhereTheyMeet() {
        var corners = IntStream.range(0, 90)
                .mapToObj(i -> Math.toRadians(4 * i))
                .map(angle -> new Point(300 * Math.cos(angle), 300 * Math.sin(angle)))
                .toList();
        var piece = piece(IntStream.range(0, 90)
                .mapToObj(i -> new Edge("", List.of(corners.get(i)), EdgeFinish.SEWN, i < 45 ? 10 : 0))
                .toList());
        assertThat(MovedRing.of(OffsetSegment.of(piece))).isPresent();
        var beyond = CuttingLine.of(piece).corners().stream()
                .filter(corner -> corner.y() < -1)
                .mapToDouble(corner -> corner.to(new Point(0, 0)))
                .max();
        assertThat(beyond.orElseThrow()).isCloseTo(300, within(1e-6));
    }

    @Provide
    Arbitrary<List<Double>> allowances() {
        return net.jqwik.api.Arbitraries.of(0.0, 6.0, 12.0, 12.0, 20.0).list().ofSize(24);
    }

    @Provide
    Arbitrary<Outline> shapes() {
        return net.jqwik.api.Arbitraries.doubles()
                .between(200, 600)
                .list()
                .ofMinSize(4)
                .ofMaxSize(24)
                .map(radii -> OutlineTest.star(radii, 0, 0));
    }

    @Test
    void aPieceIsDrawnFromOneTypedLine() {
        var piece = DraftText.read("outer bolster 520 x 610, top 480", SEAT, "sage hide")
                .orThrow()
                .piece();
        assertThat(piece.net().area()).isCloseTo((520 + 480) / 2.0 * 610, within(1e-6));
        assertThat(piece.name()).isEqualTo("outer bolster");
        assertThat(DraftText.read("cuff 20 1/2\" by 3\"", SEAT, "")
                        .orThrow()
                        .piece()
                        .net()
                        .box()
                        .width())
                .isCloseTo(520.7, within(1e-9));
    }

    @Test
    void aPieceThatCannotBeDrawnIsRefusedInWords() {
        assertThat(((Refused<DraftText.Drawn>) DraftText.read("bolster", SEAT, "")).why())
                .contains("520 x 610");
        assertThat(((Refused<DraftText.Drawn>) DraftText.read("bolster 1,234 x 20", SEAT, "")).why())
                .contains("could mean");
    }

    private static Piece square(double... allowances) {
        var corners = Outline.rectangle(100, 100).corners();
        var edges = new ArrayList<Edge>();
        for (var i = 0; i < 4; i++) edges.add(new Edge("", List.of(corners.get(i)), EdgeFinish.SEWN, allowances[i]));
        return piece(edges);
    }

    private static Piece piece(List<Point> corners, double allowance) {
        return piece(corners.stream()
                .map(corner -> new Edge("", List.of(corner), EdgeFinish.SEWN, allowance))
                .toList());
    }

    private static Piece piece(List<Edge> edges) {
        return new Piece("p", SEAT, "p", "sage hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }
}
