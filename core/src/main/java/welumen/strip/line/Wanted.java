package welumen.strip.line;

/** What a step still lacks; asked for at once, since weeks later nobody knows. */
public enum Wanted {
    PHOTO("photo"),
    COUNT("count"),
    BAG("bag"),
    REJOINING("rejoin with");

    private final String word;

    Wanted(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
