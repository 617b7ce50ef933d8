package welumen.finish.sheen;

import welumen.cabin.PartKind;
import welumen.intake.Standard;

/**
 * The sheen that a standard wants of what is sprayed, in gloss units at 60°, where no neighbour was read: rules of thumb of ours. A
 * dash is the dullest, since it stands in the windscreen; leather is less dull than plastic.
 */
public final class WantedSheen {
    private WantedSheen() {}

    public static double of(Standard standard, PartKind kind) {
        return switch (kind) {
            case DASH, PAD, FASCIA, COWL -> dash(standard);
            case SEAT, REAR_SEAT, COVER, HEADREST, ARMREST, DOOR_CARD, GAITER -> leather(standard);
            default -> plastic(standard);
        };
    }

    private static double dash(Standard standard) {
        return switch (standard) {
            case AS_IT_LEFT_THE_WORKS, BETTER_THAN_NEW -> 12;
            case GOOD_DRIVER -> 15;
            case TIDY_AND_CHEAP -> 20;
            case SHOW_CUSTOM -> 25;
        };
    }

    private static double plastic(Standard standard) {
        return switch (standard) {
            case AS_IT_LEFT_THE_WORKS -> 18;
            case BETTER_THAN_NEW -> 20;
            case GOOD_DRIVER -> 22;
            case TIDY_AND_CHEAP -> 25;
            case SHOW_CUSTOM -> 30;
        };
    }

    private static double leather(Standard standard) {
        return switch (standard) {
            case BETTER_THAN_NEW -> 22;
            case AS_IT_LEFT_THE_WORKS, GOOD_DRIVER -> 25;
            case TIDY_AND_CHEAP, SHOW_CUSTOM -> 30;
        };
    }
}
