package welumen.cut.cloth;

import java.util.List;
import java.util.stream.Stream;
import welumen.cut.CutPiece;
import welumen.cut.CutProblem;
import welumen.cut.Turns;
import welumen.cut.stock.Stock;

/**
 * Cloth with a pattern whose pieces may turn as they like: no two panels of a car may have it crosswise, so it runs up each piece as
 * that is drawn, or down it. What lies already stays as it lies.
 */
public final class StripesUp {
    private static final Turns UP_OR_DOWN = new Turns.Listed(List.of(-90.0, 90.0));

    private StripesUp() {}

    /** The same problem, with those pieces turned so. */
    public static CutProblem of(CutProblem problem) {
        var pieces = problem.pieces().stream()
                .map(piece -> isMeant(problem, piece) ? piece.turning(UP_OR_DOWN) : piece)
                .toList();
        return new CutProblem(problem.gap(), pieces, problem.stock(), problem.pinned());
    }

    /** One sentence for each material that is laid so. */
    public static List<String> words(CutProblem problem) {
        return problem.pieces().stream()
                .filter(piece -> piece.turns().equals(UP_OR_DOWN) && isPatterned(problem.stock().stream(), piece))
                .map(CutPiece::material)
                .distinct()
                .map(
                        "The pattern of the %s runs up or down each piece as it is drawn; a nap, said at Pattern, turns it."
                                ::formatted)
                .toList();
    }

    private static boolean isMeant(CutProblem problem, CutPiece piece) {
        return piece.turns() instanceof Turns.Free
                && isPatterned(problem.stock().stream(), piece)
                && problem.pinned().stream().noneMatch(pin -> pin.piece().equals(piece.id()));
    }

    private static boolean isPatterned(Stream<Stock> stock, CutPiece piece) {
        return stock.anyMatch(one -> Repeat.isIn(one) && one.material().equals(piece.material()));
    }
}
