package welumen.stores;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import welumen.measure.Many;
import welumen.measure.NumberText;

/**
 * How much of one thing a job needs, to be added up, priced and set against stock.
 *
 * @param material what it is, as stock is called
 * @param quantity in that unit, as it is bought: whole hides and cans, rolls to a tenth of a metre
 * @param isShort whether that is not enough yet, and one more is to be bought
 * @param working how it was reached, line by line
 */
public record Need(String material, double quantity, Unit unit, boolean isShort, List<String> working) {
    /** In what something is bought. */
    public enum Unit {
        HIDE("hide"),
        METRE("m"),
        GRAM("g"),
        CAN("can");

        private final String word;

        Unit(String word) {
            this.word = word;
        }
    }

    public Need {
        working = List.copyOf(working);
    }

    /** As one buys it: “3 cans”, “3.4 m”, “240 g”. */
    public String amount() {
        return switch (unit) {
            case METRE -> number() + " m";
            case GRAM -> "%.0f g".formatted(quantity);
            case HIDE, CAN -> Many.of((int) quantity, unit.word);
        };
    }

    /** The whole of it in words: “3 cans of contact adhesive”, “2 sage hides”. */
    public String said() {
        var said = unit == Unit.HIDE && material.endsWith(unit.word)
                ? Many.of((int) quantity, material)
                : amount() + " of " + material.split(",", 2)[0]; // “contact adhesive, 500 ml aerosol”
        return isShort ? said + " and one more to buy" : said;
    }

    private String number() {
        return NumberText.print(BigDecimal.valueOf(quantity).setScale(1, RoundingMode.HALF_UP));
    }
}
