package welumen.pattern.piece;

/** How often a piece is cut. */
public enum Pairing {
    ONE("one", 1),
    TWO_ALIKE("two alike", 2),
    LEFT_AND_RIGHT("left and right", 2);

    private final String word;
    private final int count;

    Pairing(String word, int count) {
        this.word = word;
        this.count = count;
    }

    public String word() {
        return word;
    }

    /** How many are cut. */
    public int count() {
        return count;
    }
}
