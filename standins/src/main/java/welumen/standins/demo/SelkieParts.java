package welumen.standins.demo;

import java.util.List;
import welumen.cabin.Part;
import welumen.cabin.PartId;
import welumen.cabin.PartKind;
import welumen.cabin.Side;
import welumen.cabin.Supply;
import welumen.cabin.body.Body;
import welumen.cabin.body.BodyParts;

/** The parts of the 1963 Varrow Selkie: those of a saloon with the wheel on the right, put right by looking. */
final class SelkieParts {
    private static final String HIDE = "sage hide";

    private SelkieParts() {}

    static List<Part> all() {
        return BodyParts.of(Body.SALOON, Side.RIGHT).stream()
                .filter(part -> part.onlyWhere().isEmpty()) // it was built before seat belts
                .map(part -> part.withMaterial(material(part)).withSupply(supply(part.kind())))
                .toList();
    }

    /** The name of a part as its id. */
    static PartId id(String name) {
        return PartId.named(name);
    }

    private static String material(Part part) {
        return switch (part.kind()) {
            case DOOR_CARD -> HIDE + " and striped wool";
            case CARPET -> part.id().value().startsWith("tunnel") ? "loop carpet" : "moulded loop carpet";
            default -> part.material().replaceFirst("^hide\\b", HIDE);
        };
    }

    private static Supply supply(PartKind kind) {
        return switch (kind) {
            case DOOR_SEAL, UNDERLAY, HEADLINING, BATTERY, FOAM, SHIELD -> Supply.STILL_MADE;
            case SEAT, REAR_SEAT, SHELL, SWITCHGEAR, GAUGES, LAMP -> Supply.NOT_KNOWN;
            default -> Supply.NO_LONGER_MADE;
        };
    }
}
