package welumen.strip.fixing;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The kinds of fixing that hold trim: the word, its plural, other words for it, and the tool that usually frees it. */
public enum FixingKind {
    SCREW("screw", "screws", "screwdriver", "self-tapper", "self-tappers", "tapper", "tappers"),
    BOLT("bolt", "bolts", "socket", "set-screw", "set-screws"),
    NUT("nut", "nuts", "spanner"),
    SPEED_NUT("speed nut", "speed nuts", "pliers", "push-on nut", "push-on nuts"),
    J_CLIP("J-clip", "J-clips", "pliers"),
    PUSH_PIN("push pin", "push pins", "plastic lever", "pin", "pins"),
    TRIM_CLIP("trim clip", "trim clips", "plastic lever", "clip", "clips"),
    EDGE_CLIP("edge clip", "edge clips", "plastic lever"),
    TACK("tack", "tacks", "tack lifter"),
    STAPLE("staple", "staples", "staple lifter"),
    HOG_RING("hog ring", "hog rings", "side cutters"),
    LISTING_ROD("listing rod", "listing rods", "pliers", "listing wire", "listing wires"),
    HEADLINING_BOW("headlining bow", "headlining bows", "two hands", "bow", "bows"),
    HOOK("hook", "hooks", "hook tool"),
    HOOK_AND_LOOP("hook-and-loop strip", "hook-and-loop strips", "two hands"),
    STAKED_BOSS("heat-staked boss", "heat-staked bosses", "sharp chisel", "boss", "bosses"),
    RIVET("rivet", "rivets", "drill"),
    PLUG("plug", "plugs", "fingers", "connector", "connectors"),
    CABLE("cable", "cables", "spanner"),
    GLUE("glued edge", "glued edges", "warmth and a scraper", "glue");

    private final String word;
    private final String plural;
    private final String tool;
    private final List<String> alsoSaid;

    FixingKind(String word, String plural, String tool, String... alsoSaid) {
        this.word = word;
        this.plural = plural;
        this.tool = tool;
        this.alsoSaid = List.of(alsoSaid);
    }

    public String word() {
        return word;
    }

    /** The word for so many of them. */
    public String word(int count) {
        return count == 1 ? word : plural;
    }

    /** The word for so many of them with size and head, as one would type it: “trim clips grey”, “screws no. 8”. */
    public String named(int count, String size, String colour) {
        return Stream.of(word(count), size, colour)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" "));
    }

    public String tool() {
        return tool;
    }

    List<String> allWords() {
        return Stream.concat(Stream.of(word, plural), alsoSaid.stream()).toList();
    }

    /** Whether one that comes out whole can go in again. */
    public boolean isReusable() {
        return switch (this) {
            case TACK, STAPLE, HOG_RING, RIVET, STAKED_BOSS, GLUE -> false;
            default -> true;
        };
    }

    /** Whether new ones come from a shop; a boss and a glued edge are made again on the part. */
    public boolean isBought() {
        return this != STAKED_BOSS && this != GLUE;
    }

    /** How a joint that taking off destroys is usually made again; empty where nothing is destroyed for good. */
    public String usualRejoining() {
        return switch (this) {
            case RIVET -> "a new rivet, or screw and nut";
            case STAKED_BOSS -> "a plate and epoxy, or a screw post";
            case SPEED_NUT -> "a new speed nut";
            case GLUE -> "adhesive of the same family";
            default -> "";
        };
    }
}
