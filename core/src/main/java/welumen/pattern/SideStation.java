package welumen.pattern;

/**
 * A place measured on both sides of the car before the second side is cut: “dash to sill”.
 *
 * @param leftMm as measured on the left
 * @param because why the sides may differ here; empty where they should not
 */
public record SideStation(String name, double leftMm, double rightMm, String because) {
    /** As much may be between two sides. */
    public static final double SAME_MM = 3;

    /** By how much the right side is longer. */
    public double offMm() {
        return rightMm - leftMm;
    }

    /** Whether a blind mirror would be wrong here. */
    public boolean isFlagged() {
        return Math.abs(offMm()) > SAME_MM && because.isBlank();
    }
}
