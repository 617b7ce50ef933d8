package welumen.measure;

import java.math.BigDecimal;

/**
 * A length, kept exactly in millimetres as a decimal: every 64th of an inch is one. Never negative.
 *
 * <p>{@code Length.parse(length.print(style)).orThrow()} equals the length for every style.
 */
public record Length(BigDecimal millimetres) implements Comparable<Length> {
    private static final BigDecimal LONGEST = new BigDecimal("10000000");

    /** How a workshop likes its lengths printed. */
    public enum Style {
        METRIC,
        INCHES
    }

    /** @throws IllegalArgumentException if negative, or over 10 km */
    public Length {
        if (millimetres.signum() < 0 || millimetres.compareTo(LONGEST) > 0)
            throw new IllegalArgumentException(
                    "The length [%s mm] is not between 0 and 10 km. Check it.".formatted(millimetres));
        millimetres = new BigDecimal(NumberText.print(millimetres));
    }

    /** A length from a computed number of millimetres, taken as its shortest decimal. */
    public static Length ofMm(double millimetres) {
        return new Length(BigDecimal.valueOf(millimetres));
    }

    /** Reads {@code 3/8"}, {@code 1 1/2 in}, {@code 1' 6 1/2"}, {@code 12,5 mm}, {@code 1.4 m}; a bare number as {@link Lengths} says. */
    public static Parsed<Length> parse(String text) {
        return LengthText.read(text);
    }

    /** The length in millimetres, for arithmetic on shapes. */
    public double mm() {
        return millimetres.doubleValue();
    }

    /** As text that reads back as this very length: in inches only where it is a whole number of 64ths. */
    public String print(Style style) {
        return switch (style) {
            case METRIC -> NumberText.print(millimetres) + " mm";
            case INCHES -> InchFraction.exactly(this).map(InchFraction::print).orElseGet(() -> print(Style.METRIC));
        };
    }

    public Length plus(Length other) {
        return new Length(millimetres.add(other.millimetres));
    }

    @Override
    public int compareTo(Length other) {
        return millimetres.compareTo(other.millimetres);
    }
}
