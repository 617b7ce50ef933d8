package welumen.cut.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.pattern.Patterns;
import welumen.pattern.Pieces;
import welumen.pattern.Seam;
import welumen.pattern.piece.Against;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Pairing;
import welumen.pattern.piece.Piece;
import welumen.shape.Point;

class AcrossSeamsTest {
    private static final Grain UP = new Grain.NapToward(0);

    private static final Piece CENTRE = Pieces.rectangle("centre", 520, 480).with(UP);
    /** Sewn to the right of the centre, 35 mm lower. */
    private static final Piece SIDE = Pieces.of(
                    "side", new Point(0, 0), new Point(200, -70), new Point(200, 480), new Point(0, 480))
            .with(UP);

    private static final Seam SEAM = new Seam(new Seam.Side(CENTRE.id(), 1), new Seam.Side(SIDE.id(), 3), 0, false);

    private static CutPiece cut(List<CutPiece> pieces, String id) {
        return pieces.stream()
                .filter(piece -> piece.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Both are of the roll's pattern; where they are sewn, a line on one is a line on the other. */
    @Test
    void aPatternGoesOnOverASeam() {
        var onLines = AcrossSeams.of(List.of(SIDE, CENTRE), List.of(SEAM));
        assertThat(onLines.get(CENTRE.id())).isEqualTo(new AcrossSeams.OnLine(new Point(260, 240), ""));
        assertThat(onLines.get(SIDE.id()).after()).isEqualTo(CENTRE.id());
        // where the side is sewn on, its own place and the centre's are one
        var sewn = Against.pose(CENTRE, 1, SIDE, 3).apply(onLines.get(SIDE.id()).place());
        assertThat(sewn.to(new Point(260, 240))).isLessThan(1e-9);
    }

    /** 100 mm up the centre meets 60 mm up the side: the side sits 40 higher, and the pattern with it, from either piece. */
    @Test
    void placesThatAreBroughtTogetherDecideWhereThePatternGoesOn() {
        var matched = SEAM.matched(List.of(new Seam.Match(100, 60)));
        for (var seam : List.of(matched, turned(matched))) {
            var side = AcrossSeams.of(List.of(SIDE, CENTRE), List.of(seam)).get(SIDE.id());
            assertThat(side.after()).isEqualTo(CENTRE.id());
            // the centre's line runs at 240; the side's own 0 lies 40 above the centre's
            assertThat(side.place().to(new Point(260 - 520, 240 - 40))).isLessThan(1e-9);
        }
    }

    /** The same seam, said from the other edge. */
    private static Seam turned(Seam seam) {
        var matches = seam.matches().stream()
                .map(match -> new Seam.Match(480 - match.otherMm(), 480 - match.oneMm()))
                .toList();
        return new Seam(seam.other(), seam.one(), 0, false).matched(matches);
    }

    @Test
    void whatIsSewnIsLaidSoThatItsStripesMeet() {
        var patterns = Patterns.of(List.of(CENTRE, SIDE), List.of(SEAM));
        var roll = new Stock.Roll("roll", CENTRE.material(), 1400, 6000, 60, 100, 76);
        var problem = new CutProblem(3, FromPattern.pieces(patterns), List.of(roll), List.of());
        var plan = Nester.lay(problem, NestOptions.USUAL.withRounds(2), (_, _) -> {}, () -> false);
        assertThat(plan.placements()).hasSize(2);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        // the same place of the seam, seen on both pieces, lies whole repeats apart
        var onCentre = new Point(520, 100);
        var onSide = onCentre.minus(new Point(520, 0));
        var apart = lies(plan, CENTRE.id(), onCentre).minus(lies(plan, SIDE.id(), onSide));
        assertThat(Math.IEEEremainder(apart.x(), 100)).isCloseTo(0, within(1.2));
        assertThat(Math.IEEEremainder(apart.y(), 76)).isCloseTo(0, within(1.2));
    }

    private static Point lies(CutPlan plan, String piece, Point place) {
        return plan.placements().stream()
                .filter(one -> one.piece().equals(piece))
                .findFirst()
                .orElseThrow()
                .pose()
                .apply(place);
    }

    @Test
    void whatIsSewnOnAtAnAngleOrLiesOtherwiseBeginsAnew() {
        var slanted = new Seam(new Seam.Side(CENTRE.id(), 1), new Seam.Side(SIDE.id(), 0), 0, false);
        assertThat(AcrossSeams.of(List.of(CENTRE, SIDE), List.of(slanted))
                        .get(SIDE.id())
                        .after())
                .isEmpty();
        var turned = SIDE.with(new Grain.NapToward(90));
        assertThat(AcrossSeams.of(List.of(CENTRE, turned), List.of(SEAM))
                        .get(SIDE.id())
                        .after())
                .isEmpty();
    }

    /** The right one of a handed pair is the mirror image, its place on the line too. */
    @Test
    void thePlaceOnTheLineIsMirroredWithItsPiece() {
        var patterns = Patterns.of(
                List.of(CENTRE.with(Pairing.LEFT_AND_RIGHT), SIDE.with(Pairing.LEFT_AND_RIGHT)), List.of(SEAM));
        var pieces = FromPattern.pieces(patterns);
        assertThat(cut(pieces, SIDE.id() + "-right").onLine().x())
                .isCloseTo(-cut(pieces, SIDE.id() + "-left").onLine().x(), within(1e-9));
        assertThat(cut(pieces, SIDE.id() + "-right").onLine().y())
                .isCloseTo(cut(pieces, SIDE.id() + "-left").onLine().y(), within(1e-9));
    }
}
