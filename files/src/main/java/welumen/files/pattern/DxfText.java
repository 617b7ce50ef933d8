package welumen.files.pattern;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Text in a drawing: what is not ASCII is written by its number. */
final class DxfText {
    private static final Pattern NUMBERED = Pattern.compile("\\\\U\\+([0-9A-Fa-f]{4})");

    private DxfText() {}

    static String read(String text) {
        return NUMBERED.matcher(text)
                .replaceAll(found ->
                        Matcher.quoteReplacement(Character.toString((char) Integer.parseInt(found.group(1), 16))));
    }
}
