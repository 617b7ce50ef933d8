package welumen.survey;

import java.util.List;
import welumen.cabin.PartId;
import welumen.shape.Point;

/**
 * Something found on a part.
 *
 * @param number from 1 within its job
 * @param sizeMm how far across, or how long it is, in mm
 * @param photos the content hashes of its photos
 */
public record Finding(
        int number,
        PartId part,
        FindingKind kind,
        Mark mark,
        double sizeMm,
        Severity severity,
        String note,
        List<String> photos) {
    /** @throws IllegalArgumentException if the size is not above nought */
    public Finding {
        photos = List.copyOf(photos);
        if (!(sizeMm > 0) || Double.isInfinite(sizeMm))
            throw new IllegalArgumentException(
                    "The size [%s mm] of the %s is not above nought.".formatted(sizeMm, kind.word()));
    }

    /** A find at one place, without a photo. */
    public Finding(int number, PartId part, FindingKind kind, Point at, double sizeMm, Severity severity, String note) {
        this(number, part, kind, new Mark.Dot(at), sizeMm, severity, note, List.of());
    }
}
