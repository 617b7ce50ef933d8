package welumen.measure;

/** A number with the right form of what is counted. */
public final class Many {
    private Many() {}

    /** “1 piece”, “3 pieces”. @param noun of one, whose plural ends in s */
    public static String of(int number, String noun) {
        return number + " " + noun + (number == 1 ? "" : "s");
    }
}
