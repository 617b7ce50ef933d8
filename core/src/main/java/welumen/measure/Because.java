package welumen.measure;

/** Why something was refused, of whatever refused it. */
public final class Because {
    private Because() {}

    /** What a fault says; what it is where it says nothing. */
    public static String of(Throwable fault) {
        var said = fault.getMessage();
        return said == null ? fault.getClass().getSimpleName() : said;
    }
}
