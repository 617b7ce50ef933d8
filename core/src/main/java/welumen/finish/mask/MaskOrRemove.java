package welumen.finish.mask;

import java.util.Locale;

/**
 * Whether what stays as it is is masked or taken off before one sprays. A fragile part is masked, one that laps what is sprayed is
 * taken off; else what costs less, its risk counted in hours.
 *
 * @param edgeM metres of its edge that are masked
 * @param offHours to take it off and put it back
 * @param isBrittle whether taking it off may break it
 * @param isLapped whether it lies over what is sprayed
 */
public record MaskOrRemove(String part, double edgeM, double offHours, boolean isBrittle, boolean isLapped) {
    /** Hours to mask a metre of edge, and the chance that paint creeps under it, by metre. */
    private static final double MASKED_HOURS = 0.12;

    private static final double CREEPS = 0.02;

    /** Hours to put right what crept, and what was broken. */
    private static final double CREPT_HOURS = 1.5;

    private static final double BROKEN_HOURS = 6;
    private static final double BREAKS = 0.25;
    /** What is torn off longer than the edge. */
    private static final double OVER = 1.1;

    private static final double SOUND_BREAKS = 0.02;

    public double maskHours() {
        return edgeM * (MASKED_HOURS + CREEPS * CREPT_HOURS);
    }

    public double removeHours() {
        return offHours + (isBrittle ? BREAKS : SOUND_BREAKS) * BROKEN_HOURS;
    }

    public boolean isMasked() {
        if (isBrittle) return true;
        return !isLapped && maskHours() <= removeHours();
    }

    /** Why, in words. */
    public String said() {
        if (isBrittle) return "Mask the %s: it may break when it comes off.".formatted(part);
        if (isLapped) return "Take off the %s: it lies over what is sprayed, and a line would show.".formatted(part);
        return (isMasked()
                        ? "Mask the %s: %s with its risk, %s to take it off and put it back."
                        : "Take off the %s: %s to mask it with its risk, %s to take it off and put it back.")
                .formatted(part, time(maskHours()), time(removeHours()));
    }

    private static String time(double hours) {
        return hours < 1 ? "%d min".formatted(Math.round(60 * hours)) : String.format(Locale.UK, "%.1f h", hours);
    }

    /** Hours of masking alone, without its risk. */
    double maskingHours() {
        return edgeM * MASKED_HOURS;
    }

    /** Metres of film and tape where it is masked. */
    double filmM() {
        return edgeM * OVER;
    }
}
