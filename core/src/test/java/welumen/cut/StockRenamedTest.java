package welumen.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static welumen.cut.Cases.rectangle;
import static welumen.cut.Cases.sheet;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.SheetUses;
import welumen.cut.stock.Stock;
import welumen.shape.Pose;

/** A hide that is called otherwise keeps what lies on it. */
class StockRenamedTest {
    private static final List<Placement> LYING = List.of(new Placement("a", 1, "hide 1", new Pose(10, 10, 0, false)));
    private static final CutProblem PROBLEM = new CutProblem(
            2,
            List.of(rectangle("a", 100, 50, 1)),
            List.of(sheet("hide 1", 500, 400), sheet("hide 2", 500, 400)),
            LYING);
    private static final Laid TABLE = new Laid(PROBLEM, new CutPlan(LYING, List.of(), SheetUses.of(PROBLEM, LYING), 1));

    @Test
    void whatLiesOnItLiesOnItStill() {
        var now = (Laid) StockRenamed.on(TABLE, Map.of("hide 1", "the brown one"));
        assertThat(now.problem().stock()).extracting(Stock::id).containsExactly("the brown one", "hide 2");
        assertThat(now.plan().placements()).extracting(Placement::stock).containsExactly("the brown one");
        assertThat(now.problem().pinned()).isEqualTo(now.plan().placements());
        assertThat(now.plan().sheets())
                .isEqualTo(SheetUses.of(now.problem(), now.plan().placements()));
        assertThat(PlanCheck.faults(now.problem(), now.plan().placements())).isEmpty();
    }

    @Test
    void whatItDoesNotNameStaysTheSame() {
        assertThat(StockRenamed.on(TABLE, Map.of("hide 9", "another"))).isSameAs(TABLE);
    }
}
