package welumen.intake;

/** A way of working that is chosen for a whole job where good trimmers differ. */
public enum HouseWay {
    ONE_SIDE_AT_A_TIME("One side at a time", "one side stays whole until the other is back together"),
    BOTH_SIDES_TOGETHER("Both sides together", "quicker, where photos and bags can be trusted"),
    KEEP_OLD_AS_PATTERN("Old part kept as pattern", "nothing is thrown away before the new one has been tried"),
    ORIGINAL_FIXINGS("Original fixings", "a clip is never replaced by glue"),
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
