package welumen.cut.leather;

/** How a piece of leather is brought into its shape. */
public enum Working {
    DAMP("damp"),
    STEAMED("steamed"),
    WARMED("warmed");

    private final String word;

    Working(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
