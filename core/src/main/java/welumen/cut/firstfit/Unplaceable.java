package welumen.cut.firstfit;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan.Unplaced;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;

/** Finds the real reason why a piece has no place, by trying it alone on each empty stock. */
public final class Unplaceable {
    /** Time spent on finding reasons, in ns; after it, it is only said that no room was found. */
    private static final long LONGEST_NANOS = 2_000_000_000L;

    private final CutProblem problem;
    private final List<PreparedStock> grounds;
    private final long end = System.nanoTime() + LONGEST_NANOS;

    Unplaceable(CutProblem problem, List<PreparedStock> grounds) {
        this.problem = problem;
        this.grounds = grounds;
    }

    /** One line for each copy that is missing from the placements, where the time was over before all were tried. */
    public static List<Unplaced> timeIsOver(CutProblem problem, List<Placement> placements) {
        return missing(problem, placements).stream()
                .map(copy -> new Unplaced(copy.piece(), copy.copy(), "the time was over before it was tried"))
                .toList();
    }

    private record Copy(String piece, int copy) {}

    private static List<Copy> missing(CutProblem problem, List<Placement> placements) {
        var placed = placements.stream()
                .map(placement -> new Copy(placement.piece(), placement.copy()))
                .collect(Collectors.toSet());
        return problem.pieces().stream()
                .flatMap(piece ->
                        IntStream.rangeClosed(1, piece.quantity()).mapToObj(copy -> new Copy(piece.id(), copy)))
                .filter(copy -> !placed.contains(copy))
                .toList();
    }

    /** One line for each copy that is missing from the placements. */
    public static List<Unplaced> reasons(CutProblem problem, List<Placement> placements) {
        var all = CutPiece.count(problem.pieces());
        if (placements.size() == all) return List.of();
        var grounds = problem.stock().stream()
                .map(stock -> new PreparedStock(stock, problem.gap()))
                .toList();
        return new Unplaceable(problem, grounds).reasons(placements);
    }

    /** One line for each copy that is missing from the placements. */
    List<Unplaced> reasons(List<Placement> placements) {
        Map<String, String> reasons = new HashMap<>();
        return missing(problem, placements).stream()
                .map(copy -> new Unplaced(
                        copy.piece(),
                        copy.copy(),
                        reasons.computeIfAbsent(copy.piece(), id -> reason(problem.piece(id)))))
                .toList();
    }

    private boolean isOver() {
        return System.nanoTime() > end;
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
        if (isOver() || fitsAlone(piece, right) || isOver()) return "no room was found beside the others";
        var anyGrade = piece.times(1).graded(4);
        if (fitsAlone(anyGrade, right))
            return "no place of grade %d or better is large enough".formatted(piece.grade());
        // what was broken off has not shown that there is none
        return isOver() ? "no room was found beside the others" : "no stock sheet is large enough";
    }

    private static boolean mayLieSomehow(CutPiece piece, Stock stock) {
        return !new AttitudeChoice()
                .of(piece, stock, new SplittableRandom(0), Tries.MANY)
                .isEmpty();
    }

    private boolean fitsAlone(CutPiece piece, List<PreparedStock> stocks) {
        var random = new SplittableRandom(0);
        var choice = new AttitudeChoice(); // its own, since attitudes are kept by the piece's name
        return stocks.stream()
                .anyMatch(ground -> new Sheet(ground, problem.gap(), Taste.ROWS)
                        .placeFor(choice.of(piece, ground.stock, random, Tries.MANY), this::isOver)
                        .isPresent());
    }
}
