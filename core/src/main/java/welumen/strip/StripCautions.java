package welumen.strip;

import static welumen.care.Caution.*;

import java.util.List;
import welumen.cabin.PartKind;
import welumen.care.Caution;

/** Which cautions belong to taking off a kind of part. */
public final class StripCautions {
    private StripCautions() {}

    public static List<Caution> of(PartKind kind) {
        return switch (kind) {
            case SEAT, REAR_SEAT -> List.of(SEATS_AND_BELTS, LIFTING);
            case CARPET, UNDERLAY, BULKHEAD, BOARD -> List.of(OLD_LININGS);
            case DASH, PAD -> List.of(AIRBAGS, LIFTING);
            case SHELL -> List.of(STRUCTURE);
            case DOOR_CARD, SILL_COVER, KICK_PANEL, PILLAR, HEADLINING, SHELF -> List.of(SPRINGS_AND_BLADES);
            case RUNNER, DOOR_SEAL, CONSOLE, HANDLE, SWITCHGEAR, BATTERY -> List.of();
        };
    }
}
