package welumen.survey;

/** How bad a finding is. */
public enum Severity {
    SLIGHT("slight"),
    PLAIN("plain"),
    BAD("bad"),
    WORST("past saving");

    private final String word;

    Severity(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
