package welumen.measure;

/**
 * A thickness of leather as the ounces by which it is sold, to the nearest half, with what that is off.
 *
 * @param halves half ounces
 */
public record LeatherOunces(int halves) {
    private static final double HALF_MM = LengthUnit.OUNCE.millimetres().doubleValue() / 2;

    public static LeatherOunces nearest(double mm) {
        return new LeatherOunces((int) Math.round(mm / HALF_MM));
    }

    public double mm() {
        return halves * HALF_MM;
    }

    /** By how much it is thicker than that, below nought where it is thinner, in mm. */
    public double errorFrom(double mm) {
        return mm() - mm;
    }

    public String print() {
        return halves % 2 == 0 ? "%d oz".formatted(halves / 2) : "%d½ oz".formatted(halves / 2);
    }
}
