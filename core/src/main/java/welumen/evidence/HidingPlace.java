package welumen.evidence;

import java.util.List;
import java.util.stream.Stream;
import welumen.cabin.PartKind;

/** Where the car as it left the works usually hides; to be looked at before the part is stripped or cleaned. */
public enum HidingPlace {
    UNDER_LISTINGS(PartKind.SEAT, "under the listings, where light never came"),
    BEHIND_RUNNERS(PartKind.RUNNERS, "behind the seat's runners: scraps of carpet and cover"),
    UNDER_CUSHION(PartKind.REAR_SEAT, "on the boards under the rear cushion: chalk marks, batch labels"),
    INSIDE_SEAMS(PartKind.COVER, "inside the seams: colour, thread and stitch as new"),
    UNDER_SILL(PartKind.SILL_COVER, "under the sill cover: the carpet's edge, unfaded"),
    IN_POCKET(PartKind.POCKET, "at the bottom of the door pocket"),
    BEHIND_CARD(PartKind.DOOR_CARD, "on the back of the card: stamps, dates, first holes"),
    UNDER_ROLL(PartKind.PAD, "under the padded roll: paint that has not faded"),
    ABOVE_LINING(PartKind.HEADLINING, "above the headlining: its first cloth, the bows' numbers");

    private final PartKind kind;
    private final String where;

    HidingPlace(PartKind kind, String where) {
        this.kind = kind;
        this.where = where;
    }

    /** “inside the seams: …”. */
    public String where() {
        return where;
    }

    public static List<HidingPlace> of(PartKind kind) {
        return Stream.of(values()).filter(place -> place.kind == kind).toList();
    }
}
