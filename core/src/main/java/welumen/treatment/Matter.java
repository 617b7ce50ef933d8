package welumen.treatment;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import welumen.cabin.Part;

/** What a part's surface is of, as far as it decides what can be done with it. */
public enum Matter {
    LEATHER("leather", "hide"),
    VINYL("vinyl", "leathercloth"),
    CLOTH("cloth", "wool", "cotton", "canvas", "linen", "headcloth"),
    CARPET("carpet", "pile", "felt", "jute"),
    WOOD("wood", "veneer", "ply"),
    BOARD("board", "hardboard", "fibreboard"),
    METAL("metal", "steel", "aluminium", "chrome", "tin"),
    PLASTIC("plastic", "moulded", "bakelite"),
    RUBBER("rubber", "seal"),
    FOAM("foam", "sponge", "horsehair");

    private final List<String> words;

    Matter(String... words) {
        this.words = List.of(words);
    }

    public String word() {
        return words.getFirst();
    }

    /** By the words in which the part's material is noted; where nobody has, by what such a part usually is of. */
    public static Matter of(Part part) {
        return of(part.material()).orElseGet(() -> usual(part));
    }

    /** By the words in which a material is noted; empty where they say nothing of it. */
    public static Optional<Matter> of(String material) {
        var said = material.toLowerCase(Locale.ROOT);
        return Stream.of(values())
                .filter(matter -> matter.words.stream().anyMatch(said::contains))
                .findFirst();
    }

    /** What carries its surface: “vinyl on board” has a board beneath; where nothing is said, the part is all of one matter. */
    public static Matter carrier(Part part) {
        var said = part.material().toLowerCase(Locale.ROOT).split(" (?:on|over) ", 2);
        return said.length < 2 ? of(part) : of(part.withMaterial(said[1]));
    }

    private static Matter usual(Part part) {
        return switch (part.kind()) {
            case SEAT, REAR_SEAT, COVER, HEADREST, ARMREST, GAITER -> LEATHER;
            case DOOR_CARD, KICK_PANEL, SHELF, BOARD, POCKET -> BOARD;
            case PAD, HOOD -> VINYL;
            case HEADLINING, VISOR, BELT -> CLOTH;
            case CARPET, UNDERLAY, MAT, BULKHEAD -> CARPET;
            case FOAM -> FOAM;
            case DOOR_SEAL, SHIELD -> RUBBER;
            case SHELL, FRAME, RUNNERS, DASH, SILL_COVER, HANDLE, RAIL, BATTERY -> METAL;
            default -> PLASTIC;
        };
    }

    /** Whether it is sewn or glued and gives under a thumb. */
    boolean isSoft() {
        return this == LEATHER || this == VINYL || this == CLOTH || this == CARPET;
    }

    /** Whether colour is sprayed on it. */
    public boolean isHard() {
        return this == METAL || this == PLASTIC || this == WOOD || this == BOARD;
    }
}
