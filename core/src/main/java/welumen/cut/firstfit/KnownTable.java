package welumen.cut.firstfit;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import welumen.cut.CutProblem;
import welumen.cut.judge.PlanCheck;
import welumen.cut.stock.Stock;

/** What is known of a table while pieces are moved on it by hand: what each stock is like, and what its judge has found sound. */
public final class KnownTable {
    private final double gap;
    private final Map<Stock, PreparedStock> grounds;
    private final PlanCheck judge;

    KnownTable(CutProblem problem) {
        this(problem.gap(), new ConcurrentHashMap<>(), new PlanCheck(problem));
    }

    private KnownTable(double gap, Map<Stock, PreparedStock> grounds, PlanCheck judge) {
        this.gap = gap;
        this.grounds = grounds;
        this.judge = judge;
    }

    /** The same of a problem that differs in its pins. */
    KnownTable with(CutProblem pinned) {
        return new KnownTable(gap, grounds, judge.with(pinned));
    }

    PreparedStock ground(Stock stock) {
        return grounds.computeIfAbsent(stock, one -> new PreparedStock(one, gap));
    }

    PlanCheck judge() {
        return judge;
    }
}
