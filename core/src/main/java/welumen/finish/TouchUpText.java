package welumen.finish;

import java.util.regex.Pattern;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** What is kept of a mix, as it is typed: “30 g, bottle in the boot”. */
public final class TouchUpText {
    private static final Pattern KEPT = Pattern.compile("(\\d{1,5}(?:\\.\\d+)?)\\s*(?:g|ml)?\\s*(?:,\\s*(.*))?");

    private TouchUpText() {}

    public static Parsed<TouchUp> read(String recipe, String typed) {
        var kept = KEPT.matcher(typed.strip());
        if (!kept.matches())
            return new Refused<>(
                    "“%s” does not say how much is kept. Type it as 30 g, bottle in the boot.".formatted(typed));
        try {
            var where = kept.group(2) == null ? "" : kept.group(2).strip();
            return new Understood<>(new TouchUp(recipe, Double.parseDouble(kept.group(1)), where));
        } catch (IllegalArgumentException none) {
            return new Refused<>(String.valueOf(none.getMessage()));
        }
    }
}
