package welumen.cut.leather;

/** How a strip looks beside one that was left alone. */
public enum Shade {
    SAME("the same"),
    DARKER("darker"),
    LIGHTER("lighter");

    private final String word;

    Shade(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
