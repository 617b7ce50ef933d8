package welumen.files.json;

/** One field of a table, as RFC 4180 quotes it. */
public final class CsvField {
    private CsvField() {}

    /** What a table would take for a formula is parted from its sign; no words are a number. */
    public static String words(String text) {
        return text.matches("(?s)\\s*[=+@\\-\\t\\r].*") || text.startsWith("\t") || text.startsWith("\r")
                ? "'" + text
                : text;
    }

    /** Quoted where it must be. */
    public static String quoted(String text) {
        return text.matches("(?s).*[\",\r\n].*") ? '"' + text.replace("\"", "\"\"") + '"' : text;
    }
}
