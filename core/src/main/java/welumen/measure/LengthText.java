package welumen.measure;

import static welumen.measure.LengthUnit.FOOT;
import static welumen.measure.LengthUnit.INCH;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/** Reads a length: one amount with its unit, or feet followed by inches. */
final class LengthText {
    private static final Pattern FEET_AND_INCHES =
            Pattern.compile("(\\d+)\\s*(?:ft|foot|feet|'|′|’)[\\s-]*(\\d.*?)\\s*(?:in|inch|inches|\"|″|”|'')?");
    private static final Pattern AMOUNT = Pattern.compile("([\\d.,'/\\s-]*[\\d.,/])\\s*(\\D*)");
    private static final Pattern WHOLE_AND_FRACTION =
            Pattern.compile("(?:(\\d{1,7})[\\s-]+)?(\\d{1,7})\\s*/\\s*(\\d{1,7})");
    private static final String EXAMPLES = "Type it as 12.5 mm, 1.4 m, 3/8\" or 1' 6 1/2\".";

    private LengthText() {}

    static Parsed<Length> read(String typed) {
        return readAs(typed, Lengths.bare());
    }

    /** The unit that was typed behind a length, if one was; none behind feet and inches. */
    static Optional<LengthUnit> unitOf(String typed) {
        var one = AMOUNT.matcher(typed.strip());
        if (!one.matches()) return Optional.empty();
        return LengthUnit.ofSign(one.group(2).strip().toLowerCase(Locale.ROOT));
    }

    static Parsed<Length> readAs(String typed, LengthUnit bare) {
        var text = typed.strip();
        if (text.isEmpty()) return new Refused<>("No length was typed. " + EXAMPLES);
        if (text.startsWith("-"))
            return new Refused<>("“%s” is below nought; a length is not.".formatted(NumberText.shortened(text)));
        var both = FEET_AND_INCHES.matcher(text);
        if (both.matches())
            return NumberText.read(both.group(1), "ft")
                    .flatMap(feet -> amount(both.group(2), INCH, text)
                            .flatMap(inches ->
                                    whole(feet.multiply(FOOT.millimetres()).add(inches), text)));
        var one = AMOUNT.matcher(text);
        if (!one.matches())
            return new Refused<>("“%s” is not a length. %s".formatted(NumberText.shortened(text), EXAMPLES));
        var sign = one.group(2).strip();
        var unit = sign.isEmpty()
                ? bare
                : LengthUnit.ofSign(sign.toLowerCase(Locale.ROOT)).orElse(null);
        if (unit == null)
            return new Refused<>("“%s” is no unit of length here. Use mm, cm, m, in, ft, or oz for leather."
                    .formatted(NumberText.shortened(sign)));
        return amount(one.group(1).strip(), unit, text).flatMap(mm -> whole(mm, text));
    }

    /** An amount of a unit in millimetres; only inches and feet come in fractions. */
    private static Parsed<BigDecimal> amount(String digits, LengthUnit unit, String text) {
        if (!digits.contains("/")) return NumberText.read(digits, unit.sign()).map(unit.millimetres()::multiply);
        if (digits.contains("//"))
            return new Refused<>(
                    "“%s” has two strokes in its fraction. Type one, as 3/8\".".formatted(NumberText.shortened(text)));
        var parts = WHOLE_AND_FRACTION.matcher(digits);
        if (!parts.matches())
            return new Refused<>(
                    "“%s” is not a fraction. Type it as 3/8\" or 1 1/2\".".formatted(NumberText.shortened(digits)));
        if (unit != INCH && unit != FOOT)
            return new Refused<>("“%s” is a fraction of a %s. Use decimals there, as 12.5 mm, or inches."
                    .formatted(NumberText.shortened(text), unit.name().toLowerCase()));
        return fraction(parts.group(1) == null ? "0" : parts.group(1), parts.group(2), parts.group(3), unit);
    }

    private static Parsed<BigDecimal> fraction(String whole, String over, String under, LengthUnit unit) {
        var below = new BigDecimal(under);
        if (below.signum() == 0)
            return new Refused<>("“%s/%s” divides by nought. Type it as 3/8\".".formatted(over, under));
        var above =
                new BigDecimal(whole).multiply(below).add(new BigDecimal(over)).multiply(unit.millimetres());
        try {
            return new Understood<>(above.divide(below));
        } catch (ArithmeticException endless) { // thirds and sevenths have no exact decimal
            return new Understood<>(above.divide(below, 9, RoundingMode.HALF_EVEN));
        }
    }

    private static Parsed<Length> whole(BigDecimal mm, String text) {
        try {
            return new Understood<>(new Length(mm));
        } catch (IllegalArgumentException tooLong) {
            return new Refused<>("“%s” is longer than 10 km. Check it.".formatted(NumberText.shortened(text)));
        }
    }
}
