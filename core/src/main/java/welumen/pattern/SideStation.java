package welumen.pattern;

import java.util.regex.Pattern;
import welumen.measure.Length;
import welumen.measure.Lengths;
import welumen.measure.Parsed;
import welumen.measure.Parsed.Refused;

/**
 * A place measured on both sides of the car before the second side is cut: “dash to sill”.
 *
 * @param leftMm as measured on the left
 * @param because why the sides may differ here; empty where they should not
 */
public record SideStation(String name, double leftMm, double rightMm, String because) {
    /** Difference in mm that two sides may have. */
    public static final double SAME_MM = 3;

    private static final Pattern TYPED = Pattern.compile(
            "(?<name>\\D[^\\d]*?)\\s+(?<left>\\d[^/]*?)\\s*/\\s*(?<right>\\d[^,]*?)(?:\\s*,\\s*(?:because\\s+)?(?<because>.+))?");

    /** Reads {@code dash to sill 412 / 380, because the duct comes down there}; the reason may be left out. */
    public static Parsed<SideStation> read(String typed) {
        var line = TYPED.matcher(typed.strip());
        if (!line.matches())
            return new Refused<>(Lengths.example(
                    "Type a place with its left and its right measure, as dash to sill 412 / 380.",
                    "Type a place with its left and its right measure, as dash to sill 16 1/4 / 15."));
        var because = line.group("because") == null ? "" : line.group("because");
        return Length.parse(line.group("left"))
                .flatMap(left -> Length.parse(line.group("right"))
                        .map(right -> new SideStation(line.group("name"), left.mm(), right.mm(), because)));
    }

    /** By how much the right side is longer. */
    public double offMm() {
        return rightMm - leftMm;
    }

    /** Whether a blind mirror would be wrong here. */
    public boolean isFlagged() {
        return Math.abs(offMm()) > SAME_MM && because.isBlank();
    }
}
