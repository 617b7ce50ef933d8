package welumen.cabin.body;

/** The common bodies. */
public enum Body {
    SALOON("saloon", "four doors, rear seat, parcel shelf"),
    COUPE("coupé", "two doors, rear seat, rear side panels"),
    DROPHEAD("drophead", "two doors, folding hood in place of a headlining"),
    ESTATE("estate", "four doors, load space with boards behind the rear seat"),
    VAN("van or pick-up", "two doors, front bench, boards behind it");

    private final String word;
    private final String meaning;

    Body(String word, String meaning) {
        this.word = word;
        this.meaning = meaning;
    }

    public String word() {
        return word;
    }

    /** What it has, in a few words. */
    public String meaning() {
        return meaning;
    }

    boolean hasRearDoors() {
        return this == SALOON || this == ESTATE;
    }

    boolean hasRearSeat() {
        return this != VAN;
    }
}
