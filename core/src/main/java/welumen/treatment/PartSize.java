package welumen.treatment;

import welumen.cabin.PartKind;

/** How much more or less work a part is than one of middling size. */
final class PartSize {
    static final double LARGE = 2.5;
    static final double SMALL = 0.3;

    private PartSize() {}

    /** The factor on a treatment's usual hours. */
    static double factor(PartKind kind) {
        return switch (kind) {
            case DASH, HEADLINING, HOOD, REAR_SEAT -> LARGE;
            case RUNNER,
                    HEADREST,
                    MAT,
                    POCKET,
                    ARMREST,
                    DOOR_SEAL,
                    DUCT,
                    VENT,
                    LID,
                    COWL,
                    GAITER,
                    PILLAR,
                    VISOR,
                    MIRROR,
                    LAMP,
                    RAIL,
                    HANDLE,
                    SWITCHGEAR,
                    SILL_COVER,
                    BELT,
                    SHIELD,
                    BATTERY -> SMALL;
            default -> 1;
        };
    }
}
