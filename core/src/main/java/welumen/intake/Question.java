package welumen.intake;

/** A question that good trimmers answer differently; each answer is a {@link School}. */
public enum Question {
    FLOORS("Floor covering", "hours, seams where none were, fit at the rails, cost of a failed trial"),
    ADHESIVE("Contact adhesive", "second chances, hold on a hot floor, lifting it again"),
    WHERE_SPRAYED("Where it is sprayed", "how far a limp glued piece travels, fumes, overspray"),
    CUTTING_LINE("The cutting line", "repeating it, and safety"),
    HOLES("Holes in carpet", "fraying, place, the look of the time, hours"),
    FAILED_CLIP("A failed clip", "whether the next strip finds what it expects"),
    METHOD("Method", "what counts as a fault"),
    COLOUR("Colour", "which parts change"),
    SEATS("Seats", "belts, mounts, width, wear"),
    HARD_PARTS("Hard parts when colouring", "hours, old clips, a line at the edge"),
    BOARDS("Boards", "damp, screws, hold of the glue, drumming"),
    RELIEF_ENDS("Where a relief pattern ends", "corners, thickness, studs"),
    HEADLINING("Headlining", "wrinkles, and sticking wrong"),
    SIDES("Side by side, or in a batch", "memory against even colour"),
    QUIETNESS("Quietness", "weight, thickness, screws, clearances"),
    SHEEN("Sheen", "only a dried card settles it"),
    ELECTRICS("Electrics", "another strip"),
    ALLOWANCE("Allowance", "who may cut from the pattern"),
    STITCHING("Stitching that shows", "thread, rows, order"),
    HARD_TRIM("Hard trim", "sets that stay alike"),
    BUYING("Buying", "waits, and waste");

    private final String word;
    private final String turnsOn;

    Question(String word, String turnsOn) {
        this.word = word;
        this.turnsOn = turnsOn;
    }

    public String word() {
        return word;
    }

    /** What turns on it. */
    public String turnsOn() {
        return turnsOn;
    }
}
