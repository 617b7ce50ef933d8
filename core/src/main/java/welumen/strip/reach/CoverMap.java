package welumen.strip.reach;

import java.util.List;
import welumen.cabin.PartId;
import welumen.strip.Lap;
import welumen.strip.StripLog;

/** Which part laps which, by how much: how far the edge beneath may be off before it shows or bunches. */
public final class CoverMap {
    /** Width in mm of a lap that must stay, or the edge beneath shows when somebody leans on it. */
    public static final double KEPT_MM = 6;

    /**
     * An edge that another part covers.
     *
     * @param lapMm how far it is lapped
     * @param safeShortMm how much too short it may be cut and still stay hidden; 0 or more
     * @param safeLongMm how much too long it may be and still lie flat: nothing where it is tucked in to the end
     * @param needsFinish whether the edge is so little covered that it must be bound or folded
     */
    public record CoveredEdge(
            PartId under, PartId over, double lapMm, double safeShortMm, double safeLongMm, boolean needsFinish) {}

    private CoverMap() {}

    /** The edges of a part that others cover, as they were noted. */
    public static List<CoveredEdge> edgesOf(StripLog log, PartId part) {
        return log.laps().stream()
                .filter(lap -> lap.under().equals(part))
                .map(CoverMap::edge)
                .toList();
    }

    /** How much too short an edge may be under so wide a lap, in mm. */
    public static double safeShort(double lapMm) {
        return Math.max(0, lapMm - KEPT_MM);
    }

    /** How much too long it may be and still lie flat, in mm, where it is not tucked in. */
    public static double safeLong(double lapMm) {
        return lapMm / 2;
    }

    private static CoveredEdge edge(Lap lap) {
        var spare = safeShort(lap.byMm());
        var over = lap.tucked() ? 0 : safeLong(lap.byMm());
        return new CoveredEdge(lap.under(), lap.over(), lap.byMm(), spare, over, spare == 0);
    }
}
