package welumen.job;

/** The stages of a job, in the order of the work. */
public enum WorkStage {
    INTAKE("Intake"),
    STRIP("Strip"),
    SURVEY("Survey"),
    PATTERN("Pattern"),
    CUT("Cut"),
    STORES("Stores"),
    DIARY("Diary"),
    REFIT("Refit"),
    HANDOVER("Handover");

    private final String word;

    WorkStage(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    /** Its number along the tape, from 1. */
    public int number() {
        return ordinal() + 1;
    }
}
