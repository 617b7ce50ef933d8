package welumen.pattern.thick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.pattern.Pieces;
import welumen.pattern.layer.Bend;
import welumen.pattern.layer.BendText;
import welumen.pattern.layer.BuildUp;
import welumen.pattern.piece.EdgeCurve;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Piece;
import welumen.shape.Planar;
import welumen.shape.Point;
import welumen.shape.Pose;

class ThickTest {
    /** Across a van over 13.2 mm more: four sharp hollows and two rounded ridges, all of a right angle: (π − 8) · 13.2. */
    @Test
    void aCoveringBetweenWallsGetsShorter() {
        var sharp = new Bend(Bend.Kind.CONCAVE_SHARP, Math.PI / 2);
        var ridge = new Bend(Bend.Kind.CONVEX, Math.PI / 2);
        assertThat(Bend.growthMm(List.of(sharp, ridge, sharp, sharp, ridge, sharp), 13.2))
                .isCloseTo((Math.PI - 8) * 13.2, within(1e-9))
                .isCloseTo(-64.1, within(0.05));
        assertThat(new Bend(Bend.Kind.CONVEX_MITRED, Math.PI / 2).growthMm(10)).isCloseTo(20, within(1e-9));
        assertThat(new Bend(Bend.Kind.CONCAVE_ROUNDED, 1).growthMm(10)).isEqualTo(-10);
        assertThatThrownBy(() -> new Bend(Bend.Kind.CONVEX, 4)).hasMessageContaining("from 0");
    }

    /** 182 by 240, cover 1.2 and lining 1.2, gap 0.5: a board of 176.2 by 234.2. */
    @Test
    void theBoardThatDropsInIsSmallerAllRound() {
        var across = new Opening(182, 1.2, 1.2, Opening.USUAL_GAP_MM);
        assertThat(across.dropInMm()).isCloseTo(176.2, within(1e-9));
        assertThat(new Opening(240, 1.2, 1.2, 0.5).dropInMm()).isCloseTo(234.2, within(1e-9));
        assertThat(across.working()).isEqualTo("182.0 − 2 × (1.2 + 1.2 + 0.5) = 176.2");
        assertThat(new Opening(176.2, 1.2, 1.2, 0.5).cutMm()).isCloseTo(182, within(1e-9));
        assertThatThrownBy(() -> new Opening(-1, 0, 0, 0)).hasMessageContaining("none");
    }

    /** A corner of 90° turned in by 20 has 31.4 too much: six notches, or slits every 15 on a radius of 50. */
    @Test
    void aTurnInIsRelievedRoundCurves() {
        var turn = new TurnIn(9, 3, TurnIn.USUAL_TURN_MM);
        assertThat(turn.allowanceMm()).isEqualTo(32);
        assertThat(turn.surplusMm(Math.PI / 2)).isCloseTo(31.4, within(0.02));
        assertThat(turn.reliefs(Math.PI / 2)).isEqualTo(6);
        assertThat(turn.reliefs(-0.3)).isEqualTo(1);
        assertThat(turn.reliefs(0.04)).isZero();
        assertThat(turn.apartMm(50)).isEqualTo(15);
    }

    /** A cover of 2 goes round two rims by its middle: 2 × π/2 × 1; rims rounded by 3 save (4 − π) × 3. */
    @Test
    void aCoverGoesRoundTheBoardsEdgeByItsMiddle() {
        assertThat(new TurnIn(8, 3, 20, 2, 0).allowanceMm()).isCloseTo(31 + Math.PI, within(1e-9));
        assertThat(new TurnIn(8, 3, 20, 2, 3).roundingMm()).isCloseTo(Math.PI - (4 - Math.PI) * 3, within(1e-9));
        assertThatThrownBy(() -> new TurnIn(8, 3, 20, 2, 5)).hasMessageContaining("0 to 4.0 mm");
    }

    /** 300 long and 40 thick: √(300² + 40²) − 300 = 2.65, and what is turned over both edges. */
    @Test
    void aLidSwingsOnALargerRoundThanItIsLong() {
        assertThat(new Lid(300, 40, 1.2, 1.5).gapMm()).isCloseTo(2.655 + 2.7, within(0.001));
        assertThat(new Lid(300, 0, 1, 1).gapMm()).isEqualTo(2);
        assertThat(BuildUp.read("3 + 10 crushed 50 %")
                        .orThrow()
                        .thickerMm(BuildUp.read("2").orThrow()))
                .isCloseTo(6, within(1e-9));
        assertThatThrownBy(() -> new Lid(0, 1, 1, 1)).hasMessageContaining("none");
        assertThat(new Bend(Bend.Kind.CONVEX, Math.PI / 2).eachSideMm(10)).isCloseTo(Math.PI / 4 * 10, within(1e-9));
        assertThat(Opening.recessMm(1.2, 3)).isCloseTo(4.2, within(1e-9));
    }

    /** A rectangle of 300 by 200 whose back is 4 short all round; a skew one is seen the other way round from behind. */
    @Test
    void aBackThatIsSeenIsLinedShortOfItsEdge() {
        var board = Pieces.rectangle("board", 300, 200);
        var back = BackLining.of(board, 4, "vinyl").orElseThrow();
        assertThat(back.net().area()).isCloseTo(292 * 192, within(1e-6));

        assertThat(back.material()).isEqualTo("vinyl");
        assertThat(BackLining.isHeld(new TurnIn(6, 3, 20), 4)).isTrue();
        assertThat(BackLining.isHeld(new TurnIn(6, 3, 10), 4)).isFalse();
        assertThat(BackLining.of(board, 150, "vinyl")).isEmpty();
        var skew = Pieces.of("skew", new Point(0, 0), new Point(300, 0), new Point(300, 100), new Point(0, 200));
        var behind =
                Planar.polygon(BackLining.of(skew, 4, "vinyl").orElseThrow().net());
        var turned = Planar.polygon(new Pose(0, 0, 0, true).apply(skew.net()));
        assertThat(turned.contains(behind)).isTrue();
    }

    /** A strap doubled: leather 3 twice, cover 1.2, membrane 3, board 9, setting 3. */
    @Test
    void aRivetGoesThroughItsStack() {
        assertThat(Rivet.lengthMm(3, 3, 3, 1.2, 3, 9)).isCloseTo(22.2, within(1e-9));
        assertThat(Rivet.lengthMm(3, 3, 1.2, 3, 9)).isCloseTo(19.2, within(1e-9));
        assertThat(Rivet.stock(22.2, 16, 20, 24, 28)).contains(24.0);
        assertThat(Rivet.stock(30, 16, 20)).isEmpty();
    }

    @Test
    void layersAndBendsAreReadAsTheyAreSaid() {
        assertThat(BuildUp.read("2 + 16 crushed 30 %").orThrow().laidMm()).isCloseTo(13.2, within(1e-9));
        assertThat(BuildUp.read("1/8 in + 6 mm").orThrow().laidMm()).isCloseTo(9.175, within(1e-9));
        assertThat(BuildUp.read("2 + felt").understood()).isEmpty();
        var way = BendText.read("4 sharp hollows, 2 ridges").orThrow();
        assertThat(Bend.growthMm(way, 13.2)).isCloseTo((Math.PI - 8) * 13.2, within(1e-9));
        assertThat(BendText.read("a mitred ridge").understood()).isEmpty();
        assertThat(BendText.read("mitred ridge 60 and round hollow 45").orThrow())
                .containsExactly(
                        new Bend(Bend.Kind.CONVEX_MITRED, Math.toRadians(60)),
                        new Bend(Bend.Kind.CONCAVE_ROUNDED, Math.toRadians(45)));
        assertThat(BendText.read("hollow 200").understood()).isEmpty();
        assertThat(BendText.read("sharp hollow 180").understood()).isEmpty();
    }

    /** A quarter of a circle of radius 60 outside, the same inside, and square corners. */
    @Test
    void curvesAreNotchedOrSlitAndCornersFolded() {
        var outside = wrapped(
                EdgeCurve.bowed(Pieces.rectangle("board", 200, 200), 2, 60).orThrow());
        var plan = WrapPlan.of(outside, new TurnIn(6, 3, 20));
        var turn = 4 * Math.atan(2 * 60 / 200.0);
        var notches = plan.reliefs().stream()
                .filter(relief -> relief.kind() == WrapPlan.Kind.NOTCH)
                .toList();
        assertThat(notches).hasSize((int) Math.ceil(20 * turn / 6));
        assertThat(notches).allMatch(notch -> notch.edge() == 2 && notch.surplusMm() <= 6);
        assertThat(notches.stream().mapToDouble(WrapPlan.Relief::surplusMm).sum())
                .isCloseTo(20 * turn, within(1.0));
        assertThat(notches).allMatch(notch -> Math.abs(notch.at().to(notch.out()) - 29) < 1e-6);
        assertThat(plan.reliefs().stream().filter(relief -> relief.kind() == WrapPlan.Kind.FOLD))
                .hasSize(2);
        var inside = wrapped(
                EdgeCurve.bowed(Pieces.rectangle("board", 200, 200), 2, -40).orThrow());
        assertThat(WrapPlan.of(inside, new TurnIn(6, 3, 20)).reliefs())
                .anyMatch(relief -> relief.kind() == WrapPlan.Kind.SLIT)
                .noneMatch(relief -> relief.kind() == WrapPlan.Kind.NOTCH);
        var angle = wrapped(Pieces.of(
                "angle",
                new Point(0, 0),
                new Point(300, 0),
                new Point(300, 100),
                new Point(100, 100),
                new Point(100, 300),
                new Point(0, 300)));
        assertThat(WrapPlan.of(angle, new TurnIn(6, 3, 20)).reliefs())
                .extracting(WrapPlan.Relief::kind)
                .containsExactlyInAnyOrder(
                        WrapPlan.Kind.FOLD,
                        WrapPlan.Kind.FOLD,
                        WrapPlan.Kind.INSIDE_CORNER,
                        WrapPlan.Kind.FOLD,
                        WrapPlan.Kind.FOLD,
                        WrapPlan.Kind.FOLD);
        assertThat(WrapPlan.of(Pieces.rectangle("sewn", 200, 200), new TurnIn(6, 3, 20))
                        .reliefs())
                .isEmpty();
    }

    private static Piece wrapped(Piece piece) {
        var all = piece;
        for (var edge = 0; edge < piece.edges().size(); edge++) all = Pieces.finished(all, edge, EdgeFinish.WRAPPED);
        return all;
    }

    @Test
    void theNextSizeIsNeverTooShort() {
        assertThat(Rivet.usual(22.2)).contains(25.0);
        assertThat(Rivet.usual(22)).contains(22.0);
        assertThat(Rivet.usual(99)).isEmpty();
        assertThat(Rivet.eighths(22.2).print()).contains("7/8");
        assertThat(Rivet.eighths(25.4).sixtyFourths()).isEqualTo(64);
        assertThat(Rivet.eighths(25.5).sixtyFourths()).isEqualTo(72);
    }

    @Test
    void anOldCoveringIsNoPatternOverAMuchThickerFloor() {
        var way = BendText.read("4 sharp hollows, 2 ridges").orThrow();
        var bare = BuildUp.read("0").orThrow();
        var felt = BuildUp.read("2 + 16 crushed 30 %").orThrow();
        assertThat(felt.longerMm(bare, way)).isCloseTo((Math.PI - 8) * 13.2, within(1e-9));
        assertThat(felt.isNear(bare, way)).isFalse();
        assertThat(BuildUp.read("1").orThrow().isNear(bare, way)).isTrue();
        assertThat(felt.isNear(felt, way)).isTrue();
    }
}
