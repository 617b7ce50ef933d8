package welumen.cut.table;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.judge.PlanScore;

/**
 * Nothing that is seen together comes from two dye lots: where there are several of a material, its pieces are laid on one of
 * them alone, if one is enough; on the one that was begun, if one was.
 */
public final class OneLot {
    private final Remaining remaining;
    private final StopSignal stop;

    private OneLot(Remaining remaining, StopSignal stop) {
        this.remaining = remaining;
        this.stop = stop;
    }

    /** What is open, without the stock of other lots where one lot is enough. */
    public static CutProblem of(Remaining remaining, StopSignal stop) {
        return new OneLot(remaining, stop).chosen();
    }

    private CutProblem chosen() {
        return LessStock.of(
                remaining.open(),
                of -> lot(of).map(lot -> stock -> stock.lot().dye().equals(lot)));
    }

    /** Empty where there is but one, or none is enough. */
    private Optional<String> lot(CutProblem of) {
        var lots = of.stock().stream().map(stock -> stock.lot().dye()).collect(Collectors.toCollection(TreeSet::new));
        if (lots.size() < 2) return Optional.empty();
        var begun = begun(of.stock().getFirst().material());
        if (begun.size() > 1) return Optional.empty();
        lots.removeIf(lot -> !begun.isEmpty() && !begun.contains(lot));
        return lots.stream()
                .flatMap(lot -> tried(of, lot).stream())
                .min(Comparator.comparing(Tried::score))
                .map(Tried::lot);
    }

    /** The lots on which something of the material was cut or lies pinned. */
    private Set<String> begun(String material) {
        return Stream.concat(remaining.done().stream(), remaining.open().pinned().stream())
                .filter(placement ->
                        remaining.whole().stock(placement.stock()).material().equals(material))
                .map(Placement::stock)
                .map(remaining.whole()::stock)
                .map(stock -> stock.lot().dye())
                .collect(Collectors.toSet());
    }

    private record Tried(String lot, PlanScore score) {}

    private Optional<Tried> tried(CutProblem of, String lot) {
        var stock =
                of.stock().stream().filter(one -> one.lot().dye().equals(lot)).toList();
        return LessStock.plan(of, stock, stop).map(plan -> new Tried(lot, PlanScore.of(of, plan.placements())));
    }
}
