package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.cloth.Repeat;
import welumen.cut.firstfit.ByHand;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.PlanFault;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

/** Striped and checked cloth: every panel has the pattern in its middle. */
class RepeatTest {
    /** A stripe every 76 across 1,400: eighteen lines along the roll, and none where nothing repeats. */
    @Test
    void aPatternsLinesRunOverItsRoll() {
        var striped = new Stock.Roll("wool", "wool", 1400, 2400, 62, 0, 76);
        assertThat(Repeat.lines(striped)).hasSize(18).first().isEqualTo(List.of(new Point(0, 76), new Point(2400, 76)));
        assertThat(Repeat.lines(new Stock.Roll("check", "wool", 400, 300, 62, 100, 150)))
                .hasSize(4);
        assertThat(Repeat.lines(new Stock.Roll("plain", "wool", 400, 300, 62, 0, 0)))
                .isEmpty();
    }

    /** A hide of the same material is cut from too where the striped roll is too short. */
    @Test
    void whatARollHasNoRoomForLiesOnAHide() {
        var roll = new Stock.Roll("r", "cloth", 1400, 800, 30, 0, 76);
        var hide = new Stock.Hide(
                "h", "cloth", new Shape(Outline.rectangle(2500, 2000)), 1, List.of(), new Stretch.Any(), 300);
        var problem = new CutProblem(3, PANELS, List.of(roll, hide), List.of());
        var plan = lay(problem, 3);
        assertThat(plan.placements())
                .hasSize(8)
                .anyMatch(placed -> placed.stock().equals("h"));
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
    }

    /** What is not used of it lies along both edges, and where it has a flaw; of striped cloth too. */
    @Test
    void nothingLiesOnASelvedgeOrAFlaw() {
        for (var repeat : new double[] {0, 76}) {
            var roll = new Stock.Roll("r", "cloth", Lot.UNKNOWN, 1400, 9000, 30, 0, repeat, 20)
                    .flawed(List.of(Cases.at(300, 200, Outline.rectangle(40, 900))));
            var problem = new CutProblem(3, PANELS, List.of(roll), List.of());
            var plan = lay(problem, 3);
            assertThat(plan.placements()).hasSize(8);
            assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
            for (var placement : plan.placements()) {
                var box = placement
                        .pose()
                        .apply(problem.piece(placement.piece()).shape().outline())
                        .box();
                assertThat(box.minY()).isGreaterThan(22.98);
                assertThat(box.maxY()).isLessThan(1377.02);
            }
        }
    }

    private static CutPiece panel(String id, double wide, double high, int count) {
        return new CutPiece(
                id,
                new Shape(Outline.rectangle(wide, high)),
                count,
                "cloth",
                new Turns.AsDrawn(),
                false,
                4,
                new Stretch.Any(),
                "");
    }

    private static final List<CutPiece> PANELS =
            List.of(panel("seat", 520, 480, 2), panel("back", 500, 610, 2), panel("door", 640, 190, 4));

    private static CutProblem on(double repeatX, double repeatY) {
        return new CutProblem(
                3, PANELS, List.of(new Stock.Roll("r", "cloth", 1400, 9000, 30, repeatX, repeatY)), List.of());
    }

    private static CutPlan lay(CutProblem problem, int rounds) {
        return Nester.lay(problem, NestOptions.USUAL.withRounds(rounds), (_, _) -> {}, () -> false);
    }

    private static void assertOnThePattern(CutProblem problem, CutPlan plan, double repeatX, double repeatY) {
        assertThat(plan.placements()).hasSize(8);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        for (var placement : plan.placements()) {
            var middle = placement
                    .pose()
                    .apply(problem.piece(placement.piece()).shape().outline())
                    .box()
                    .middle();
            if (repeatX > 0)
                assertThat(Math.abs(Math.IEEEremainder(middle.x(), repeatX))).isLessThan(0.6);
            if (repeatY > 0)
                assertThat(Math.abs(Math.IEEEremainder(middle.y(), repeatY))).isLessThan(0.6);
        }
    }

    @Test
    void stripesAndChecksAreCentredOnEveryPanel() {
        assertOnThePattern(on(0, 75), lay(on(0, 75), 6), 0, 75);
        assertOnThePattern(on(300, 0), lay(on(300, 0), 6), 300, 0);
        assertOnThePattern(on(120, 90), lay(on(120, 90), 6), 120, 90);
    }

    /** What is plain is never longer, and more rounds never make it longer. */
    @Test
    void aPatternCostsCloth() {
        var once = lay(on(300, 150), 1).sheets().getFirst().usedLength();
        var more = lay(on(300, 150), 12).sheets().getFirst().usedLength();
        var plain = lay(on(0, 0), 12).sheets().getFirst().usedLength();
        assertThat(more).isLessThanOrEqualTo(once);
        assertThat(plain).isLessThanOrEqualTo(more);
        assertThat(lay(on(300, 150), 12)).isEqualTo(lay(on(300, 150), 12));
    }

    @Test
    void whatLiesBesideThePatternIsAFaultUnlessItIsPinned() {
        var problem = on(0, 75);
        var off = new Placement("door", 1, "r", new Pose(10, 20, 0, false));
        assertThat(PlanCheck.faults(problem, List.of(off))).singleElement().isInstanceOf(PlanFault.OffTheRepeat.class);
        assertThat(PlanCheck.faults(problem.withPinned(List.of(off)), List.of(off)))
                .isEmpty();
    }

    @Test
    void aHandIsLedToTheNextLine() {
        var problem = on(0, 75);
        var plan = lay(problem, 4);
        var free = new ArrayList<>(plan.placements());
        var last = free.removeLast();
        var moved = new ByHand(problem, plan)
                .moved(last, "r", new Pose(5000, 331, 0, false))
                .orThrow();
        Optional<Placement> there = moved.find(last.piece(), last.copy());
        assertThat(there).isPresent();
        var middle = there.get()
                .pose()
                .apply(problem.piece(last.piece()).shape().outline())
                .box()
                .middle();
        assertThat(Math.abs(Math.IEEEremainder(middle.y(), 75))).isLessThan(0.6);
    }
}
