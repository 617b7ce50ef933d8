package welumen.custody;

/** What is to become of a part that came off. */
public enum Fate {
    REFIT("goes back in"),
    SPARE("kept as a spare"),
    HAND_BACK("handed back to the customer"),
    THROW_AWAY("thrown away, as the customer agreed");

    private final String word;

    Fate(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
