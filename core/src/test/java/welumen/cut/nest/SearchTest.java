package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.at;
import static welumen.cut.Cases.hide;
import static welumen.cut.Cases.piece;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;
import static welumen.cut.Cases.turned;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
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
import welumen.shape.Point;
import welumen.shape.Pose;
import welumen.shape.Shape;

class SearchTest {
    private static CutPlan lay(CutProblem problem, long rounds) {
        var plan = Nester.lay(problem, new NestOptions(rounds, Duration.ofMinutes(2), 3), (_, _) -> {}, () -> false);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        return plan;
    }

    private static Shape triangle(double wide, double high) {
        return new Shape(new Outline(List.of(new Point(0, 0), new Point(wide, 0), new Point(0, high))));
    }

    private static CutPiece of(String id, String material, Shape shape, int quantity) {
        return new CutPiece(id, shape, quantity, material, new Turns.Free(), false, 4, new Stretch.Any(), "");
    }

    /** Pairs of triangles make rectangles: what a row of boxes wastes half of, is used. */
    @Test
    void aRollGetsShorterRoundByRound() {
        var roll = new Stock.Roll("r", "", 400, 20_000, 10, 0, 0);
        var problem = new CutProblem(
                0, List.of(piece("t", triangle(300, 190), 12, 4, new Stretch.Any())), List.of(roll), List.of());
        var first = lay(problem, 1).sheets().getFirst().usedLength();
        var later = lay(problem, 16).sheets().getFirst().usedLength();
        assertThat(later).isLessThan(first);
        var least = 12 * 300 * 190 / 2.0 / 400;
        assertThat(later).isBetween(least - 0.1, 1.3 * least);
    }

    /** Forty rectangles, which a first plan spreads over both sheets: they all go on the one. */
    @Test
    void aSheetIsSaved() {
        var pieces = new ArrayList<CutPiece>();
        for (var i = 0; i < 40; i++) pieces.add(rectangle("p" + i, 60 + 7 * (i % 5), 50 + 9 * (i % 4), 1));
        var area = pieces.stream().mapToDouble(one -> one.shape().area()).sum();
        var side = Math.sqrt(area / 0.74);
        var problem = new CutProblem(0, pieces, List.of(sheet("s1", side, side), sheet("s2", side, side)), List.of());
        var plan = lay(problem, 60);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.sheets()).hasSize(1);
    }

    @Test
    void eachMaterialIsLaidOnItsOwn() {
        var hides = new Stock.Hide(
                "hide", "hide", new Shape(Outline.rectangle(900, 900)), 1, List.of(), new Stretch.Any(), 300);
        var roll = new Stock.Roll("roll", "cloth", 700, 9_000, 20, 0, 0);
        var problem = new CutProblem(
                2,
                List.of(of("a", "hide", triangle(300, 200), 5), of("b", "cloth", triangle(260, 240), 7)),
                List.of(hides, roll),
                List.of());
        var plan = lay(problem, 8);
        assertThat(plan.on("hide"))
                .hasSize(5)
                .allMatch(placement -> placement.piece().equals("a"));
        assertThat(plan.on("roll"))
                .hasSize(7)
                .allMatch(placement -> placement.piece().equals("b"));
        assertThat(lay(problem, 8)).isEqualTo(plan);
    }

    /** Left-handed triangles fit a left-handed place only when they may be flipped. */
    @Test
    void whatMayLieFaceDownIsFlipped() {
        var ground = new Stock.Hide("s", "", triangle(420, 180), 1, List.of(), new Stretch.Any(), 1);
        var mirrored = new Shape(new Outline(List.of(new Point(0, 0), new Point(400, 0), new Point(400, 165))));
        var plain = new CutPiece("p", mirrored, 1, "", new Turns.Free(), false, 4, new Stretch.Any(), "");
        assertThat(lay(new CutProblem(0, List.of(plain), List.of(ground), List.of()), 4)
                        .placements())
                .isEmpty();
        var flips = new CutPiece("p", mirrored, 1, "", new Turns.Free(), true, 4, new Stretch.Any(), "");
        assertThat(lay(new CutProblem(0, List.of(flips), List.of(ground), List.of()), 40)
                        .placements())
                .hasSize(1)
                .allMatch(placement -> placement.pose().flipped());
    }

    /** A pin stays, a flaw and poor leather are kept clear of, the gap is kept. */
    @Test
    void whatDoesNotMoveIsKeptClearOf() {
        var ground = hide(
                "h",
                new Shape(Outline.rectangle(700, 500), List.of(at(300, 200, Outline.rectangle(60, 60)))),
                List.of(new GradeZone(3, at(500, 0, Outline.rectangle(200, 500)))));
        var pinned = new Placement("pin", 1, "h", new Pose(20, 20, 0, false));
        var good = piece("good", triangle(150, 120), 6, 1, new Stretch.Any());
        var poor = piece("poor", new Shape(Outline.rectangle(120, 80)), 3, 4, new Stretch.Any());
        var pin = piece("pin", new Shape(Outline.rectangle(140, 140)), 1, 1, new Stretch.Any());
        var problem = new CutProblem(4, List.of(good, poor, pin), List.of(ground), List.of(pinned));
        var plan = lay(problem, 12);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.placements()).contains(pinned).hasSize(10);
    }

    @Test
    void turnsThatAreListedAreExact() {
        var roll = new Stock.Roll("r", "", 420, 9_000, 10, 0, 0);
        var piece = turned(
                piece("t", triangle(200, 130), 9, 4, new Stretch.Any()), new Turns.Listed(List.of(0.0, 90.0, 237.5)));
        for (var placement : lay(new CutProblem(1, List.of(piece), List.of(roll), List.of()), 6)
                .placements())
            assertThat(List.of(0.0, 90.0, 237.5))
                    .anySatisfy(
                            turn -> assertThat(placement.pose().turnDegrees()).isCloseTo(turn, within(1e-4)));
    }

    @Test
    void thereIsAPlanAtOnceAndNothingToLayIsNoTrouble() {
        var pieces = new ArrayList<CutPiece>();
        for (var i = 0; i < 30; i++) pieces.add(rectangle("p" + i, 100 + i, 60 + i, 2));
        var stocks = List.<Stock>of(sheet("s1", 1500, 900), sheet("s2", 1500, 900));
        var plan = lay(new CutProblem(3, pieces, stocks, List.of()), 1);
        assertThat(plan.placements()).hasSize(60);
        assertThat(lay(new CutProblem(3, List.of(), stocks, List.of()), 5).placements())
                .isEmpty();
        assertThat(lay(new CutProblem(3, pieces, List.of(), List.of()), 5).unplaced())
                .hasSize(60);
    }

    /** Thinner than what pieces are shrunk by to touch: laid as it is, no fault of the program. */
    @Test
    void aPieceThinnerThanTheSlackIsLaid() {
        var thread = rectangle("thread", 200, 0.004, 2);
        assertThat(lay(new CutProblem(0, List.of(thread), List.of(sheet("s", 400, 300)), List.of()), 2)
                        .placements())
                .hasSize(2);
    }
}
