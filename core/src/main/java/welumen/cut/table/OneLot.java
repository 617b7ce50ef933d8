package welumen.cut.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.PlanScore;
import welumen.cut.Stock;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;

/**
 * Nothing that is seen together comes from two dye lots: where there are several of a material, its pieces are laid on one of
 * them alone, if one is enough; on the one that was begun, if one was.
 */
public final class OneLot {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(2);

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
        var open = remaining.open();
        var stock = new ArrayList<>(open.stock());
        for (var material :
                open.pieces().stream().map(CutPiece::material).distinct().toList())
            lot(material)
                    .ifPresent(lot -> stock.removeIf(one ->
                            one.material().equals(material) && !one.lot().dye().equals(lot)));
        return new CutProblem(open.gap(), open.pieces(), stock, open.pinned());
    }

    /** Empty where there is but one, or none is enough. */
    private Optional<String> lot(String material) {
        var open = remaining.open();
        var lots = open.stock().stream()
                .filter(stock -> stock.material().equals(material))
                .map(stock -> stock.lot().dye())
                .collect(Collectors.toCollection(TreeSet::new));
        if (lots.size() < 2) return Optional.empty();
        var begun = begun(material);
        if (begun.size() > 1) return Optional.empty();
        lots.removeIf(lot -> !begun.isEmpty() && !begun.contains(lot));
        return lots.stream()
                .flatMap(lot -> tried(material, lot).stream())
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

    private Optional<Tried> tried(String material, String lot) {
        var open = remaining.open();
        var pieces = open.pieces().stream()
                .filter(piece -> piece.material().equals(material))
                .toList();
        var stock = open.stock().stream()
                .filter(one ->
                        one.material().equals(material) && one.lot().dye().equals(lot))
                .toList();
        if (area(stock) < CutPiece.area(pieces)) return Optional.empty();
        var pinned = open.pinned().stream()
                .filter(pin -> pieces.stream().anyMatch(piece -> piece.id().equals(pin.piece())))
                .toList();
        var alone = new CutProblem(open.gap(), pieces, stock, pinned);
        var plan = Nester.untilAllLie(alone, SHORT, stop);
        return plan.unplaced().isEmpty()
                ? Optional.of(new Tried(lot, PlanScore.of(alone, plan.placements())))
                : Optional.empty();
    }

    private static double area(List<Stock> stock) {
        return stock.stream().mapToDouble(one -> one.shape().area()).sum();
    }
}
