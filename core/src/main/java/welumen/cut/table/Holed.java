package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import welumen.cut.CutLog;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.Placement;
import welumen.cut.hide.Flaws;
import welumen.cut.judge.Lies;
import welumen.cut.stock.Stock;

/** Stocks that are still cut from, with a hole where a copy that was spoilt was cut out, once that copy leaves the plan. */
record Holed(List<Stock> stocks) {
    Holed {
        stocks = List.copyOf(stocks);
    }

    /**
     * @param now what can be cut from now
     * @param leaves which placements the plan will not have any more
     */
    static Holed of(Laid laid, List<Stock> now, CutLog log, Predicate<Placement> leaves) {
        var holed = new ArrayList<Stock>();
        for (var stock : now) {
            var gone = laid.plan().on(stock.id()).stream()
                    .filter(placement -> log.isSpoilt(placement) && leaves.test(placement))
                    .toList();
            if (gone.isEmpty()) continue;
            var left = stock;
            for (var placement : gone)
                left = left.flawed(Flaws.and(
                        left, Lies.of(laid.problem(), placement).shape().outline()));
            holed.add(left);
        }
        return new Holed(holed);
    }

    /** The same stocks, with their holes. */
    List<Stock> in(List<Stock> all) {
        return all.stream().map(stock -> find(stock.id()).orElse(stock)).toList();
    }

    private Optional<Stock> find(String id) {
        return stocks.stream().filter(stock -> stock.id().equals(id)).findFirst();
    }
}
