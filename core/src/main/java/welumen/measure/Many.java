package welumen.measure;

/** A number with the right form of what is counted, and the other small rules of a sentence. */
public final class Many {
    private Many() {}

    /** “1 piece”, “3 pieces”. @param noun of one, whose plural ends in s */
    public static String of(int number, String noun) {
        return number + " " + noun + (number == 1 ? "" : "s");
    }

    /** Its first letter large, as a sentence begins. @param text at least a letter */
    public static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
