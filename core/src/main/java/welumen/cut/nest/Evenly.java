package welumen.cut.nest;

/** Places spread evenly over a square, however many are taken: the golden ratio's cousin in two dimensions (Roberts, 2018). */
final class Evenly {
    private static final double PLASTIC = 1.324717957244746;

    private Evenly() {}

    /** Of the place of a number from 1, from 0 to 1. */
    static double across(int number) {
        return number / PLASTIC % 1;
    }

    static double up(int number) {
        return number / (PLASTIC * PLASTIC) % 1;
    }
}
