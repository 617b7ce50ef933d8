package welumen.pattern;

/** How often a piece is cut. */
public enum Pairing {
    ONE("one"),
    TWO_ALIKE("two alike"),
    LEFT_AND_RIGHT("left and right");

    private final String word;

    Pairing(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
