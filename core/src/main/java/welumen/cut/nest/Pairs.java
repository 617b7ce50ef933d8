package welumen.cut.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.firstfit.ByHand;
import welumen.cut.judge.MirroredPlaces;
import welumen.cut.judge.PlanScore;
import welumen.cut.judge.SheetUses;
import welumen.cut.stock.Stock;
import welumen.measure.Parsed.Understood;

/**
 * Left and right from mirrored places of one hide, so that they match: once a plan stands, one of each pair is moved to where
 * the other has its mirror image about the backbone, where that is free and makes the plan no worse.
 *
 * <p>Each pair is tried once, against all that lies on its hide; nothing is lost where it fails.
 */
public final class Pairs {
    /** Tolerance of areas, as a share, within which two pieces are of one shape and its mirror image. */
    private static final double SAME_AREA = 0.005;

    private Pairs() {}

    static List<Placement> mirrored(CutProblem problem, List<Placement> placements) {
        var best = placements;
        for (var piece : problem.pieces()) {
            if (piece.pair().isEmpty()
                    || piece.id().compareTo(piece.pair()) > 0
                    || !isPair(problem, piece.id(), piece.pair())) continue;
            for (var copy = 1; copy <= piece.quantity(); copy++)
                best = matched(problem, best, piece.id(), piece.pair(), copy);
        }
        return best;
    }

    private static boolean isPair(CutProblem problem, String one, String other) {
        return problem.pieces().stream().anyMatch(piece -> piece.id().equals(other))
                && Math.abs(problem.piece(one).shape().area()
                                        / problem.piece(other).shape().area()
                                - 1)
                        < SAME_AREA;
    }

    private static List<Placement> matched(
            CutProblem problem, List<Placement> best, String one, String other, int copy) {
        var left = find(best, one, copy);
        var right = find(best, other, copy);
        if (left.isEmpty() || right.isEmpty() || MirroredPlaces.are(left.get(), right.get())) return best;
        return moved(problem, best, right.get(), left.get())
                .or(() -> moved(problem, best, left.get(), right.get()))
                .orElse(best);
    }

    private static Optional<List<Placement>> moved(
            CutProblem problem, List<Placement> best, Placement which, Placement fellow) {
        if (problem.isPinned(which.piece(), which.copy()) || !(problem.stock(fellow.stock()) instanceof Stock.Hide))
            return Optional.empty();
        var plan = new ByHand(problem, new CutPlan(best, List.of(), SheetUses.of(problem, best), 0));
        if (!(plan.moved(which, fellow.stock(), MirroredPlaces.of(fellow.pose()))
                instanceof Understood<ByHand>(var there))) return Optional.empty();
        List<Placement> after = new ArrayList<>(there.plan().placements());
        return PlanScore.of(problem, after).compareTo(PlanScore.of(problem, best)) <= 0
                ? Optional.of(after)
                : Optional.empty();
    }

    private static Optional<Placement> find(List<Placement> placements, String piece, int copy) {
        return placements.stream()
                .filter(one -> one.piece().equals(piece) && one.copy() == copy)
                .findFirst();
    }
}
