package welumen.evidence;

/** How much a piece of evidence proves. */
public enum Strength {
    HINT("a hint"),
    LIKELY("likely"),
    PROOF("proof");

    private final String word;

    Strength(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
