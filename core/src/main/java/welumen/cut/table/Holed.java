package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Lies;
import welumen.cut.Placement;
import welumen.cut.Stock;
import welumen.cut.hide.HideEdit;

/** Hides that are still cut from, with a hole where a copy that was spoilt was cut out, once that copy leaves the plan. */
record Holed(List<Stock> hides) {
    Holed {
        hides = List.copyOf(hides);
    }

    /**
     * @param now what can be cut from now
     * @param leaves which placements the plan will not have any more
     */
    static Holed of(Laid laid, List<Stock> now, CutLog log, Predicate<Placement> leaves) {
        var holed = new ArrayList<Stock>();
        for (var stock : now) {
            if (!(stock instanceof Stock.Hide hide)) continue;
            var gone = laid.plan().on(hide.id()).stream()
                    .filter(placement -> log.isSpoilt(placement) && leaves.test(placement))
                    .toList();
            if (gone.isEmpty()) continue;
            for (var placement : gone)
                hide = HideEdit.cutOut(
                        hide, Lies.of(laid.problem(), placement).shape().outline());
            holed.add(hide);
        }
        return new Holed(holed);
    }

    /** The same stocks, with their holes. */
    List<Stock> in(List<Stock> stocks) {
        return stocks.stream().map(stock -> find(stock.id()).orElse(stock)).toList();
    }

    private Optional<Stock> find(String id) {
        return hides.stream().filter(hide -> hide.id().equals(id)).findFirst();
    }
}
