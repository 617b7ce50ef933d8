package welumen.clock;

/** What somebody is at while a spell of working time runs. */
public enum WorkKind {
    TAKING_OFF("taking off"),
    TREATING("at the bench with"),
    PUTTING_BACK("putting back");

    private final String word;

    WorkKind(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
