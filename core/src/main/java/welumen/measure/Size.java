package welumen.measure;

import java.util.regex.Pattern;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** Two lengths as people write a size, {@code 420 x 180}, in mm. */
public record Size(double oneMm, double otherMm) {
    private static final Pattern TEXT = Pattern.compile("(?<one>\\d.*?)\\s*[x×]\\s*(?<other>\\d.*)");

    /** Each length in its own unit; a bare number is mm. */
    public static Parsed<Size> parse(String text) {
        var typed = TEXT.matcher(text.strip());
        if (typed.matches()
                && Length.parse(typed.group("one")) instanceof Understood<Length>(var one)
                && Length.parse(typed.group("other")) instanceof Understood<Length>(var other))
            return new Understood<>(new Size(one.mm(), other.mm()));
        return new Refused<>("“%s” is no size. Type it as 420 x 180.".formatted(text));
    }
}
