package welumen.strip;

import static welumen.care.Caution.*;

import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.Part;
import welumen.cabin.PartKind;
import welumen.cabin.Supply;
import welumen.care.Caution;

/** Which cautions belong to taking off a kind of part. */
public final class StripCautions {
    private StripCautions() {}

    public static List<Caution> of(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT, HEADREST -> List.of(SEATS_AND_BELTS, LIFTING);
            case RUNNERS, BELT -> List.of(SEATS_AND_BELTS);
            case CARPET, UNDERLAY, BULKHEAD, BOARD, FOAM, MAT -> List.of(OLD_LININGS);
            case DASH -> List.of(LIFTING);
            case SHELL -> List.of(STRUCTURE);
            case DOOR_CARD, SILL_COVER, KICK_PANEL, PILLAR, HEADLINING, SHELF, COVER, FRAME, HOOD ->
                List.of(SPRINGS_AND_BLADES);
            case RUNNER,
                    DOOR_SEAL,
                    CONSOLE,
                    HANDLE,
                    SWITCHGEAR,
                    BATTERY,
                    SHIELD,
                    POCKET,
                    ARMREST,
                    PAD,
                    FASCIA,
                    DUCT,
                    VENT,
                    LID,
                    GAUGES,
                    WHEEL,
                    COWL,
                    GAITER,
                    VISOR,
                    MIRROR,
                    LAMP,
                    RAIL -> List.of();
        };
    }

    /** Whether lives hang on its fixings. */
    public static boolean holdsLives(PartKind kind) {
        return of(kind).contains(SEATS_AND_BELTS) && kind != PartKind.HEADREST;
    }

    /** Whether a part breaks easily and cannot be had again: then it is cautioned for itself, whatever its kind. */
    public static boolean isIrreplaceable(Part part) {
        return part.supply() == Supply.NO_LONGER_MADE
                && Stream.of("plastic", "board", "moulded").anyMatch(part.material()::contains);
    }

    /** What cars with airbags or pretensioners want besides: the battery waited out before any of these is touched. */
    public static List<Caution> of(PartKind kind, boolean hasAirbags) {
        var usual = of(kind);
        return hasAirbags && wantsBatteryOff(kind)
                ? Stream.concat(Stream.of(AIRBAGS, AIRBAG_UNITS), usual.stream())
                        .toList()
                : usual;
    }

    /** Whether the battery is off, and waited out, before the part is touched in a car with airbags or pretensioners. */
    public static boolean wantsBatteryOff(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT, RUNNERS, COVER, BELT, WHEEL, COWL, DASH, PAD, FASCIA, PILLAR, RAIL, HEADLINING ->
                true;
            default -> false;
        };
    }
}
