package welumen.cabin;

/** A side of the car, as seen by somebody who sits in it. */
public enum Side {
    LEFT("left"),
    RIGHT("right"),
    MIDDLE("middle");

    private final String word;

    Side(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }
}
