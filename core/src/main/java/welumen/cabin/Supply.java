package welumen.cabin;

/** Whether a part can be had, and how. Not knowing is an answer, and a question to be asked. */
public enum Supply {
    STILL_MADE("still made"),
    REPRODUCED("reproduced"),
    WRONG_COLOUR("made, but not in its colour"),
    USED_ONLY("to be had used only"),
    NO_LONGER_MADE("no longer made"),
    NOT_KNOWN("not known whether still made");

    private final String word;

    Supply(String word) {
        this.word = word;
    }

    /** Whether a new one can be bought, or may be for all that is known. */
    public boolean isBought() {
        return this != USED_ONLY && this != NO_LONGER_MADE;
    }

    public String word() {
        return word;
    }
}
