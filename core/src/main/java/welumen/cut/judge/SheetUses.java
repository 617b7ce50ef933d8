package welumen.cut.judge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import welumen.cut.CutPlan.SheetUse;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.shape.Planar;

/** How the stocks are used on which pieces lie. */
public final class SheetUses {
    private SheetUses() {}

    /** In the order of the stock, those alone on which something lies. */
    public static List<SheetUse> of(CutProblem problem, List<Placement> placements) {
        Map<Stock, List<Lies>> bySheet = new HashMap<>();
        for (var placement : placements) {
            var lies = Lies.of(problem, placement);
            bySheet.computeIfAbsent(lies.stock(), _ -> new ArrayList<>()).add(lies);
        }
        return problem.stock().stream()
                .filter(bySheet::containsKey)
                .map(stock -> use(stock, Objects.requireNonNull(bySheet.get(stock))))
                .toList();
    }

    private static SheetUse use(Stock stock, List<Lies> lying) {
        var pieces = lying.stream().mapToDouble(lies -> lies.shape().area()).sum();
        var whole = Planar.areaLeft(stock.shape());
        return switch (stock) {
            case Stock.Hide hide -> new SheetUse(hide.id(), pieces, whole, whole, 0);
            case Stock.Roll roll -> {
                var used = PlanScore.box(lying).maxX();
                yield new SheetUse(roll.id(), pieces, whole, used * roll.width(), used);
            }
        };
    }
}
