package welumen.measure;

import java.util.regex.Pattern;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** Two lengths as people write a size, {@code 420 x 180} or {@code 20 x 30 in}, in mm. */
public record Size(double oneMm, double otherMm) {
    private static final Pattern TEXT = Pattern.compile("(?<one>\\d.*?)\\s*[x×]\\s*(?<other>\\d.*)");

    /** Each length in its own unit; a unit that stands at the end alone holds for both. */
    public static Parsed<Size> parse(String text) {
        var typed = TEXT.matcher(text.strip());
        if (typed.matches() && of(typed.group("one"), typed.group("other")) instanceof Understood<Size> size)
            return size;
        return new Refused<>(
                Lengths.example("“%s” is no size. Type it as 420 x 180.", "“%s” is no size. Type it as 16 1/2 x 7.")
                        .formatted(text));
    }

    /** The two as they were typed apart from each other; refused with what is wrong with the first that is no length. */
    public static Parsed<Size> of(String one, String other) {
        return LengthText.readAs(one, LengthText.unitOf(other).orElse(Lengths.bare()))
                .flatMap(first -> Length.parse(other).map(second -> new Size(first.mm(), second.mm())));
    }
}
