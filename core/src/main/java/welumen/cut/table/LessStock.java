package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;

/** Whether less of the stock of a material is enough for all that is cut of it. */
final class LessStock {
    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(2);

    private LessStock() {}

    /** @param kept of each material's own problem: which of its stock is kept; empty where all is */
    static CutProblem of(CutProblem open, Function<CutProblem, Optional<Predicate<Stock>>> kept) {
        var stock = new ArrayList<>(open.stock());
        for (var material :
                open.pieces().stream().map(CutPiece::material).distinct().toList())
            kept.apply(open.of(material))
                    .ifPresent(which -> stock.removeIf(one -> one.material().equals(material) && !which.test(one)));
        return new CutProblem(open.gap(), open.pieces(), stock, open.pinned());
    }

    /** A plan of a moment of one material on some of its stock; empty where that is not enough. */
    static Optional<CutPlan> plan(CutProblem of, List<Stock> stock, StopSignal stop) {
        var area = stock.stream().mapToDouble(one -> one.shape().area()).sum();
        if (area < CutPiece.area(of.pieces())) return Optional.empty();
        var plan = Nester.untilAllLie(new CutProblem(of.gap(), of.pieces(), stock, of.pinned()), SHORT, stop);
        return Optional.of(plan).filter(one -> one.unplaced().isEmpty());
    }
}
