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

    /** Whether sparks from the one reach the other: the same place, or the next one. */
    public boolean isNear(Zone other) {
        return this == other
                || switch (this) {
                    case FRONT_LEFT -> other == FRONT_RIGHT || other == REAR_LEFT || other == DASH;
                    case FRONT_RIGHT -> other == FRONT_LEFT || other == REAR_RIGHT || other == DASH;
                    case REAR_LEFT -> other == REAR_RIGHT || other == FRONT_LEFT || other == BACK;
                    case REAR_RIGHT -> other == REAR_LEFT || other == FRONT_RIGHT || other == BACK;
                    case DASH -> other == FRONT_LEFT || other == FRONT_RIGHT;
                    case BACK -> other == REAR_LEFT || other == REAR_RIGHT;
                    case ROOF -> false;
                };
    }

    /** “at the left front door”. */
    public String word() {
        return word;
    }
}
