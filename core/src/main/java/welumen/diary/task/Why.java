package welumen.diary.task;

/** Why one task waits for another. */
public enum Why {
    IN_THE_WAY("it is in the way"),
    NOT_DECIDED("it has to be decided first"),
    NOT_HERE("it is not here"),
    NOT_ALLOWED("somebody has to allow it first"),
    MADE_BEFORE("that is done first"),
    NOT_DONE("it is not finished"),
    NOT_SEEN("nobody has looked at what it hides"),
    NOT_TESTED("what is plugged in is not tested yet"),
    GOES_IN_FIRST("that goes in first"),
    HOT_WORK("there is hot work to come near it"),
    LAST("all else is done first");

    private final String words;

    Why(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
