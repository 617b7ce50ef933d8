package welumen.cabin;

/** Where a part is on its way out of the car and back. */
public enum PartState {
    IN_CAR("in the car"),
    OUT("out"),
    ON_BENCH("on the bench"),
    HELD("held up"),
    READY("ready"),
    FITTED("fitted");

    private final String word;

    PartState(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
