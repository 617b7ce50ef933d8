package welumen.pattern.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import welumen.cabin.PartId;
import welumen.pattern.PatternChange;
import welumen.pattern.Patterns;
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

/** The cutting line against the geometry library's own offset, and against what must hold of any. */
class CuttingLinePropertiesTest {
    private static final PartId SEAT = new PartId("seat");

    /** With one allowance all round and no sharp corner, it is the mitred buffer. */
    @Property(tries = 150)
    void oneAllowanceAllRoundIsTheMitredBuffer(
            @ForAll @IntRange(min = 3, max = 9) int corners, @ForAll @IntRange(min = 1, max = 30) int allowance) {
        var outline = OutlineTest.star(Collections.nCopies(corners, 400.0), 10, -20);
        var line = CuttingLine.of(piece(outline, allowances(corners, allowance)));
        var buffer = BufferOp.bufferOp(
                Planar.polygon(outline),
                allowance,
                new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 10));
        assertThat(Planar.polygon(line).symDifference(buffer).getArea()).isLessThan(1e-3);
    }

    /** However the allowances are mixed: the piece lies inside, and just outside each edge's middle all is cut away. */
    @Property(tries = 150)
    void everyEdgeKeepsItsOwnAllowance(@ForAll long seed) {
        var random = new Random(seed);
        var corners = 4 + random.nextInt(6);
        var outline = OutlineTest.star(random.doubles(corners, 350, 420).boxed().toList(), 0, 0);
        var allowances = random.doubles(corners, 0, 25).boxed().toList();
        var cut = Planar.polygon(CuttingLine.of(piece(outline, allowances)));
        assertThat(Planar.polygon(outline).difference(cut).getArea()).isLessThan(1e-6);
        for (var i = 0; i < corners; i++) {
            var a = outline.corners().get(i);
            var b = outline.corners().get((i + 1) % corners);
            var out = new Point(b.y() - a.y(), a.x() - b.x()).times(1 / a.to(b));
            var middle = a.plus(b).times(0.5);
            assertThat(cut.covers(at(middle.plus(out.times(allowances.get(i) - 0.01)))) || allowances.get(i) < 0.01)
                    .isTrue();
            assertThat(cut.covers(at(middle.plus(out.times(allowances.get(i) + 0.01)))))
                    .isFalse();
        }
    }

    @Property(tries = 100)
    void moreAllowanceNeverCutsLess(@ForAll long seed) {
        var random = new Random(seed);
        var outline = OutlineTest.star(random.doubles(7, 200, 400).boxed().toList(), 0, 0);
        var some = random.doubles(7, 0, 20).boxed().toList();
        var more = some.stream().map(mm -> mm + 3).toList();
        var less = Planar.polygon(CuttingLine.of(piece(outline, some)));
        assertThat(less.difference(Planar.polygon(CuttingLine.of(piece(outline, more))))
                        .getArea())
                .isLessThan(1e-3);
    }

    @Property
    void aTypedPieceHasTheAreaOfItsSides(
            @ForAll @IntRange(min = 10, max = 2000) int width,
            @ForAll @IntRange(min = 10, max = 2000) int height,
            @ForAll @IntRange(min = 10, max = 2000) int top) {
        var typed = "panel %d x %d, top %d".formatted(width, height, top);
        var piece = DraftText.read(typed, SEAT, "hide").orThrow().piece();
        assertThat(piece.net().area()).isCloseTo((width + top) / 2.0 * height, within(1e-6));
        assertThat(piece.lengthMm(0)).isCloseTo(width, within(1e-9));
        assertThat(piece.lengthMm(2)).isCloseTo(top, within(1e-9));
    }

    @Test
    void anEdgeKeepsWithinReason() {
        assertThatThrownBy(() -> new Edge("front", List.of(new Point(0, 0)), EdgeFinish.SEWN, 301))
                .hasMessageContaining("[301.0 mm]");
        assertThatThrownBy(() -> new Edge("front", List.of(), EdgeFinish.SEWN, 10))
                .hasMessageContaining("no points");
        assertThatThrownBy(() -> piece(Outline.rectangle(10, 10), List.of(1.0, 1.0, 1.0, Double.NaN)))
                .hasMessageContaining("NaN");
    }

    @Test
    void patternsKeepTheirOrderAndRefuseWhatIsNotThere() {
        var first = DraftText.read("one 100 x 50", SEAT, "hide").orThrow().piece();
        var second = DraftText.read("two 100 x 50", SEAT, "hide").orThrow().piece();
        var patterns = Patterns.EMPTY
                .after(new PatternChange.PieceDrawn(first))
                .after(new PatternChange.PieceDrawn(second))
                .after(new PatternChange.EdgeFinished(first.id(), 3, EdgeFinish.HEM, 20));
        assertThat(patterns.pieces()).extracting(Piece::name).containsExactly("one", "two");
        assertThat(patterns.pieces().getFirst().edges().get(3).finish()).isEqualTo(EdgeFinish.HEM);
        assertThat(patterns.of(SEAT)).hasSize(2);
        assertThatThrownBy(() -> patterns.after(new PatternChange.EdgeFinished(first.id(), 4, EdgeFinish.HEM, 20)))
                .hasMessageContaining("no edge 4");
    }

    private static List<Double> allowances(int corners, double each) {
        return Collections.nCopies(corners, each);
    }

    private static org.locationtech.jts.geom.Point at(Point point) {
        return Planar.FACTORY.createPoint(new Coordinate(point.x(), point.y()));
    }

    private static Piece piece(Outline outline, List<Double> allowances) {
        var edges = new ArrayList<Edge>();
        for (var i = 0; i < outline.corners().size(); i++)
            edges.add(new Edge("", List.of(outline.corners().get(i)), EdgeFinish.SEWN, allowances.get(i)));
        return new Piece("p", SEAT, "p", "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }
}
