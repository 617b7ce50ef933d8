package welumen.pattern;

import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import welumen.measure.Because;
import welumen.measure.Length;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;

/** How a likeness is typed. */
public final class LikenessText {
    private static final double USUAL_WITHIN = 0.03;
    private static final String NUMBER = "\\d{1,5}(?:\\.\\d+)?";
    private static final Pattern PROPORTION = Pattern.compile(
            "(?<what>\\D[^\\d]*?)\\s+(?<a>%1$s)\\s*:\\s*(?<b>%1$s)\\s*,\\s*ours\\s+(?<one>\\d[^:]*?)\\s*:\\s*(?<other>\\d[^,]*?)(?:\\s*,\\s*within\\s+(?<within>\\d{1,2}(?:\\.\\d+)?)\\s*%%)?"
                    .formatted(NUMBER));
    private static final Pattern ACROSS = Pattern.compile(
            "(?<what>\\D[^\\d]*?)\\s+(?<one>\\d[^,]*?)(?:\\s+rising\\s+(?<rise>-?%1$s))?\\s*,\\s*over\\s+(?<gap>\\d[^,]*?)\\s*,\\s*(?<other>\\d[^,]*?)(?:\\s+rising\\s+(?<goes>-?%1$s))?"
                    .formatted(NUMBER));

    private LikenessText() {}

    /**
     * Reads {@code panel height 310 : 620, ours 305 : 640, within 3 %} and
     * {@code waist line 412 rising 2, over 8, 415 rising 2}.
     */
    public static Parsed<Likeness> read(String typed) {
        var line = typed.strip();
        var proportion = PROPORTION.matcher(line);
        var across = ACROSS.matcher(line);
        try {
            if (proportion.matches())
                return Length.parse(proportion.group("one"))
                        .<Likeness>flatMap(one -> Length.parse(proportion.group("other"))
                                .<Likeness>map(other -> new Likeness.Proportion(
                                        proportion.group("what"),
                                        Double.parseDouble(proportion.group("a")),
                                        Double.parseDouble(proportion.group("b")),
                                        one.mm(),
                                        other.mm(),
                                        proportion.group("within") == null
                                                ? USUAL_WITHIN
                                                : Double.parseDouble(proportion.group("within")) / 100,
                                        List.of())));
            if (across.matches())
                return Length.parse(across.group("one"))
                        .<Likeness>flatMap(one -> Length.parse(across.group("gap"))
                                .<Likeness>flatMap(gap -> Length.parse(across.group("other"))
                                        .<Likeness>map(other -> new Likeness.LineAcross(
                                                across.group("what"),
                                                one.mm(),
                                                rise(across.group("rise")),
                                                gap.mm(),
                                                other.mm(),
                                                rise(across.group("goes")),
                                                List.of()))));
        } catch (IllegalArgumentException wrong) {
            return new Refused<>(Because.of(wrong));
        }
        return new Refused<>("Type a proportion as panel height 310 : 620, ours 305 : 640, within 3 %,"
                + " or a line over a gap as waist line 412 rising 2, over 8, 415 rising 2.");
    }

    private static double rise(@Nullable String degrees) {
        return degrees == null ? 0 : Double.parseDouble(degrees);
    }
}
