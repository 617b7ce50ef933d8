package welumen.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Pattern;
import welumen.measure.Parsed.Refused;

/**
 * An area, kept exactly in square millimetres as a decimal. Never negative. What is printed reads back as the same
 * area.
 */
public record Area(BigDecimal squareMillimetres) implements Comparable<Area> {
    /** One square foot in mm², exactly: hides are sold by it. */
    public static final BigDecimal SQUARE_FOOT = new BigDecimal("92903.04");

    /** One square metre in mm². */
    public static final BigDecimal SQUARE_METRE = new BigDecimal("1000000");

    private static final Pattern TEXT = Pattern.compile("([\\d.,'\\s]*[\\d.,])\\s*(.*)");
    private static final Pattern FEET = Pattern.compile("sq\\.?\\s*(ft|feet|foot)\\.?|ft²|ft2|square (feet|foot)");
    private static final Pattern METRES = Pattern.compile("m²|m2|sq\\.?\\s*m\\.?|square metres?");

    /** How a workshop likes its areas printed. */
    public enum Style {
        SQUARE_METRES,
        SQUARE_FEET
    }

    public Area {
        if (squareMillimetres.signum() < 0)
            throw new IllegalArgumentException("The area [%s mm²] is below nought.".formatted(squareMillimetres));
        squareMillimetres = new BigDecimal(NumberText.print(squareMillimetres));
    }

    /** An area from a computed number of mm², to the nearest mm²: no table shows more. */
    public static Area ofMm2(double squareMillimetres) {
        return new Area(BigDecimal.valueOf(squareMillimetres).setScale(0, RoundingMode.HALF_EVEN));
    }

    /** Reads {@code 48 sq ft} or {@code 4.6 m²}; a bare number is refused, since hides are sold by both. */
    public static Parsed<Area> parse(String text) {
        var match = TEXT.matcher(text.strip());
        if (!match.matches())
            return new Refused<>("“%s” is not an area. Type it as 48 sq ft or 4.6 m²."
                    .formatted(NumberText.shortened(text.strip())));
        var unit = match.group(2).strip().toLowerCase();
        if (FEET.matcher(unit).matches())
            return NumberText.read(match.group(1), "sq ft").map(n -> new Area(n.multiply(SQUARE_FOOT)));
        if (METRES.matcher(unit).matches())
            return NumberText.read(match.group(1), "m²").map(n -> new Area(n.multiply(SQUARE_METRE)));
        return new Refused<>(
                unit.isEmpty()
                        ? "“%s” has no unit. Say sq ft or m².".formatted(match.group(1))
                        : "“%s” is no unit of area here. Use sq ft or m².".formatted(NumberText.shortened(unit)));
    }

    public double mm2() {
        return squareMillimetres.doubleValue();
    }

    /** In the style asked for where that is exact, else in square metres. */
    public String print(Style style) {
        if (style == Style.SQUARE_FEET) {
            var feet = squareMillimetres.divide(SQUARE_FOOT, 8, RoundingMode.HALF_EVEN);
            if (feet.multiply(SQUARE_FOOT).compareTo(squareMillimetres) == 0) return NumberText.print(feet) + " sq ft";
        }
        return NumberText.print(squareMillimetres.movePointLeft(6)) + " m²";
    }

    @Override
    public int compareTo(Area other) {
        return squareMillimetres.compareTo(other.squareMillimetres);
    }
}
