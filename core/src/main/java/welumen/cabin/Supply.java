package welumen.cabin;

/** Whether a part can still be had. Not knowing is an answer. */
public enum Supply {
    STILL_MADE("still made"),
    NO_LONGER_MADE("no longer made"),
    NOT_KNOWN("not known whether still made");

    private final String word;

    Supply(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
