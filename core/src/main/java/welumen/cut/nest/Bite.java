package welumen.cut.nest;

/** What share is taken away next: more where the last went down well, less where it did not. */
final class Bite {
    private static final double GROWS = 1.25;
    private static final double SHRINKS = 0.55;

    private final double largest;
    private final double smallest;
    private double share;

    Bite(double first, double largest, double smallest) {
        this.share = first;
        this.largest = largest;
        this.smallest = smallest;
    }

    double share() {
        return share;
    }

    /** A smaller or larger one than the next, but never less than the smallest. */
    double share(double times) {
        return Math.max(smallest, share * times);
    }

    void learn(boolean wentDown) {
        share = wentDown ? Math.min(largest, share * GROWS) : Math.max(smallest, share * SHRINKS);
    }
}
