package welumen.cabin;

/** Where one stands or kneels to work: all spots of a zone are reached from there without climbing out. */
public enum Zone {
    FRONT_LEFT("at the left front door"),
    FRONT_RIGHT("at the right front door"),
    REAR_LEFT("at the left rear"),
    REAR_RIGHT("at the right rear"),
    DASH("under the dash"),
    BACK("at the back"),
    ROOF("under the roof");

    private final String word;

    Zone(String word) {
        this.word = word;
    }

    /** “at the left front door”. */
    public String word() {
        return word;
    }
}
