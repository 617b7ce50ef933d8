package welumen.cut;

import java.util.List;
import java.util.Map;
import welumen.cut.CutPlan.SheetUse;
import welumen.cut.CuttingTable.Clear;
import welumen.cut.CuttingTable.Laid;

/** What lies on the table once hides and rolls are called otherwise: nothing of it has moved. */
public final class StockRenamed {
    private final Map<String, String> renamed;

    private StockRenamed(Map<String, String> renamed) {
        this.renamed = renamed;
    }

    /** @param renamed the name now, by the name in the plan; the same table where none of them is in it */
    public static CuttingTable on(CuttingTable table, Map<String, String> renamed) {
        return switch (table) {
            case Clear clear -> clear;
            case Laid laid ->
                laid.problem().stock().stream().anyMatch(stock -> renamed.containsKey(stock.id()))
                        ? new StockRenamed(renamed).laid(laid)
                        : laid;
        };
    }

    private Laid laid(Laid laid) {
        var problem = laid.problem();
        var plan = laid.plan();
        var stock = problem.stock().stream()
                .map(one -> renamed.containsKey(one.id()) ? one.called(now(one.id())) : one)
                .toList();
        return new Laid(
                new CutProblem(problem.gap(), problem.pieces(), stock, placements(problem.pinned())),
                new CutPlan(
                        placements(plan.placements()),
                        plan.unplaced(),
                        plan.sheets().stream().map(this::use).toList(),
                        plan.rounds()));
    }

    private List<Placement> placements(List<Placement> all) {
        return all.stream()
                .map(one -> new Placement(one.piece(), one.copy(), now(one.stock()), one.pose()))
                .toList();
    }

    private SheetUse use(SheetUse use) {
        return new SheetUse(now(use.stock()), use.pieceArea(), use.stockArea(), use.openedArea(), use.usedLength());
    }

    private String now(String name) {
        return renamed.getOrDefault(name, name);
    }
}
