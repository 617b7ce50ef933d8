package welumen.cut.hide;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import welumen.cut.stock.Lot;
import welumen.cut.stock.Stock;
import welumen.cut.stock.Stretch;
import welumen.measure.Area;
import welumen.measure.Because;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;
import welumen.measure.Parsed.Understood;
import welumen.measure.Size;
import welumen.shape.Outline;
import welumen.shape.Shape;

/**
 * What came in to cut from, as one line: {@code hide 3, 52 sq ft, lot 27B, 1.2 mm thick, cost 310, from Fell and Daughter};
 * {@code roll 1, 1400 wide, 12 m long, cost 42, repeat 75, selvedge 15}; {@code sheet 1, 2000 x 1000, cost 30}.
 */
public final class StockText {
    private static final Pattern NUMBER = Pattern.compile("\\d{1,6}(?:\\.\\d{1,2})?");
    private static final double SMALLEST_HIDE = 0.5e6;
    private static final double LARGEST_HIDE = 9e6;

    private final String material;
    private String dye = "";
    private String supplier = "";
    private double thicknessMm;
    private double cost;
    private double areaMm2;
    private double wide;
    private double length;
    private double repeatAlong;
    private double repeatAcross;
    private double selvedge;
    private int grade = 1;
    private Optional<String> wrong = Optional.empty();

    private StockText(String material) {
        this.material = material;
    }

    private static String example() {
        return Lengths.example(
                "Type it as hide 3, 52 sq ft, lot 27B, 1.2 mm thick, cost 310, or roll 1, 1400 wide, 12 m long, repeat 75, selvedge 15,"
                        + " or sheet 1, 2000 x 1000.",
                "Type it as hide 3, 52 sq ft, lot 27B, 1.2 mm thick, cost 310, or roll 1, 54 wide, 12 m long, repeat 3.");
    }

    public static Parsed<Stock> read(String typed, String material) {
        var parts = typed.strip().split("\\s*,\\s*", -1);
        var text = new StockText(material);
        for (var i = 1; i < parts.length && text.wrong.isEmpty(); i++) text.part(parts[i]);
        return text.wrong.<Parsed<Stock>>map(Refused::new).orElseGet(() -> text.stock(parts[0]));
    }

    private void part(String part) {
        var words = part.split("\\s+", 2);
        var rest = words.length < 2 ? "" : words[1];

        switch (words[0].toLowerCase(Locale.ROOT)) {
            case "lot" -> dye = rest;
            case "from" -> supplier = rest;
            case "cost" -> cost = number(rest, part);
            case "grade" -> grade = (int) number(rest, part);
            case "repeat" -> repeat(rest);
            case "selvedge" -> selvedge = mm(rest);
            default -> {
                if (part.endsWith(" wide")) wide = mm(part.substring(0, part.length() - 5));
                else if (part.endsWith(" long")) length = mm(part.substring(0, part.length() - 5));
                else if (part.endsWith(" thick")) thicknessMm = mm(part.substring(0, part.length() - 6));
                else if (Size.parse(part) instanceof Understood<Size>(var size)) {
                    length = size.oneMm();
                    wide = size.otherMm();
                } else if (Area.parse(part) instanceof Understood<Area>(var area)) areaMm2 = area.mm2();
                else refuse(part);
            }
        }
    }

    private void repeat(String rest) {
        if (Size.parse(rest) instanceof Understood<Size>(var size)) {
            repeatAlong = size.oneMm();
            repeatAcross = size.otherMm();
        } else repeatAcross = mm(rest);
    }

    private void refuse(String part) {
        wrong = Optional.of("“%s” says nothing about a stock. %s".formatted(part, example()));
    }

    private double number(String digits, String part) {
        if (NUMBER.matcher(digits).matches()) return Double.parseDouble(digits);
        refuse(part);
        return 0;
    }

    private double mm(String typed) {
        if (Length.parse(typed.strip()) instanceof Understood<Length>(var read)) return read.mm();
        wrong = Optional.of("“%s” is no length. %s".formatted(typed, example()));
        return 0;
    }

    private Parsed<Stock> stock(String id) {
        try {
            var lot = new Lot(dye, thicknessMm, supplier);
            if (id.toLowerCase(Locale.ROOT).startsWith("roll")) return roll(id, lot);
            if (id.toLowerCase(Locale.ROOT).startsWith("sheet")) return sheet(id, lot);
            if (id.toLowerCase(Locale.ROOT).startsWith("hide")) return hide(id, lot);
        } catch (IllegalArgumentException fault) {
            return new Refused<>(Because.of(fault));
        }
        return new Refused<>("Begin with what it is and its number. " + example());
    }

    private Parsed<Stock> roll(String id, Lot lot) {
        if (wide <= 0 || length <= 0)
            return new Refused<>("How wide and how long is the %s? %s".formatted(id, example()));
        return new Understood<>(
                new Stock.Roll(id, material, lot, wide, length, cost, repeatAlong, repeatAcross, selvedge));
    }

    private Parsed<Stock> sheet(String id, Lot lot) {
        if (wide <= 0 || length <= 0)
            return new Refused<>("How long and how wide is the %s? %s".formatted(id, example()));
        return new Understood<>(new Stock.Hide(
                id,
                material,
                Stock.Kind.SHEET,
                lot,
                new Shape(Outline.rectangle(length, wide)),
                1,
                List.of(),
                new Stretch.Any(),
                cost));
    }

    private Parsed<Stock> hide(String id, Lot lot) {
        if (!(areaMm2 >= SMALLEST_HIDE && areaMm2 <= LARGEST_HIDE))
            return new Refused<>("A hide is from 0.5 to 9 m² large. " + example());
        var outline = DrawnHide.usual(areaMm2);
        return new Understood<>(new Stock.Hide(
                id,
                material,
                Stock.Kind.HIDE,
                lot,
                new Shape(outline),
                grade,
                GradeZones.proposed(outline),
                new Stretch.AsGrown(),
                cost));
    }
}
