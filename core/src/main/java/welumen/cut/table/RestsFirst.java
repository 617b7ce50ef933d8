package welumen.cut.table;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Stock;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;

/** What is left of a roll is used up before another is begun, where all of its material can be cut from it. */
public final class RestsFirst {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(2);

    private final CutProblem open;
    private final StopSignal stop;

    private RestsFirst(CutProblem open, StopSignal stop) {
        this.open = open;
        this.stop = stop;
    }

    /** What is open, without the other rolls of a material of which a rest is enough. */
    public static CutProblem of(CutProblem open, StopSignal stop) {
        return new RestsFirst(open, stop).chosen();
    }

    private CutProblem chosen() {
        var stock = new ArrayList<>(open.stock());
        for (var material :
                open.pieces().stream().map(CutPiece::material).distinct().toList())
            enough(material)
                    .ifPresent(rest -> stock.removeIf(
                            one -> one.material().equals(material) && one != rest && one instanceof Stock.Roll));
        return new CutProblem(open.gap(), open.pieces(), stock, open.pinned());
    }

    /** The shortest rest that is enough; what is pinned stays on its roll, and nothing is chosen then. */
    private Optional<Stock> enough(String material) {
        var of = open.of(material);
        if (of.stock().stream().noneMatch(one -> !RollRest.isRest(one))
                || !of.pinned().isEmpty()) return Optional.empty();
        return of.stock().stream()
                .filter(RollRest::isRest)
                .sorted(Comparator.comparingDouble(one -> one.shape().area()))
                .filter(rest -> isEnough(of, rest))
                .findFirst();
    }

    private boolean isEnough(CutProblem of, Stock rest) {
        if (rest.shape().area() < CutPiece.area(of.pieces())) return false;
        var alone = new CutProblem(of.gap(), of.pieces(), List.of(rest), List.of());
        return Nester.untilAllLie(alone, SHORT, stop).unplaced().isEmpty();
    }
}
