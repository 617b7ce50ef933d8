package welumen.finish.coat;

/** Grams that are laid on a square metre, what is lost beside it included: rules of thumb of ours; the product's own sheet goes first. */
public final class CoatWeight {
    static final double PRIMER = 130;
    static final double FILLER = 60;
    private static final double LIGHT = 100;
    private static final double FULL = 160;

    private CoatWeight() {}

    /** Whether a coat is laid lightly: the first so that it holds, the last so that it lies even. */
    static boolean isLight(int coat, int coats) {
        return coat == 1 || coat == coats;
    }

    /** Of one coat among so many, from 1. */
    static double of(int coat, int coats) {
        return isLight(coat, coats) ? LIGHT : FULL;
    }

    /** Of all coats of one kind together. */
    public static double all(int coats) {
        var sum = 0.0;
        for (var coat = 1; coat <= coats; coat++) sum += of(coat, coats);
        return sum;
    }
}
