package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.*;
import static welumen.cut.Cases.piece;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.OutlineTest;
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

class NesterTest {
    private static CutPlan lay(CutProblem problem, long rounds) {
        return Nester.lay(problem, new NestOptions(rounds, Duration.ofSeconds(30), 7), (_, _) -> {}, () -> false);
    }

    private static CutPlan lay(CutProblem problem, NestOptions options) {
        return Nester.lay(problem, options, (_, _) -> {}, () -> false);
    }

    private static CutProblem problem(double gap, List<CutPiece> pieces, Stock... stock) {
        return new CutProblem(gap, pieces, List.of(stock), List.of());
    }

    @Test
    void fillsASheetWithoutWasteWhereThatIsPossible() {
        var plan = lay(problem(0, List.of(rectangle("a", 500, 400, 4)), sheet("s", 1000, 800)), 2);
        assertThat(plan.placements()).hasSize(4);
        assertThat(plan.utilisation()).isCloseTo(1, within(1e-9));
    }

    @Test
    void keepsTheGapToTheEdgeAndBetweenPieces() {
        var fits = problem(10, List.of(rectangle("a", 100, 100, 4)), sheet("s", 230, 230));
        assertThat(lay(fits, 2).placements()).hasSize(4);
        var tooTight = problem(10, List.of(rectangle("a", 100, 100, 4)), sheet("s", 225, 225));
        var plan = lay(tooTight, 2);
        assertThat(plan.placements()).hasSize(1);
        assertThat(plan.unplaced())
                .hasSize(3)
                .allSatisfy(one -> assertThat(one.reason()).isEqualTo("no room was found beside the others"));
    }

    @Test
    void avoidsFlawsAndKeepsGrades() {
        var flawed = hide(
                "h",
                new Shape(Outline.rectangle(300, 100), List.of(at(140, 40, Outline.rectangle(20, 20)))),
                List.of(new GradeZone(3, at(150, 0, Outline.rectangle(200, 100)))));
        var best = piece("best", new Shape(Outline.rectangle(90, 90)), 2, 1, new Stretch.Any());
        var plan = lay(problem(0, List.of(best), flawed), 3);
        assertThat(plan.placements()).hasSize(1);
        assertThat(plan.unplaced()).hasSize(1);
        var poor = piece("poor", new Shape(Outline.rectangle(90, 90)), 2, 3, new Stretch.Any());
        assertThat(lay(problem(0, List.of(poor), flawed), 3).placements()).hasSize(2);
    }

    @Test
    void usesTheHoleInABigPieceForASmallOne() {
        var frame = new Shape(Outline.rectangle(100, 100), List.of(at(20, 20, Outline.rectangle(60, 60))));
        var plan = lay(
                problem(
                        0,
                        List.of(piece("frame", frame, 1, 4, new Stretch.Any()), rectangle("core", 50, 50, 1)),
                        sheet("s", 100, 100)),
                2);
        assertThat(plan.placements()).hasSize(2);
    }

    @Test
    void saysTheRealReasonWhyAPieceHasNoPlace() {
        var poorHide = hide(
                "h", new Shape(Outline.rectangle(300, 300)), List.of(new GradeZone(4, Outline.rectangle(300, 300))));
        var fussy = piece("fussy", new Shape(Outline.rectangle(50, 50)), 1, 1, new Stretch.Any());
        var huge = rectangle("huge", 400, 50, 1);
        var other = new CutPiece(
                "other",
                new Shape(Outline.rectangle(5, 5)),
                1,
                "wool",
                new Turns.Free(),
                false,
                4,
                new Stretch.Any(),
                "");
        var plan = lay(problem(0, List.of(fussy, huge, other), poorHide), 1);
        assertThat(plan.unplaced())
                .extracting(CutPlan.Unplaced::reason)
                .containsExactly(
                        "no place of grade 1 or better is large enough",
                        "no stock sheet is large enough",
                        "there is no stock of “wool”");
    }

    @Test
    void obeysTurnsAndStretch() {
        var asDrawn = turned(rectangle("a", 100, 40, 1), new Turns.AsDrawn());
        assertThat(lay(problem(0, List.of(asDrawn), sheet("s", 50, 200)), 2).placements())
                .isEmpty();
        var free = rectangle("a", 100, 40, 1);
        assertThat(lay(problem(0, List.of(free), sheet("s", 50, 200)), 2).placements())
                .hasSize(1);
        var along = piece("a", new Shape(Outline.rectangle(100, 40)), 1, 4, new Stretch.Along(0, 20));
        var ground = new Stock.Hide(
                "h", "", new Shape(Outline.rectangle(300, 300)), 1, List.of(), new Stretch.Along(90, 0), 0);
        var turn = lay(problem(0, List.of(along), ground), 3)
                .placements()
                .getFirst()
                .pose()
                .turnDegrees();
        assertThat(turn % 180).isBetween(70.0, 110.0);
        assertThat(lay(problem(0, List.of(turned(along, new Turns.AsDrawn())), ground), 1)
                        .unplaced())
                .extracting(CutPlan.Unplaced::reason)
                .containsExactly("none of its turns agrees with the stretch of the stock");
    }

    @Test
    void pinnedPiecesStayAndTheRestIsLaidAroundThem() {
        var pinned = new Placement("a", 2, "s", new Pose(60, 60, 0, false));
        var problem =
                new CutProblem(0, List.of(rectangle("a", 100, 100, 3)), List.of(sheet("s", 400, 300)), List.of(pinned));
        assertThat(lay(problem, 2).placements()).hasSize(3).contains(pinned);
    }

    @Test
    void aPinThatCannotStayIsRefused() {
        var over = new Placement("a", 1, "s", new Pose(350, 0, 0, false));
        var problem =
                new CutProblem(0, List.of(rectangle("a", 100, 100, 1)), List.of(sheet("s", 400, 300)), List.of(over));
        assertThatThrownBy(() -> lay(problem, 1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("“a” lies over or too near the edge");
    }

    /** A round piece meets no corner with a corner; it must find its place all the same. */
    @Test
    void roundPiecesFillASquareSheet() {
        var disc = new Shape(OutlineTest.star(Collections.nCopies(40, 50.0), 0, 0));
        var plan = lay(problem(0, List.of(piece("disc", disc, 9, 4, new Stretch.Any())), sheet("s", 302, 302)), 2);
        assertThat(plan.unplaced()).isEmpty();
    }

    @Test
    void fewerSheetsBeatMore() {
        var plan =
                lay(problem(0, List.of(rectangle("a", 100, 100, 5)), sheet("s1", 220, 220), sheet("s2", 320, 220)), 30);
        assertThat(plan.sheets()).extracting(CutPlan.SheetUse::stock).containsExactly("s2");
    }

    @Test
    void aRollIsUsedFromItsCutEnd() {
        var roll = new Stock.Roll("r", "", 1400, 12_000, 42, 0, 0);
        var plan = lay(problem(0, List.of(rectangle("a", 700, 500, 4)), roll), 3);
        assertThat(plan.sheets().getFirst().usedLength()).isCloseTo(1000, within(0.01));
    }

    /** A crease across all of its width and a stain: eight fit on 2 m of a sound one, and on no less of this. */
    @Test
    void aRollIsUsedAroundItsFlaws() {
        var roll = new Stock.Roll("r", "", 1400, 12_000, 42, 0, 0)
                .flawed(List.of(at(650, -50, Outline.rectangle(60, 1500)), at(1500, 600, Outline.rectangle(50, 50))));
        for (var count : List.of(8, 40)) {
            var problem = problem(2, List.of(rectangle("a", 690, 495, count)), roll);
            var plan = lay(problem, 6);
            assertThat(plan.placements()).hasSize(count);
            assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
            assertThat(plan.sheets().getFirst().usedLength()).isGreaterThan(count * 250 + 50);
        }
    }

    @Test
    void stopKeepsTheBest() {
        var stop = new AtomicBoolean();
        var reports = new ArrayList<Long>();
        var plan = Nester.lay(
                random(3),
                NestOptions.USUAL,
                (rounds, _) -> {
                    reports.add(rounds);
                    if (rounds == 2) stop.set(true);
                },
                stop::get);
        assertThat(reports).containsExactly(1L, 2L);
        assertThat(plan.rounds()).isEqualTo(2);
        assertThat(plan.placements()).isNotEmpty();
    }

    @Property(tries = 12)
    void everyPlanIsValidAndEqualForEqualSeedAndRounds(@ForAll @LongRange(min = 0, max = 100_000) long seed) {
        var problem = random(seed);
        var plan = lay(problem, 3);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        assertThat(plan.placements().size() + plan.unplaced().size())
                .isEqualTo(
                        problem.pieces().stream().mapToInt(CutPiece::quantity).sum());
        assertThat(lay(problem, 3)).isEqualTo(plan);
    }

    @Property(tries = 8)
    void moreRoundsAreNeverWorse(@ForAll @LongRange(min = 0, max = 100_000) long seed) {
        var problem = random(seed);
        assertThat(lay(problem, 5).unplaced().size())
                .isLessThanOrEqualTo(lay(problem, 1).unplaced().size());
    }

    /** It ended with an index out of bounds. */
    @Test
    void fourAreWantedAndOneFits() {
        var roll = new Stock.Roll("r", "", 600, 700, 42, 0, 0);
        var problem = problem(2, List.of(rectangle("a", 500, 400, 4)), roll);
        var plan = lay(problem, 40);
        assertThat(plan.placements()).hasSize(1);
        assertThat(plan.unplaced())
                .hasSize(3)
                .allSatisfy(left -> assertThat(left.reason()).isEqualTo("no room was found beside the others"));
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
    }

    /** The first plan leaves pieces over on a roll that holds them all; the search finds them a place. */
    @Test
    void whatAFirstPlanLeavesOverOnARollFindsAPlace() {
        var options = new NestOptions(60, Duration.ofSeconds(30), 1);
        var pieces = trim(1);
        var used = lay(problem(2, pieces, roll(12_000)), options)
                .sheets()
                .getFirst()
                .usedLength();
        var tight = problem(2, pieces, roll(1.04 * used));
        assertThat(lay(tight, options.withRounds(1)).placements())
                .as("the first plan leaves something over")
                .hasSizeLessThan(CutPiece.count(pieces));
        var plan = Nester.untilAllLie(tight, options.withRounds(2000), () -> false);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(PlanCheck.faults(tight, plan.placements())).isEmpty();
    }

    private static Stock.Roll roll(double length) {
        return new Stock.Roll("r", "", 1400, length, 42, 0, 0);
    }

    /** Tapered panels, as they are cut for a seat. */
    private static List<CutPiece> trim(long seed) {
        var random = new Random(seed);
        return IntStream.range(0, 24)
                .mapToObj(i -> {
                    var wide = 150 + random.nextInt(400);
                    var high = 120 + random.nextInt(350);
                    var in = random.nextInt(wide / 3);
                    return piece(
                            "p" + i,
                            new Shape(
                                    new Outline(List.of(
                                            new Point(0, 0),
                                            new Point(wide, 0),
                                            new Point(wide - in, high),
                                            new Point(in / 2.0, high))),
                                    List.of()),
                            1,
                            4,
                            new Stretch.Any());
                })
                .toList();
    }
}
