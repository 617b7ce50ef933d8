package welumen.survey;

import welumen.cabin.PartId;
import welumen.shape.Point;

/**
 * Something found on a part.
 *
 * @param number from 1 within its job
 * @param at its place on the part's outline, in mm from the outline's lower left
 * @param sizeMm how far across it is, in mm
 */
public record Finding(
        int number, PartId part, FindingKind kind, Point at, double sizeMm, Severity severity, String note) {
    /** @throws IllegalArgumentException if the size is not above nought */
    public Finding {
        if (!(sizeMm > 0) || Double.isInfinite(sizeMm))
            throw new IllegalArgumentException(
                    "The size [%s mm] of the %s is not above nought.".formatted(sizeMm, kind.word()));
    }
}
