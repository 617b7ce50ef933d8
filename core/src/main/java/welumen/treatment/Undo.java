package welumen.treatment;

/** Whether a treatment can be undone. */
public enum Undo {
    YES("can be undone"),
    PARTLY("can be undone in part"),
    NO("cannot be undone");

    private final String word;

    Undo(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
