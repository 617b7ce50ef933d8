package welumen.cut.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import welumen.cut.CutPiece;
import welumen.cut.CutPlan;
import welumen.cut.CutProblem;
import welumen.cut.Placement;
import welumen.cut.stock.Stock;
import welumen.shape.Pose;

/**
 * Left and right match in grain, stretch and shade where they come from places of one hide that are each other's mirror image
 * about its backbone. Where they do not, whoever cuts is to know.
 */
public final class MirroredPlaces {
    private static final double SAME_MM = 30;

    private MirroredPlaces() {}

    /** A pair that does not match. @param why “they lie on two hides” */
    public record Apart(CutPiece one, CutPiece other, String why) {}

    /** Whether two copies that are each other's mirror image lie so. */
    public static boolean are(Placement one, Placement other) {
        var wanted = of(one.pose());
        return one.stock().equals(other.stock())
                && Math.hypot(
                                wanted.x() - other.pose().x(),
                                wanted.y() - other.pose().y())
                        <= SAME_MM;
    }

    /** About the backbone, x = 0: a shape that is the mirror image lies turned the other way. */
    public static Pose of(Pose pose) {
        return new Pose(-pose.x(), pose.y(), -pose.turnDegrees(), pose.flipped());
    }

    /** The pairs on hides that do not lie so, each once. */
    public static List<Apart> apart(CutProblem problem, CutPlan plan) {
        var apart = new ArrayList<Apart>();
        for (var piece : problem.pieces()) {
            if (piece.pair().isEmpty() || piece.id().compareTo(piece.pair()) > 0) continue;
            for (var copy = 1; copy <= piece.quantity(); copy++) {
                var one = find(problem, plan, piece.id(), copy);
                var other = find(problem, plan, piece.pair(), copy);
                if (one.isPresent() && other.isPresent() && !are(one.get(), other.get()))
                    apart.add(new Apart(piece, problem.piece(piece.pair()), why(one.get(), other.get())));
            }
        }
        return apart;
    }

    private static String why(Placement one, Placement other) {
        return one.stock().equals(other.stock())
                ? "both are on %s, but not opposite each other about its backbone".formatted(one.stock())
                : "they lie on %s and %s".formatted(one.stock(), other.stock());
    }

    private static Optional<Placement> find(CutProblem problem, CutPlan plan, String piece, int copy) {
        return plan.placements().stream()
                .filter(one -> one.piece().equals(piece) && one.copy() == copy)
                .filter(one -> problem.stock(one.stock()) instanceof Stock.Hide)
                .findFirst();
    }
}
