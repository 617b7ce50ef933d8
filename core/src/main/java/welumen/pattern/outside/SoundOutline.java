package welumen.pattern.outside;

import org.locationtech.jts.operation.valid.IsValidOp;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.pattern.piece.Piece;
import welumen.shape.Planar;

/** Whether a piece can be cut at all: its outline does not cross itself, and none of its sides is longer than a car's. */
public final class SoundOutline {
    /** Length in mm that no panel of a car exceeds; whoever types more has mistaken the unit. */
    public static final double LONGEST_MM = 6000;

    private SoundOutline() {}

    /** The piece, or why it is none. */
    public static Parsed<Piece> of(Piece piece) {
        var box = piece.net().box();
        var longest = Math.max(box.width(), box.height());
        if (longest > LONGEST_MM)
            return new Refused<>("The %s would be %s long, and no panel of a car is. Is %s meant?"
                    .formatted(piece.name(), Lengths.near(longest), Lengths.near(longest / 10)));
        var fault = new IsValidOp(Planar.polygon(piece.net())).getValidationError();
        if (fault == null) return new Understood<>(piece);
        var at = fault.getCoordinate();
        return new Refused<>(
                "So drawn, the %s would cross itself, %s along and %s up from its corner. Bow or move it less."
                        .formatted(piece.name(), Lengths.near(at.x - box.minX()), Lengths.near(at.y - box.minY())));
    }
}
