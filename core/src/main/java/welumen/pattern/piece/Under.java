package welumen.pattern.piece;

/** What a piece is glued to. */
public enum Under {
    NOTHING("nothing"),
    FOAM("foam"),
    BOARD("board"),
    FLOOR("floor");

    private final String word;

    Under(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
