package welumen.cut.nest.separation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import welumen.cut.CutProblem;
import welumen.cut.StopSignal;
import welumen.cut.stock.Stock;

/** The copies that are to be laid on some stocks, the largest first; those that are pinned lie already. */
public final class Items {
    private Items() {}

    /** Those alone that may lie on one of the stocks some way. */
    public static List<Item> of(CutProblem problem, List<Stock> stocks, Resolution fineness) {
        return of(problem, stocks, fineness, StopSignal.NEVER);
    }

    /** Those that are looked at before it is stopped. */
    public static List<Item> of(CutProblem problem, List<Stock> stocks, Resolution fineness, StopSignal stop) {
        var items = new ArrayList<Item>();
        var firsts = problem.pieces().parallelStream()
                .filter(piece -> piece.material().equals(stocks.getFirst().material()))
                .filter(_ -> !stop.stopRequested())
                .map(piece -> Item.of(piece, problem.gap(), stocks, fineness))
                .toList();
        for (var first : firsts) {
            if (first.ways().stream().allMatch(Ways::none)) continue;
            var piece = first.piece();
            for (var copy = 1; copy <= piece.quantity(); copy++)
                if (!problem.isPinned(piece.id(), copy)) items.add(first.copy(copy));
        }
        items.sort(Comparator.comparingDouble(item -> -item.plain().area));
        return List.copyOf(items);
    }
}
