package welumen.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;

/**
 * A length as a rule in inches shows it, to the 64th.
 *
 * @param sixtyFourths how many 64ths of an inch
 */
public record InchFraction(long sixtyFourths) {
    /** One 64th of an inch in millimetres, exactly. */
    public static final BigDecimal MM = new BigDecimal("0.396875");

    private static final int PER_INCH = 64;
    private static final int PER_FOOT = 12 * PER_INCH;

    public InchFraction {
        if (sixtyFourths < 0) throw new IllegalArgumentException("[%d] 64ths is below nought.".formatted(sixtyFourths));
    }

    /** The fraction that is exactly this length, if there is one. */
    public static Optional<InchFraction> exactly(Length length) {
        var near = nearest(length);
        return near.errorFrom(length).signum() == 0 ? Optional.of(near) : Optional.empty();
    }

    /** The nearest 64th; {@link #errorFrom} says how far off it is. */
    public static InchFraction nearest(Length length) {
        return new InchFraction(
                length.millimetres().divide(MM, 0, RoundingMode.HALF_UP).longValueExact());
    }

    /** This less the given length, in millimetres: above nought where the inch size is the longer. */
    public BigDecimal errorFrom(Length length) {
        return MM.multiply(BigDecimal.valueOf(sixtyFourths)).subtract(length.millimetres());
    }

    /** In lowest terms, with feet from two feet on: {@code 3/8"}, {@code 18 1/2"}, {@code 2' 6 1/2"}. */
    public String print() {
        if (sixtyFourths < 2L * PER_FOOT) return inches(sixtyFourths);
        var feet = sixtyFourths / PER_FOOT;
        var rest = sixtyFourths % PER_FOOT;
        return rest == 0 ? feet + "'" : feet + "' " + inches(rest);
    }

    private static String inches(long parts) {
        var whole = parts / PER_INCH;
        var over = parts % PER_INCH;
        if (over == 0) return whole + "\"";
        var step = Long.lowestOneBit(over);
        var fraction = over / step + "/" + PER_INCH / step + "\"";
        return whole == 0 ? fraction : whole + " " + fraction;
    }
}
