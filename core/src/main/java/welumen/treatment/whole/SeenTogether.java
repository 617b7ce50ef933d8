package welumen.treatment.whole;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import welumen.cabin.Cabin;
import welumen.cabin.Part;
import welumen.cabin.PartId;

/** Which parts the eye takes in together, so that one among them stands out if it is far better or worse. */
public enum SeenTogether {
    SEATS("the seats"),
    FLOORS("the floors"),
    CARDS("the door cards"),
    DASH("the dash"),
    SILLS("the sills"),
    ROOF("the roof");

    private final String word;

    SeenTogether(String word) {
        this.word = word;
    }

    /** “the seats”. */
    public String word() {
        return word;
    }

    /** Groups of two and more of the parts; what nobody sees is in none. */
    public static Map<SeenTogether, List<PartId>> groups(Cabin cabin) {
        var groups = new EnumMap<SeenTogether, List<PartId>>(SeenTogether.class);
        for (var part : cabin.parts())
            of(part).ifPresent(group ->
                    groups.computeIfAbsent(group, _ -> new ArrayList<>()).add(part.id()));
        groups.values().removeIf(parts -> parts.size() < 2);
        return groups;
    }

    private static Optional<SeenTogether> of(Part part) {
        return switch (part.kind()) {
            case SEAT, REAR_SEAT, COVER, HEADREST -> Optional.of(SEATS);
            case CARPET, MAT -> Optional.of(FLOORS);
            case DOOR_CARD, ARMREST, POCKET -> Optional.of(CARDS);
            case DASH, PAD, FASCIA, CONSOLE, LID, VENT, COWL -> Optional.of(DASH);
            case SILL_COVER, RUNNER, KICK_PANEL -> Optional.of(SILLS);
            case HEADLINING, VISOR, PILLAR, RAIL -> Optional.of(ROOF);
            default -> Optional.empty();
        };
    }
}
