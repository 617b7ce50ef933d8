package welumen.pattern.thick;

import java.util.Optional;
import welumen.pattern.piece.Follower;
import welumen.pattern.piece.Piece;
import welumen.shape.Planar;
import welumen.shape.Pose;
import welumen.shape.Shape;

/**
 * What covers a wrapped board's back where it is seen: as the board, short of its edge all round, and over the ends of what is
 * turned in.
 */
public final class BackLining {
    /** Distance in mm that a lining stays short of the edge, so that nobody sees it from the front. */
    public static final double SHORT_MM = 4;

    /** Width in mm of the turn-in that a lining must hold. */
    private static final double LEAST_OVER_MM = 8;

    private static final Pose TURNED = new Pose(0, 0, 0, true);

    private BackLining() {}

    /** How much of what is turned in lies under it, in mm. */
    public static double overMm(TurnIn turnIn, double shortMm) {
        return turnIn.turnMm() - shortMm;
    }

    public static boolean isHeld(TurnIn turnIn, double shortMm) {
        return overMm(turnIn, shortMm) >= LEAST_OVER_MM;
    }

    /** Seen from behind, so the other way round; empty where nothing is left of the piece. */
    public static Optional<Piece> of(Piece piece, double shortMm, String material) {
        var behind = TURNED.apply(new Shape(piece.net(), piece.holes()));

        return Planar.largest(Planar.polygon(behind.outline()).buffer(-shortMm))
                .map(Planar::outline)
                .map(outline -> Follower.of(piece, "back", material, outline, behind.holes()));
    }
}
