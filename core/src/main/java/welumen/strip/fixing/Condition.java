package welumen.strip.fixing;

/** How a fixing was found. */
public enum Condition {
    GOOD("good", true),
    WORN("worn", true),
    BROKEN("broken", false),
    MISSING("missing", false),
    NEVER_THERE("never there", false);

    private final String word;
    private final boolean usable;

    Condition(String word, boolean usable) {
        this.word = word;
        this.usable = usable;
    }

    public String word() {
        return word;
    }

    /** Whether it can go back in. */
    public boolean usable() {
        return usable;
    }

    /** Whether there was anything to take out at all. */
    public boolean cameOut() {
        return this != MISSING && this != NEVER_THERE;
    }
}
