package welumen.colour;

/** A lamp under which a colour is looked at. */
public enum Illuminant {
    D65("daylight"),
    A("lamplight");

    private final String word;

    Illuminant(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
