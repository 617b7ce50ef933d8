package welumen.measure;

import java.util.Locale;
import welumen.measure.Length.Style;

/**
 * In what this process says lengths and reads a bare number: in millimetres unless a workshop in inches is open.
 *
 * <p>One setting of the process, like {@link Locale#setDefault}, and for its reason: whatever reads or says a length
 * must agree with all the rest, and a sentence made deep in an engine is read by the same person as a field in the
 * window. What is kept is always in millimetres; nothing that is kept is read by this.
 */
public final class Lengths {
    private static final int SIXTEENTH = 4; // in 64ths

    private static volatile Style style = Style.METRIC;

    private Lengths() {}

    /** From now on; the yard says it. */
    public static void in(Style wanted) {
        style = wanted;
    }

    public static Style style() {
        return style;
    }

    /** What a number without a unit is taken to be. */
    static LengthUnit bare() {
        return style == Style.INCHES ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    /** A length to be read, to a tenth of a mm; in inches to the nearest 64th, with the mm beside it. */
    public static String said(double mm) {
        var metric = mm == Math.rint(mm) ? "%.0f mm".formatted(mm) : String.format(Locale.UK, "%.1f mm", mm);
        return style == Style.METRIC ? metric : inches(mm, 1, metric);
    }

    /** A length to be read where a mm more or less is nothing: to a mm; in inches to the nearest 16th. */
    public static String near(double mm) {
        var metric = "%.0f mm".formatted(mm);
        return style == Style.METRIC ? metric : inches(mm, SIXTEENTH, metric);
    }

    /** As text for a field, which reads back as this very length. */
    public static String field(double mm) {
        return Length.ofMm(mm).print(style);
    }

    /** What to show as an example of a line with bare numbers: the one that means something here. */
    public static String example(String inMillimetres, String inInches) {
        return style == Style.METRIC ? inMillimetres : inInches;
    }

    private static String inches(double mm, int step, String metric) {
        if (!Double.isFinite(mm)) return metric;
        var length = Length.ofMm(Math.abs(mm));
        var nearest = InchFraction.nearest(length).sixtyFourths();
        var fraction = new InchFraction(Math.round(nearest / (double) step) * step);
        var about = fraction.errorFrom(length).signum() == 0 ? "" : "≈ ";
        var sign = mm < 0 && fraction.sixtyFourths() > 0 ? "−" : "";
        return "%s%s%s (%s)".formatted(about, sign, fraction.print(), metric);
    }
}
