package welumen.cut.nest.quick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static welumen.cut.Cases.at;
import static welumen.cut.Cases.hide;
import static welumen.cut.Cases.piece;
import static welumen.cut.Cases.sheet;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.judge.PlanCheck;
import welumen.cut.nest.Nester;
import welumen.cut.stock.GradeZone;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Pose;
import welumen.shape.Shape;

class OpeningOrderTest {
    private static final Shape LARGE = new Shape(Outline.rectangle(1000, 1000));

    private static CutPiece square(String id, double side, int grade, int quantity) {
        return piece(id, new Shape(Outline.rectangle(side, side)), quantity, grade, new Stretch.Any());
    }

    private static List<String> order(List<CutPiece> pieces, List<Stock> stock, List<Placement> pinned) {
        return OpeningOrder.of(new CutProblem(0, pieces, stock, pinned)).stream()
                .map(Stock::id)
                .toList();
    }

    /** Where all asks for grade 1, a large poor hide is worth less than a small good one; where nothing does, more. */
    @Test
    void whatIsWantedCounts() {
        var poor = hide("poor", LARGE, List.of(new GradeZone(3, Outline.rectangle(1000, 700))));
        var small = sheet("small", 800, 800);
        assertThat(order(List.of(square("p", 100, 1, 4)), List.of(poor, small), List.of()))
                .containsExactly("small", "poor");
        assertThat(order(List.of(square("p", 100, 4, 4)), List.of(small, poor), List.of()))
                .containsExactly("poor", "small");
    }

    /** 0.7 m² of it serves half of what is asked for, 0.3 m² all, and a hundredth is a flaw; the last zone counts. */
    @Test
    void aPlaceCountsByHowMuchMayLieThere() {
        var flaw = at(400, 800, Outline.rectangle(100, 100));
        var zoned = hide(
                "h",
                new Shape(LARGE.outline(), List.of(flaw)),
                List.of(
                        new GradeZone(4, LARGE.outline()),
                        new GradeZone(2, Outline.rectangle(1000, 700)),
                        new GradeZone(1, at(0, 700, Outline.rectangle(1000, 300)))));
        var pieces = List.of(square("good", 100, 1, 3), square("poor", 100, 2, 3));
        var worth = new OpeningOrder(pieces).worth(zoned);
        assertThat(worth).isCloseTo(0.99 * (0.7e6 / 2 + 0.3e6), within(1.0));
    }

    @Test
    void whatSomethingIsPinnedOnComesFirst() {
        var pinned = new Placement("p", 1, "small", new Pose(20, 20, 0, false));
        assertThat(order(
                        List.of(square("p", 100, 4, 4)),
                        List.of(sheet("large", 900, 900), sheet("small", 300, 300)),
                        List.of(pinned)))
                .containsExactly("small", "large");
    }

    /** Listed last, and alone large enough: the plan opens it and no other. */
    @Test
    void theLargestIsTheFewest() {
        var stock = List.<Stock>of(sheet("a", 700, 500), sheet("b", 700, 500), sheet("c", 1100, 700));
        var plan = Nester.lay(
                new CutProblem(0, List.of(square("p", 160, 4, 20)), stock, List.of()),
                new NestOptions(8, Duration.ofMinutes(2), 1),
                (_, _) -> {},
                () -> false);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.sheets()).singleElement().matches(use -> use.stock().equals("c"));
    }

    /** Three lie on a small sheet as well as on a large one, which costs more. */
    @Test
    void theCheaperOfTwoIsUsed() {
        var large = new Stock.Hide("large", "", LARGE, 1, List.of(), new Stretch.Any(), 400);
        var small = new Stock.Hide(
                "small", "", new Shape(Outline.rectangle(500, 400)), 1, List.of(), new Stretch.Any(), 90);
        var problem = new CutProblem(0, List.of(square("p", 160, 4, 3)), List.<Stock>of(large, small), List.of());
        var plan = Nester.lay(problem, new NestOptions(8, Duration.ofMinutes(2), 1), (_, _) -> {}, () -> false);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.sheets()).singleElement().matches(use -> use.stock().equals("small"));
    }
}
