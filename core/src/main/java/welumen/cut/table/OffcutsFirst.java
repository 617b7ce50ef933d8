package welumen.cut.table;

import java.util.ArrayList;
import java.util.List;
import welumen.cut.CutProblem;
import welumen.cut.NestOptions;
import welumen.cut.Placement;
import welumen.cut.StopSignal;
import welumen.cut.nest.Nester;
import welumen.cut.stock.Stock;

/** Small pieces are tried on offcuts before a hide is opened for them: they are paid for already. */
public final class OffcutsFirst {
    /** Area in mm² above which a piece is worth a place on a hide. */
    public static final double SMALL_MM2 = 0.08e6;

    private static final NestOptions SHORT = NestOptions.USUAL.withRounds(4);

    private OffcutsFirst() {}

    /** The same problem with those that found a place pinned there; the offcuts that nothing lies on are left out of it. */
    public static CutProblem pinned(CutProblem problem, StopSignal stop) {
        var offcuts = problem.stock().stream()
                .filter(stock -> stock instanceof Stock.Hide hide && hide.kind() == Stock.Kind.OFFCUT)
                .toList();
        var small = problem.pieces().stream()
                .filter(piece -> piece.shape().area() < SMALL_MM2)
                .toList();
        if (offcuts.isEmpty() || small.isEmpty()) return problem;
        var own = problem.pinned().stream()
                .filter(pin -> small.stream().anyMatch(piece -> piece.id().equals(pin.piece()))
                        && offcuts.stream().anyMatch(stock -> stock.id().equals(pin.stock())))
                .toList();
        var laid = Nester.lay(new CutProblem(problem.gap(), small, offcuts, own), SHORT, (_, _) -> {}, stop);
        List<Placement> pins = new ArrayList<>(problem.pinned());
        for (var placement : laid.placements())
            if (!problem.isPinned(placement.piece(), placement.copy())) pins.add(placement);
        var used = problem.stock().stream()
                .filter(stock -> !offcuts.contains(stock)
                        || pins.stream().anyMatch(pin -> pin.stock().equals(stock.id())))
                .toList();
        return new CutProblem(problem.gap(), problem.pieces(), used, pins);
    }
}
