package welumen.measure;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * How thick steel sheet of a gauge is, by the manufacturers' standard for uncoated sheet: 41.82 lb to the square foot are an
 * inch. Other metals and wire have other tables, so that the metal is always named with it.
 *
 * @param number 10 to 28
 */
public record SheetGauge(int number, double mm) {
    private static final double POUNDS_TO_AN_INCH = 41.82;
    private static final double INCH_MM = 25.4;
    /** Pounds to the square foot. */
    private static final Map<Integer, Double> POUNDS = new TreeMap<>(Map.ofEntries(
            Map.entry(10, 5.625),
            Map.entry(11, 5.0),
            Map.entry(12, 4.375),
            Map.entry(13, 3.75),
            Map.entry(14, 3.125),
            Map.entry(15, 2.8125),
            Map.entry(16, 2.5),
            Map.entry(17, 2.25),
            Map.entry(18, 2.0),
            Map.entry(19, 1.75),
            Map.entry(20, 1.5),
            Map.entry(21, 1.375),
            Map.entry(22, 1.25),
            Map.entry(23, 1.125),
            Map.entry(24, 1.0),
            Map.entry(25, 0.875),
            Map.entry(26, 0.75),
            Map.entry(27, 0.6875),
            Map.entry(28, 0.625)));

    public static Optional<SheetGauge> of(int number) {
        return Optional.ofNullable(POUNDS.get(number))
                .map(pounds -> new SheetGauge(number, pounds / POUNDS_TO_AN_INCH * INCH_MM));
    }

    /** The one whose sheet is nearest to that thickness. */
    public static SheetGauge nearest(double mm) {
        return POUNDS.keySet().stream()
                .flatMap(number -> of(number).stream())
                .min((one, other) -> Double.compare(Math.abs(one.mm() - mm), Math.abs(other.mm() - mm)))
                .orElseThrow();
    }
}
