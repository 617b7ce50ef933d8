package welumen.measure;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * Reads a decimal number as people write it: a point or a comma before the decimals. A comma before exactly three
 * digits could also part thousands, so it is refused with both readings.
 */
public final class NumberText {
    private static final Pattern PLAIN = Pattern.compile("\\d+([.,]\\d+)?|[.,]\\d+");
    private static final Pattern THREE_AFTER_COMMA = Pattern.compile("\\d{1,3},\\d{3}");
    private static final Pattern GROUPED = Pattern.compile("\\d{1,3}([,.' ]\\d{3})+([.,]\\d+)?");
    private static final int MOST_DIGITS = 15;

    private NumberText() {}

    /** Reads {@code digits}; {@code unit} only completes the sentences of a refusal. */
    public static Parsed<BigDecimal> read(String digits, String unit) {
        var text = digits.strip();
        var after = unit.isEmpty() ? "" : " " + unit;
        if (text.length() > MOST_DIGITS)
            return new Refused<>("“%s” is longer than any measure here. Check it.".formatted(shortened(text)));
        if (THREE_AFTER_COMMA.matcher(text).matches())
            return new Refused<>("“%s%s” could mean %s%s or %s%s. Type the one you mean, without a comma."
                    .formatted(text, after, text.replace(',', '.'), after, text.replace(",", ""), after));
        if (PLAIN.matcher(text).matches()) return new Understood<>(exact(text));
        if (GROUPED.matcher(text).matches())
            return new Refused<>("“%s” parts its thousands. Type the number without them, as 3240.".formatted(text));
        return new Refused<>("“%s” is not a number. Type digits, as 12.5.".formatted(shortened(text)));
    }

    /** The same number without an exponent and without idle noughts: 1400, 12.5. */
    public static String print(BigDecimal number) {
        return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
    }

    static String shortened(String text) {
        return text.length() <= 40 ? text : text.substring(0, 39) + "…";
    }

    private static BigDecimal exact(String text) {
        return new BigDecimal(text.replace(',', '.'));
    }
}
