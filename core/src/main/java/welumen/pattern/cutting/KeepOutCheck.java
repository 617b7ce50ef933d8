package welumen.pattern.cutting;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import welumen.pattern.piece.KeepOut;
import welumen.pattern.piece.Piece;
import welumen.shape.Outline;
import welumen.shape.Planar;
import welumen.shape.Shape;

/** What of a piece, its allowances and all, lies where something else must move. */
public final class KeepOutCheck {
    private static final double LEAST_AREA = 1;

    private KeepOutCheck() {}

    /** @param where the part of the piece that is in the way, the largest bit of it */
    public record Offence(KeepOut keepOut, Outline where) {}

    public static List<Offence> of(Piece piece) {
        var offences = new ArrayList<Offence>();
        if (piece.inside().keepOuts().isEmpty()) return offences;
        Geometry covered = Planar.polygon(CuttingLine.of(piece));
        for (var hole : piece.holes())
            covered =
                    OverlayNGRobust.overlay(covered, Planar.polygon(new Shape(hole, List.of())), OverlayNG.DIFFERENCE);
        for (var keepOut : piece.inside().keepOuts()) {
            var over = OverlayNGRobust.overlay(covered, Planar.polygon(keepOut.room()), OverlayNG.INTERSECTION);
            if (over.getArea() > LEAST_AREA)
                Planar.largest(over).map(Planar::outline).ifPresent(where -> offences.add(new Offence(keepOut, where)));
        }
        return offences;
    }
}
