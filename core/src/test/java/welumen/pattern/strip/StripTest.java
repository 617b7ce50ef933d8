package welumen.pattern.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cabin.PartId;
import welumen.pattern.Seam;
import welumen.pattern.piece.Edge;
import welumen.pattern.piece.EdgeFinish;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.pattern.piece.Under;
import welumen.shape.Point;

class StripTest {
    /** Carpet of 8 mm bound 10 mm in: 44 to 48 wide where it is turned, 34 to 38 where it is lapped. */
    @Test
    void bindingIsAsWideAsItGoesRound() {
        assertThat(Binding.TURNED.widthMm(10, 8)).isEqualTo(46);
        assertThat(Binding.LAPPED.widthMm(10, 8)).isEqualTo(36);
        assertThat(Binding.TURNED.smallestRadiusMm(10, 8)).isEqualTo(69);
        assertThatThrownBy(() -> Binding.LAPPED.widthMm(0, 8)).hasMessageContaining("none");
    }

    /** Cord of 4 in leather of 1.2: once round at 5.2 is 16.3, and two flanges of 10. */
    @Test
    void pipingGoesOnceRoundItsCord() {
        assertThat(new Piping(4, 1.2, 10).widthMm()).isCloseTo(Math.PI * 5.2 + 20, within(1e-9));
        assertThatThrownBy(() -> new Piping(4, 0, 10)).hasMessageContaining("none");
    }

    /**
     * From strips of 1,000, 50 wide, folded over 20: 600 takes 640 of the first; 500 wants 540, of which 360 are left, and the
     * join costs 50 of the second strip, which then gives 180 and has 770 left.
     */
    @Test
    void whatIsLeftGoesOnIntoTheNextRun() {
        var plan = StripPlan.of(List.of(600.0, 500.0), 50, 20, 1000);
        assertThat(plan.strips()).isEqualTo(2);
        assertThat(plan.joins()).isEqualTo(1);
        assertThat(plan.runs().get(1).joins()).containsExactly(340.0);
        assertThat(plan.leftMm()).isCloseTo(770, within(1e-9));
    }

    /** A run of 2,500 from strips of 1,000: 1,000, then 950 and 590 after two joins, and 360 are left. */
    @Test
    void aLongRunIsJoinedAsOftenAsItMust() {
        var plan = StripPlan.of(List.of(2500.0), 50, 20, 1000);
        assertThat(plan.strips()).isEqualTo(3);
        assertThat(plan.joins()).isEqualTo(2);
        assertThat(plan.leftMm()).isCloseTo(3000 - 2540 - 100, within(1e-9));
        assertThat(StripPlan.of(List.of(), 50, 20, 1000).strips()).isZero();
        assertThatThrownBy(() -> StripPlan.of(List.of(1.0), 50, 20, 100)).hasMessageContaining("too short");
    }

    /** Under 120 mm nobody joins. */
    @Test
    void aStubIsThrownAway() {
        var plan = StripPlan.of(List.of(900.0, 500.0), 50, 0, 1000);
        assertThat(plan.strips()).isEqualTo(2);
        assertThat(plan.joins()).isZero();
        assertThat(plan.leftMm()).isEqualTo(500);
    }

    private static Piece piece(String name, EdgeFinish finish, double lengthMm, String edge) {
        var edges = List.of(
                new Edge(edge, List.of(new Point(0, 0)), finish, 10),
                new Edge("", List.of(new Point(lengthMm, 0)), EdgeFinish.RAW, 0),
                new Edge("", List.of(new Point(0, 100)), EdgeFinish.RAW, 0));
        return new Piece(
                name, new PartId("seat"), name, "hide", Pairing.ONE, 2, new Grain.AnyWay(), Under.NOTHING, edges);
    }

    /** Of two that are as long, the one that is named goes with it; an edge alone is a run of its own. */
    @Test
    void pipingLiesBetweenTwoPieces() {
        var pieces = List.of(
                piece("cushion centre", EdgeFinish.PIPED, 500, "to the bolster"),
                piece("backrest bolster", EdgeFinish.PIPED, 500, "to the centre"),
                piece("cushion bolster", EdgeFinish.PIPED, 480, "to the centre"),
                piece("flap", EdgeFinish.PIPED, 90, ""),
                piece("mat", EdgeFinish.BOUND, 400, "front"));
        var piped = StripRuns.piped(pieces, List.of());
        assertThat(piped).extracting(StripRuns.Run::lengthMm).containsExactly(500.0, 500.0, 90.0);
        assertThat(piped.getFirst().where()).contains("cushion centre").contains("cushion bolster");
        var known = new Seam(new Seam.Side("backrest bolster", 0), new Seam.Side("cushion centre", 0), 0, false);
        assertThat(StripRuns.piped(pieces, List.of(known)).getFirst().where())
                .contains("cushion centre")
                .contains("backrest bolster");
        assertThat(StripRuns.bound(pieces))
                .containsExactly(new StripRuns.Run("mat, front", 400, Double.POSITIVE_INFINITY));
    }

    /** A quarter of a circle of 80 mm, and straight lines that meet it. */
    @Test
    void theTightestBendOfARunIsFound() {
        var line = new ArrayList<Point>(List.of(new Point(-200, 80)));
        for (var i = 0; i <= 40; i++) {
            var angle = Math.PI / 2 * (1 - i / 40.0);
            line.add(new Point(80 * Math.cos(angle), 80 * Math.sin(angle)));
        }
        line.add(new Point(80, -200));
        assertThat(Curvature.tightestMm(line)).isCloseTo(80, within(0.5));
        assertThat(Curvature.tightestMm(List.of(new Point(0, 0), new Point(500, 0))))
                .isInfinite();
        assertThat(Curvature.tightestMm(List.of(new Point(0, 0), new Point(10, 0))))
                .isInfinite();
        // 46 wide where it is turned, which goes round 69; 36 wide lapped, round 54
        var bent = List.of(new StripRuns.Run("a", 400, 60), new StripRuns.Run("b", 400, 80));
        assertThat(Binding.TURNED.bent(bent, 10, 8)).containsExactly(bent.getFirst());
        assertThat(Binding.LAPPED.bent(bent, 10, 8)).isEmpty();
    }

    /**
     * Strips of 50 from a roll of 1,000: each is 1,414 less 50 long between its slanted ends, takes 70.7 of the roll, and the
     * slant takes the roll's width once more.
     */
    @Test
    void biasStripsRunFromSelvedgeToSelvedge() {
        var plan = BiasPlan.of(List.of(1300.0, 1300.0), 50, 20, 1000);
        assertThat(plan.strips().strips()).isEqualTo(2);
        assertThat(plan.usedMm()).isCloseTo(1000 + 2 * 50 * Math.sqrt(2), within(1e-9));
        assertThat(plan.outlines()).hasSize(2);
        for (var strip : plan.outlines()) assertThat(strip.area()).isCloseTo(50 * 1000 * Math.sqrt(2), within(1e-6));
        assertThat(BiasPlan.of(List.of(1350.0), 50, 20, 1000).strips().joins()).isEqualTo(1);
        assertThat(BiasPlan.of(List.of(), 50, 20, 1000).usedMm()).isZero();
    }
}
