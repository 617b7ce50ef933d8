package welumen.measure;

import java.util.regex.Pattern;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;

/**
 * One size as the other trades name it, each with what its nearest is off: inches in 64ths, leather by the ounce, steel sheet by
 * its gauge; an area in square feet and square metres.
 *
 * @param words as they are shown
 */
public record OtherUnits(String words) {
    private static final Pattern GAUGE = Pattern.compile("(?<number>\\d{1,2})\\s*(?:ga|gauge)");
    /** Thickness in mm above which neither leather nor sheet comes. */
    private static final double THICKEST_MM = 6;

    /** Reads a length, an area, {@code 4 oz} of leather or {@code 16 gauge} of steel sheet. */
    public static Parsed<OtherUnits> read(String typed) {
        var text = typed.strip();
        var gauge = GAUGE.matcher(text);
        if (gauge.matches())
            return SheetGauge.of(Integer.parseInt(gauge.group("number")))
                    .<Parsed<OtherUnits>>map(sheet -> new Understood<>(of(sheet.mm())))
                    .orElseGet(() -> new Refused<>(
                            "Steel sheet comes in 10 to 28 gauge here, not in %s.".formatted(gauge.group("number"))));
        if (Area.parse(text) instanceof Understood<Area>(var area)) return new Understood<>(of(area));
        return Length.parse(text).map(length -> of(length.mm()));
    }

    private static OtherUnits of(Area area) {
        return new OtherUnits("%.2f sq ft, %.3f m²"
                .formatted(area.mm2() / Area.SQUARE_FOOT.doubleValue(), area.mm2() / Area.SQUARE_METRE.doubleValue()));
    }

    private static OtherUnits of(double mm) {
        var inches = InchFraction.nearest(Length.ofMm(mm));
        var said = "%.2f mm; %s, %+.2f mm".formatted(mm, inches.print(), inches.errorFrom(Length.ofMm(mm)));
        if (mm <= 0 || mm > THICKEST_MM) return new OtherUnits(said);
        var leather = LeatherOunces.nearest(mm);
        var sheet = SheetGauge.nearest(mm);
        return new OtherUnits("%s; leather %s, %+.2f mm; steel sheet %d gauge, %+.2f mm"
                .formatted(said, leather.print(), leather.errorFrom(mm), sheet.number(), sheet.mm() - mm));
    }
}
