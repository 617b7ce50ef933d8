package welumen.pattern;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import welumen.cabin.Part;
import welumen.pattern.piece.Grain;
import welumen.pattern.piece.Makeup;
import welumen.pattern.piece.Under;
import welumen.treatment.Matter;

/**
 * What a piece of a part is usually cut from and how it usually lies, by the part's kind and what is noted of its material:
 * a carpet is carpet, glued to a floor, its pile to the rear; a seat's face is good leather over foam that stretches across.
 */
public final class PartMakeup {
    /** Direction in degrees of a pile that points to the rear: pieces are drawn with the front of the car up. */
    private static final double TO_THE_REAR = 270;

    /** Direction in degrees in which a seat's cover stretches: across the seat, never along it. */
    private static final double ACROSS = 0;

    /** A material that can be had here, by the name that stock and pieces give it. */
    public record Known(String name, Matter matter) {}

    private PartMakeup() {}

    /**
     * @param known what is here or is listed, the likeliest first
     */
    public static Makeup of(Part part, List<Known> known) {
        var matter = matter(part);
        var under = under(part);
        return new Makeup(material(part, matter, known), grade(part, matter), grain(part, matter), under);
    }

    private static Matter matter(Part part) {
        return switch (part.kind()) {
            case CARPET, MAT -> Matter.CARPET;
            default -> Matter.of(part);
        };
    }

    /** The one of that matter whose name has most in common with what is noted of the part. */
    private static String material(Part part, Matter matter, List<Known> known) {
        var noted = part.material().toLowerCase(Locale.ROOT);
        return known.stream()
                .filter(one -> one.matter() == matter)
                .max(Comparator.comparingInt(one -> common(one.name(), noted)))
                .map(Known::name)
                .or(() -> Optional.of(surface(part)).filter(words -> !words.isBlank()))
                .orElse(matter.word());
    }

    private static int common(String name, String noted) {
        var words = 0;
        for (var word : name.toLowerCase(Locale.ROOT).split("\\s+")) if (noted.contains(word)) words++;
        return words;
    }

    /** “vinyl on board” is vinyl as far as one sees. */
    private static String surface(Part part) {
        return part.material().split(" (?:on|over) ", 2)[0].strip();
    }

    private static Under under(Part part) {
        return switch (part.kind()) {
            case CARPET, UNDERLAY, BULKHEAD -> Under.FLOOR;
            case SEAT, REAR_SEAT, COVER, HEADREST, ARMREST, PAD -> Under.FOAM;
            case DOOR_CARD, KICK_PANEL, SHELF, BOARD, POCKET, PILLAR, CONSOLE, LID -> Under.BOARD;
            default -> Under.NOTHING;
        };
    }

    private static int grade(Part part, Matter matter) {
        if (matter != Matter.LEATHER) return 0;
        return switch (part.kind()) {
            case SEAT, REAR_SEAT, COVER, PAD, DASH -> 1;
            case DOOR_CARD, HEADREST, ARMREST, CONSOLE -> 2;
            default -> 3;
        };
    }

    private static Grain grain(Part part, Matter matter) {
        return switch (matter) {
            case CARPET -> new Grain.NapToward(TO_THE_REAR);
            case LEATHER, VINYL ->
                switch (part.kind()) {
                    case SEAT, REAR_SEAT, COVER -> new Grain.StretchAlong(ACROSS);
                    default -> new Grain.AnyWay();
                };
            default -> new Grain.AnyWay();
        };
    }
}
