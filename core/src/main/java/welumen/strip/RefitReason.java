package welumen.strip;

/** Why one part goes back in before another. */
public enum RefitReason {
    OVERLAPS("laps it"),
    SHARED_FIXING("shares its fixings"),
    CANNOT_PASS_LATER("would shut it out"),
    TOOL_ACCESS("would leave no room for the tool"),
    BUILT_IN("has it built in"),
    WIRE_PASSES("has its wire pass through it"),
    CURING("must not load it while it cures"),
    TENSIONS("pulls it tight"),
    HIDES("hides it"),
    PROTECTS("is to be kept clean from it");

    private final String verb;

    RefitReason(String verb) {
        this.verb = verb;
    }

    /** What the later part does to the earlier one: “laps it”. */
    public String verb() {
        return verb;
    }
}
