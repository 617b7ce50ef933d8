package welumen.cut.table;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cut.CutLog;
import welumen.cut.CutProblem;
import welumen.cut.CuttingTable.Laid;
import welumen.cut.judge.PlanCheck;
import welumen.cut.judge.PlanFault;
import welumen.cut.stock.Stock;
import welumen.measure.Lengths;

/** Stock that is otherwise than a plan reckons with: a roll that came narrower than it was ordered, a flaw that was found since. */
public final class StockChanged {
    private StockChanged() {}

    /**
     * One sentence for each stock on which the plan cannot be cut any more; what was cut already is past changing.
     *
     * @param now what can be cut from now
     */
    public static List<String> words(Laid laid, List<Stock> now, CutLog log) {
        return laid.plan().sheets().stream()
                .map(use -> laid.problem().stock(use.stock()))
                .filter(stock -> !log.isCut(stock.id()))
                .flatMap(stock -> words(
                        laid,
                        stock,
                        now.stream().filter(one -> one.id().equals(stock.id())).findFirst()))
                .toList();
    }

    private static Stream<String> words(Laid laid, Stock before, Optional<Stock> now) {
        if (now.isEmpty())
            return Stream.of("The %s is not there any more: lay its pieces again.".formatted(before.id()));
        if (now.get().equals(before)) return Stream.empty();
        return PlanCheck.faults(on(laid, now.get()), laid.plan().on(before.id())).stream()
                .limit(1)
                .map(fault -> said(before, now.get(), fault));
    }

    private static CutProblem on(Laid laid, Stock now) {
        return new CutProblem(laid.problem().gap(), laid.problem().pieces(), List.of(now), List.of());
    }

    private static String said(Stock before, Stock now, PlanFault fault) {
        if (before instanceof Stock.Roll ordered && now instanceof Stock.Roll came && came.width() != ordered.width())
            return "The %s is %s wide, and the plan reckons with %s: lay its pieces again."
                    .formatted(now.id(), Lengths.near(came.width()), Lengths.near(ordered.width()));
        return "The %s is not as it was laid out on. %s Lay its pieces again.".formatted(now.id(), fault.said());
    }
}
