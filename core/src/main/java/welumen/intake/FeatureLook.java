package welumen.intake;

/**
 * Whether a feature that tells versions of a model apart is in this car. The feature is looked for, the year is not asked.
 *
 * @param how what was seen, and by whom
 */
public record FeatureLook(String feature, boolean present, String how) {
    /** The feature that makes seats, belts, wheel and dash dangerous. */
    public static final String AIRBAGS = "airbags";
}
