package welumen.cabin;

import java.time.Duration;
import java.util.List;
import welumen.shape.Outline;
import welumen.shape.Point;

/**
 * What a part is: its word, how long it usually takes to come off once nothing covers it, and the outline in
 * millimetres on which findings are marked until its own is drawn.
 */
public enum PartKind {
    SEAT("seat", 15, 560, 1150),
    REAR_SEAT("rear seat", 12, 1320, 980),
    COVER("cover", 25, 560, 640),
    FOAM("foam", 10, 520, 560),
    FRAME("frame", 15, 520, 900),
    RUNNERS("runners", 10, 460, 380),
    RUNNER("runner cover", 4, 420, 90),
    HEADREST("headrest", 2, 280, 200),
    BELT("belt", 8, 900, 60),
    CARPET("carpet", 20, 900, 760),
    UNDERLAY("underlay", 10, 860, 720),
    MAT("mat", 2, 860, 700),
    DOOR_CARD("door card", 20, 820, 560),
    SHIELD("water shield", 10, 780, 520),
    POCKET("pocket", 6, 420, 180),
    ARMREST("armrest", 5, 380, 90),
    SILL_COVER("sill cover", 4, 1050, 110),
    DOOR_SEAL("door seal", 1, 1600, 40),
    DASH("dash", 45, 1350, 420),
    PAD("pad", 25, 1300, 260),
    FASCIA("fascia", 15, 1200, 200),
    DUCT("duct", 8, 420, 140),
    VENT("vent", 4, 180, 90),
    LID("lid", 6, 420, 220),
    GAUGES("gauges", 15, 420, 180),
    SWITCHGEAR("switches", 10, 300, 120),
    WHEEL("steering wheel", 15, 400, 400),
    COWL("column cowl", 6, 320, 160),
    CONSOLE("console", 12, 900, 260),
    GAITER("gaiter", 5, 220, 220),
    KICK_PANEL("kick panel", 6, 420, 380),
    BULKHEAD("bulkhead trim", 15, 1300, 480),
    PILLAR("pillar trim", 5, 480, 120),
    HEADLINING("headlining", 90, 1900, 1200),
    VISOR("visor", 3, 420, 150),
    MIRROR("mirror", 3, 240, 80),
    LAMP("lamp", 3, 140, 80),
    RAIL("rail", 10, 1500, 70),
    HOOD("hood", 120, 1500, 1400),
    SHELF("shelf", 10, 1250, 420),
    BOARD("board", 8, 900, 600),
    HANDLE("handle", 3, 140, 60),
    SHELL("shell", 0, 900, 700),
    BATTERY("battery", 5, 260, 180);

    private final String word;
    private final Duration takesOff;
    private final Outline outline;

    PartKind(String word, int minutes, double width, double height) {
        this.word = word;
        this.takesOff = Duration.ofMinutes(minutes);
        this.outline = rounded(width, height, Math.min(width, height) / 6);
    }

    public String word() {
        return word;
    }

    /** The usual time to take one off, in the workshop's first guess. */
    public Duration takesOff() {
        return takesOff;
    }

    /** A typical outline, its lower left in the origin. */
    public Outline outline() {
        return outline;
    }

    private static Outline rounded(double w, double h, double r) {
        return new Outline(List.of(
                new Point(r, 0),
                new Point(w - r, 0),
                new Point(w, r),
                new Point(w, h - r),
                new Point(w - r, h),
                new Point(r, h),
                new Point(0, h - r),
                new Point(0, r)));
    }
}
