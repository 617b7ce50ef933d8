package welumen.pattern.piece;

/** Which side of the material a piece is drawn from. */
public enum Face {
    UP("face up"),
    DOWN("face down");

    private final String word;

    Face(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** What a piece drawn so is, once it is turned over. */
    public Face turned() {
        return this == UP ? DOWN : UP;
    }
}
