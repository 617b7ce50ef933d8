package welumen.cut.table;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import welumen.cut.CutProblem;
import welumen.cut.StopSignal;
import welumen.cut.stock.Stock;

/** What is left of a roll is used up before another is begun, where all of its material can be cut from it. */
public final class RestsFirst {
    private RestsFirst() {}

    /** What is open, without the other rolls of a material of which a rest is enough. */
    public static CutProblem of(CutProblem open, StopSignal stop) {
        return LessStock.of(open, of -> enough(of, stop).map(RestsFirst::orNoRoll));
    }

    private static Predicate<Stock> orNoRoll(Stock rest) {
        return one -> one == rest || !(one instanceof Stock.Roll);
    }

    /** The shortest rest that is enough; what is pinned stays on its roll, and nothing is chosen then. */
    private static Optional<Stock> enough(CutProblem of, StopSignal stop) {
        if (of.stock().stream().allMatch(RollRest::isRest) || !of.pinned().isEmpty()) return Optional.empty();
        return of.stock().stream()
                .filter(RollRest::isRest)
                .sorted(Comparator.comparingDouble(one -> one.shape().area()))
                .filter(rest -> LessStock.plan(of, List.of(rest), stop).isPresent())
                .findFirst();
    }
}
