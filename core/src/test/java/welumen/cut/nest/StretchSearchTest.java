package welumen.cut.nest;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Turns;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.shape.Outline;
import welumen.shape.Point;
import welumen.shape.Shape;

class StretchSearchTest {
    private static final Stock HIDE = new Stock.Hide(
            "h",
            "",
            new Shape(new Outline(
                    List.of(new Point(-500, 0), new Point(500, 0), new Point(1100, 1200), new Point(-1100, 1200)))),
            1,
            List.of(),
            new Stretch.AsGrown(),
            1);

    private static CutPlan lay(CutProblem problem, int rounds) {
        var plan = Nester.lay(problem, new NestOptions(rounds, Duration.ofMinutes(2), 3), (_, _) -> {}, () -> false);
        assertThat(PlanCheck.faults(problem, plan.placements())).isEmpty();
        return plan;
    }

    private static CutProblem problem(int count, Stretch stretch, Turns turns) {
        var pieces = new ArrayList<CutPiece>();
        for (var i = 0; i < count; i++)
            pieces.add(Cases.turned(
                    Cases.piece("p" + i, new Shape(Outline.rectangle(210 + i, 130)), 1, 4, stretch), turns));
        return new CutProblem(2, pieces, List.of(HIDE), List.of());
    }

    /** 45 pieces cover 65 % of it: they lie on the leaning flanks too, each turned as the leather runs there. */
    @Test
    void piecesTurnWithTheLeather() {
        var problem = problem(45, new Stretch.Along(90, 4), new Turns.Free());
        var plan = lay(problem, 12);
        assertThat(plan.unplaced()).isEmpty();
        assertThat(plan.placements())
                .anyMatch(one -> Math.abs(Math.IEEEremainder(one.pose().turnDegrees() - 90, 180)) > 8);
    }

    /** What may lie one way alone lies where the leather runs so: about the backbone. */
    @Test
    void aPieceThatMayNotTurnStaysWhereTheLeatherRunsItsWay() {
        var problem = problem(6, new Stretch.Along(0, 5), new Turns.AsDrawn());
        var plan = lay(problem, 6);
        assertThat(plan.unplaced()).isEmpty();
        for (var one : plan.placements()) assertThat(one.pose().turnDegrees()).isZero();
    }
}
