package welumen.strip.line;

/**
 * One thing that was understood of a line, as it is read back.
 *
 * @param label what it is about, “bag”
 * @param value what was understood, “14”
 * @param tone whether it is understood, wanted, kept word for word, or not known
 */
public record Chip(String label, String value, Tone tone) {
    /** How sure the reader is of it. */
    public enum Tone {
        UNDERSTOOD,
        WANTED,
        KEPT_AS_NOTE,
        NOT_KNOWN
    }
}
