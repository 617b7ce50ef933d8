package welumen.cut.nest;

/** What one kind of trial has cost and brought; the longer ago it was, the less it counts. */
final class Experience {
    private static final double KEPT = 0.9;
    /** Before anything is known, every kind is taken to pay well. */
    private static final double FIRST_GAIN = 0.1;

    private static final double FIRST_MOVES = 10;

    private double gain = FIRST_GAIN;
    private double moves = FIRST_MOVES;
    private int failures;

    /** @param gained nothing if it failed */
    void learn(boolean wentDown, double gained, long moved) {
        gain = KEPT * gain + gained;
        moves = KEPT * moves + moved;
        failures = wentDown ? 0 : failures + 1;
    }

    /** What it has brought for each item moved. */
    double pay() {
        return gain / moves;
    }

    /** How often it has failed since it last succeeded. */
    int failures() {
        return failures;
    }
}
