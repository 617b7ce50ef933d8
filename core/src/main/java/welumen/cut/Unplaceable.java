package welumen.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import welumen.cut.CutPlan.Unplaced;

/** Finds the real reason why a piece has no place, by trying it alone on each empty stock. */
public final class Unplaceable {
    private final CutProblem problem;
    private final List<Ground> grounds;

    Unplaceable(CutProblem problem, List<Ground> grounds) {
        this.problem = problem;
        this.grounds = grounds;
    }

    /** One line for each copy that is missing from the placements. */
    public static List<Unplaced> reasons(CutProblem problem, List<Placement> placements) {
        var all = CutPiece.count(problem.pieces());
        if (placements.size() == all) return List.of();
        var grounds = problem.stock().stream()
                .map(stock -> new Ground(stock, problem.gap()))
                .toList();
        return new Unplaceable(problem, grounds).reasons(placements);
    }

    /** One line for each copy that is missing from the placements. */
    List<Unplaced> reasons(List<Placement> placements) {
        var unplaced = new ArrayList<Unplaced>();
        Map<String, String> reasons = new HashMap<>();
        for (var piece : problem.pieces())
            for (var copy = 1; copy <= piece.quantity(); copy++)
                if (!isPlaced(placements, piece, copy))
                    unplaced.add(
                            new Unplaced(piece.id(), copy, reasons.computeIfAbsent(piece.id(), _ -> reason(piece))));
        return unplaced;
    }

    private static boolean isPlaced(List<Placement> placements, CutPiece piece, int copy) {
        return placements.stream()
                .anyMatch(placement -> placement.piece().equals(piece.id()) && placement.copy() == copy);
    }

    private String reason(CutPiece piece) {
        var right = grounds.stream()
                .filter(ground -> ground.stock.material().equals(piece.material()))
                .toList();
        if (right.isEmpty())
            return piece.material().isEmpty()
                    ? "every stock is of a named material, and the piece names none"
                    : "there is no stock of “%s”".formatted(piece.material());
        if (right.stream().noneMatch(ground -> mayLieSomehow(piece, ground.stock)))
            return "none of its turns agrees with the stretch of the stock";
        if (fitsAlone(piece, right)) return "no room was found beside the others";
        var anyGrade = piece.times(1).graded(4);
        if (fitsAlone(anyGrade, right))
            return "no place of grade %d or better is large enough".formatted(piece.grade());
        return "no stock sheet is large enough";
    }

    private static boolean mayLieSomehow(CutPiece piece, Stock stock) {
        return !new AttitudeChoice()
                .of(piece, stock, new SplittableRandom(0), Tries.MANY)
                .isEmpty();
    }

    private boolean fitsAlone(CutPiece piece, List<Ground> stocks) {
        var random = new SplittableRandom(0);
        var choice = new AttitudeChoice(); // its own, since attitudes are kept by the piece's name
        return stocks.stream()
                .anyMatch(ground -> new Sheet(ground, problem.gap(), Taste.ROWS)
                        .placeFor(choice.of(piece, ground.stock, random, Tries.MANY))
                        .isPresent());
    }
}
