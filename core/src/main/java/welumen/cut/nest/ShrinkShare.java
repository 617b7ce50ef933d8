package welumen.cut.nest;

/** What share is taken away next: more where the last went down well, less where it did not. */
public final class ShrinkShare {
    private static final double GROWS = 1.25;
    private static final double SHRINKS = 0.55;

    private final double largest;
    private final double smallest;
    private double share;

    public ShrinkShare(double first, double largest, double smallest) {
        this.share = first;
        this.largest = largest;
        this.smallest = smallest;
    }

    public double share() {
        return share;
    }

    /** A smaller or larger one than the next, but never less than the smallest. */
    public double share(double times) {
        return Math.max(smallest, share * times);
    }

    public void learn(boolean wentDown) {
        share = wentDown ? Math.min(largest, share * GROWS) : Math.max(smallest, share * SHRINKS);
    }
}
