package welumen.cut.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;

import java.util.List;
import org.junit.jupiter.api.Test;
import welumen.cut.Cases;
import welumen.cut.CutLog;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.Turns;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;
import welumen.cut.table.Remaining;
import welumen.shape.Pose;

class StripesUpTest {
    private static final Stock STRIPED = new Stock.Roll("r", "", 1400, 6000, 40, 0, 75);
    private static final Stock PLAIN = new Stock.Roll("r", "", 1400, 6000, 40, 0, 0);

    /** Wide pieces would save cloth lying along the roll; the stripe runs up them all the same. */
    @Test
    void stripesRunUpEveryPanelThatMayTurn() {
        var problem = Remaining.of(
                        3,
                        List.of(rectangle("wide", 640, 200, 6)),
                        List.of(STRIPED),
                        new CuttingTable.Clear(),
                        CutLog.EMPTY)
                .whole();
        var plan = Nester.lay(problem, NestOptions.USUAL.withRounds(3), (_, _) -> {}, () -> false);
        assertThat(plan.placements())
                .hasSize(6)
                .allMatch(one -> Math.abs(Math.IEEEremainder(one.pose().turnDegrees() - 90, 180)) < 1e-6);
    }

    @Test
    void plainClothAndWhatHasANapTurnAsBefore() {
        var free = rectangle("a", 300, 200, 1);
        var napped = Cases.turned(rectangle("b", 300, 200, 1), new Turns.Listed(List.of(0.0)));
        assertThat(StripesUp.of(new CutProblem(3, List.of(free), List.of(PLAIN), List.of()))
                        .pieces())
                .containsExactly(free);
        assertThat(StripesUp.of(new CutProblem(3, List.of(napped), List.of(STRIPED), List.of()))
                        .pieces())
                .containsExactly(napped);
    }

    @Test
    void itIsSaidOnceForEachMaterial() {
        var striped = new Stock.Roll("r", "wool", 1400, 6000, 40, 0, 75);
        var pieces =
                List.of(Cases.of(rectangle("a", 300, 200, 1), "wool"), Cases.of(rectangle("b", 300, 250, 1), "wool"));
        var problem = new CutProblem(3, pieces, List.of(striped), List.of());
        assertThat(StripesUp.words(problem)).isEmpty();
        assertThat(StripesUp.words(StripesUp.of(problem)))
                .singleElement()
                .asString()
                .startsWith("The pattern of the wool runs up or down");
    }

    /** Another copy of what lies crosswise lies crosswise too. */
    @Test
    void whatLiesAlreadyStays() {
        var free = rectangle("a", 300, 150, 2);
        var pinned = new Placement("a", 1, "r", new Pose(0, 0, 0, false));
        assertThat(StripesUp.of(new CutProblem(3, List.of(free), List.of(STRIPED), List.of(pinned)))
                        .pieces())
                .containsExactly(free);
    }
}
