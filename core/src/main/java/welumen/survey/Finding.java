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
 * @param stopsWork whether work that would cover it stops until somebody qualified has seen to it; said when it is logged, so
 *     that no later table of ours stops or frees a car that was logged before
 */
public record Finding(
        int number,
        PartId part,
        FindingKind kind,
        Mark mark,
        double sizeMm,
        Severity severity,
        String note,
        List<String> photos,
        boolean stopsWork) {
    /** @throws IllegalArgumentException if the size is not above nought */
    public Finding {
        photos = List.copyOf(photos);
        if (!(sizeMm > 0) || Double.isInfinite(sizeMm))
            throw new IllegalArgumentException(
                    "The size [%s mm] of the %s is not above nought.".formatted(sizeMm, kind.word()));
    }

    /** One that stops work if its kind does today. */
    public Finding(
            int number,
            PartId part,
            FindingKind kind,
            Mark mark,
            double sizeMm,
            Severity severity,
            String note,
            List<String> photos) {
        this(number, part, kind, mark, sizeMm, severity, note, photos, kind.stopsWork());
    }

    /** A find at one place, without a photo. */
    public Finding(int number, PartId part, FindingKind kind, Point at, double sizeMm, Severity severity, String note) {
        this(number, part, kind, new Mark.Dot(at), sizeMm, severity, note, List.of());
    }

    /** The same found elsewhere on its part. */
    public Finding at(Mark other) {
        return new Finding(number, part, kind, other, sizeMm, severity, note, photos, stopsWork);
    }
}
