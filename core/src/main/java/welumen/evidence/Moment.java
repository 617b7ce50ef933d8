package welumen.evidence;

/** When in the work a photo was taken. */
public enum Moment {
    BEFORE("before"),
    DURING("while at it"),
    AFTER("after");

    private final String word;

    Moment(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
