package welumen.intake;

/** A precaution that a job takes or not; where good trimmers differ, a {@link Question} is answered by a {@link School}. */
public enum HouseWay {
    KEEP_OLD_AS_PATTERN("Old part kept as pattern", "nothing is thrown away before the new one has been tried"),

    DRY_FIT_FIRST("Dry fit first", "nothing is glued before it has been in the car dry");

    private final String word;
    private final String meaning;

    HouseWay(String word, String meaning) {
        this.word = word;
        this.meaning = meaning;
    }

    public String word() {
        return word;
    }

    public String meaning() {
        return meaning;
    }
}
