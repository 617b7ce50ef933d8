package welumen.pattern.thick;

import java.util.List;
import java.util.Optional;
import welumen.pattern.Edge;
import welumen.pattern.EdgeFinish;
import welumen.pattern.Grain;
import welumen.pattern.Inside;
import welumen.pattern.Piece;
import welumen.pattern.Under;
import welumen.shape.Planar;
import welumen.shape.Pose;
import welumen.shape.Shape;

/**
 * What covers a wrapped board's back where it is seen: as the board, short of its edge all round, and over the ends of what is
 * turned in.
 */
public final class BackLining {
    /** So that nobody sees it from the front. */
    public static final double SHORT_MM = 4;

    /** So much of the turn-in it must hold. */
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
                .map(outline -> new Piece(
                        piece.id() + "-back",
                        piece.part(),
                        piece.name() + ", back",
                        material,
                        piece.pairing(),
                        4,
                        new Grain.AnyWay(),
                        piece.face(),
                        Under.NOTHING,
                        List.of(new Edge("all round", outline.corners(), EdgeFinish.RAW, 0)),
                        Inside.holes(behind.holes().stream()
                                .filter(hole -> Planar.polygon(outline).contains(Planar.polygon(hole)))
                                .toList())));
    }
}
