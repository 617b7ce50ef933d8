package welumen.cut.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;
import welumen.cabin.PartId;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Turns;
import welumen.cut.judge.PlanScore;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Grades;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.pattern.PatternChange;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.cutting.CuttingLine;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Surface;
import welumen.pattern.piece.Under;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Shape;

class FromPatternTest {
    private static Piece piece(Pairing pairing, Grain grain) {
        var corners = List.of(new Point(0, 0), new Point(300, 0), new Point(250, 120), new Point(0, 100));
        return new Piece(
                "bolster",
                new PartId("seat"),
                "bolster",
                "sage hide",
                pairing,
                1,
                grain,
                Under.FOAM,
                corners.stream()
                        .map(corner -> new Edge("", List.of(corner), EdgeFinish.SEWN, 10))
                        .toList());
    }

    @Test
    void aHandedPairIsTwoPiecesOneMirrored() {
        var pieces = FromPattern.pieces(List.of(piece(Pairing.LEFT_AND_RIGHT, new Grain.StretchAlong(30))));
        assertThat(pieces).extracting(CutPiece::id).containsExactly("bolster-left", "bolster-right");
        var left = pieces.getFirst();
        var right = pieces.getLast();
        assertThat(right.shape().area()).isCloseTo(left.shape().area(), within(1e-9));
        assertThat(right.shape().outline().box().maxX())
                .isCloseTo(-left.shape().outline().box().minX(), within(1e-9));
        assertThat(left.stretch()).isEqualTo(new Stretch.Along(30, 20));
        assertThat(right.stretch()).isEqualTo(new Stretch.Along(150, 20));
        assertThat(left.pair()).isEqualTo(right.id());
    }

    @Test
    void piecesAreCutWithTheirAllowances() {
        var one = piece(Pairing.TWO_ALIKE, new Grain.AnyWay());
        var cut = FromPattern.pieces(List.of(one)).getFirst();
        assertThat(cut.quantity()).isEqualTo(2);
        assertThat(cut.shape().outline()).isEqualTo(CuttingLine.of(one));
        assertThat(cut.material()).isEqualTo("sage hide");
    }

    @Test
    void aLaterZoneLiesOverAnEarlierOne() {
        var hide = Cases.hide(
                "h",
                new Shape(Outline.rectangle(100, 100)),
                List.of(
                        new GradeZone(4, Outline.rectangle(100, 100)),
                        new GradeZone(2, Outline.rectangle(60, 100)),
                        new GradeZone(3, Outline.rectangle(20, 100))));
        assertThat(worse(1, hide)).isCloseTo(10_000, within(1e-6));
        assertThat(worse(2, hide)).isCloseTo(6_000, within(1e-6));
        assertThat(worse(3, hide)).isCloseTo(4_000, within(1e-6));
        assertThat(worse(4, hide)).isZero();
        var poor = Grades.of(hide).worseThan(2);
        var place = Planar.FACTORY.createPoint(new Coordinate(30, 50));
        assertThat(poor).noneMatch(polygon -> polygon.contains(place));
    }

    private static double worse(int grade, Stock stock) {
        return Grades.of(stock).worseThan(grade).stream()
                .mapToDouble(Polygon::getArea)
                .sum();
    }

    @Test
    void whatIsBetterCountsInItsOrder() {
        var fewerLeft = new PlanScore(0, 3, 900, 1);
        var fewerSheets = new PlanScore(1, 1, 100, 0);
        assertThat(fewerLeft).isLessThan(fewerSheets);
        assertThat(new PlanScore(0, 2, 900, 1)).isLessThan(fewerLeft);
        assertThat(new PlanScore(0, 3, 800, 1)).isLessThan(fewerLeft);
        assertThat(new PlanScore(0, 3, 900, 0.5)).isLessThan(fewerLeft);
    }

    @Test
    void turnsAndStretchAreJudgedRoundTheCircle() {
        assertThat(new Turns.Half().allow(540)).isTrue();
        assertThat(new Turns.Half().allow(90)).isFalse();
        assertThat(new Turns.AsDrawn().allow(360)).isTrue();
        assertThat(new Turns.Listed(List.of(350.0)).allow(-10)).isTrue();
        var ground = new Stretch.Along(90, 0);
        assertThat(Stretch.agree(new Stretch.Along(0, 20), 75, false, ground)).isTrue();
        assertThat(Stretch.agree(new Stretch.Along(0, 20), 60, false, ground)).isFalse();
        assertThat(Stretch.agree(new Stretch.Along(30, 20), 120, true, ground)).isTrue(); // −30 + 120
        assertThat(Stretch.agree(new Stretch.Any(), 7, false, ground)).isTrue();
    }

    @Test
    void nonsenseIsRefusedInWords() {
        assertThatThrownBy(() -> new Turns.Listed(List.of())).hasMessageContaining("no angle");
        assertThatThrownBy(() -> new GradeZone(0, Outline.rectangle(1, 1))).hasMessageContaining("[0]");
        assertThatThrownBy(() -> new Stock.Roll("r", "", 0, 100, 1, 0, 0)).hasMessageContaining("no area");
        assertThatThrownBy(() -> new CutProblem(-1, List.of(), List.of(), List.of()))
                .hasMessageContaining("gap");
        var twice = List.of(Cases.rectangle("a", 1, 1, 1), Cases.rectangle("a", 2, 2, 1));
        assertThatThrownBy(() -> new CutProblem(0, twice, List.of(), List.of())).hasMessageContaining("[a]");
    }

    /** Pile lies one way on a roll, of the right piece too: it is not the left one turned round. */
    @Test
    void napLeavesOneTurnAndItIsNotTheSameOnBothSides() {
        var piece = Pieces.rectangle("carpet", 400, 300)
                .with(new Grain.NapToward(60))
                .with(Pairing.LEFT_AND_RIGHT);
        var cut = FromPattern.pieces(List.of(piece));
        assertThat(cut)
                .extracting(CutPiece::turns)
                .containsExactly(new Turns.Listed(List.of(-60.0)), new Turns.Listed(List.of(-120.0)));
    }

    @Test
    void whatIsHeldIsNotCutAndWhatIsFlutedIsCutWider() {
        var plain = Pieces.rectangle("plain", 400, 300);
        var fluted = Pieces.rectangle("fluted", 400, 300);
        var patterns = Patterns.of(
                        List.of(plain, fluted.with(fluted.inside().with(new Surface.Fluted(40, 90, 1.1)))), List.of())
                .after(new PatternChange.CutHeld(plain.id(), "the bezel"));
        var cut = FromPattern.pieces(patterns);
        assertThat(cut).hasSize(1);
        assertThat(cut.getFirst().shape().outline().box().width()).isCloseTo(420 * 1.1, within(1e-6));
    }
}
