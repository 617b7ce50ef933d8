package welumen.cut.stock;

/**
 * Where a stock is from.
 *
 * @param dye the dye lot: what is seen together comes from one; empty where nobody has said
 * @param thicknessMm nought where nobody has said
 * @param supplier empty where nobody has said
 */
public record Lot(String dye, double thicknessMm, String supplier) {
    public static final Lot UNKNOWN = new Lot("", 0, "");

    public Lot {
        if (!(thicknessMm >= 0 && thicknessMm < 50))
            throw new IllegalArgumentException("A hide of [%s mm] is none.".formatted(thicknessMm));
    }
}
