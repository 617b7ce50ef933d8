package welumen.measure;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** The units of length that a trimmer types, each an exact number of millimetres. */
public enum LengthUnit {
    MILLIMETRE("1", "mm", "millimetre", "millimetres"),
    CENTIMETRE("10", "cm", "centimetre", "centimetres"),
    METRE("1000", "m", "metre", "metres"),
    INCH("25.4", "in", "inch", "inches", "\"", "″", "”", "''"),
    FOOT("304.8", "ft", "foot", "feet", "'", "′", "’"),
    /** How thick leather is, where it is sold by weight: an ounce to the square foot is taken as a 64th of an inch. */
    OUNCE("0.396875", "oz", "ounce", "ounces");

    private final BigDecimal millimetres;
    private final List<String> signs;

    LengthUnit(String millimetres, String... signs) {
        this.millimetres = new BigDecimal(millimetres);
        this.signs = List.of(signs);
    }

    /** One of this unit in millimetres, exactly. */
    public BigDecimal millimetres() {
        return millimetres;
    }

    /** The sign that is printed. */
    public String sign() {
        return signs.getFirst();
    }

    static Optional<LengthUnit> ofSign(String sign) {
        for (var unit : values()) if (unit.signs.contains(sign)) return Optional.of(unit);
        return Optional.empty();
    }
}
