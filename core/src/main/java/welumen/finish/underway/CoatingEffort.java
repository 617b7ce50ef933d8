package welumen.finish.underway;

import java.time.Duration;
import welumen.finish.coat.CoatStep;

/**
 * How much work a surface still is, and how long it waits by the clock on the wall: rules of thumb of ours for the hands, the tins’
 * own times for the waits.
 */
public record CoatingEffort(Coating coating) {
    /** A shorter wait is stood by; a longer one is left to itself. */
    private static final Duration STOOD_BY = Duration.ofHours(1);

    /** Hours with one’s hands on it, waits that are stood by included. */
    public double hours() {
        return coating.left().stream().mapToDouble(CoatingEffort::hours).sum();
    }

    private static double hours(CoatStep step) {
        var hands = switch (step.kind()) {
            case LOOK -> 0.1;
            case WASH, DEGREASE, PRIME, COLOUR, CLEAR, TRY -> 0.2;
            case FILL, MASK -> 0.3;
            case KEY -> 0.4;
            case CURE -> 0.0;
        };
        return hands + (isStoodBy(step) ? step.waits().toMinutes() / 60.0 : 0);
    }

    private static boolean isStoodBy(CoatStep step) {
        return step.kind() != CoatStep.Kind.CURE && step.waits().compareTo(STOOD_BY) <= 0;
    }

    /** What dries by itself meanwhile, one behind the other. */
    public Duration dries() {
        return coating.left().stream()
                .filter(step -> !isStoodBy(step))
                .map(CoatStep::waits)
                .reduce(Duration.ZERO, Duration::plus);
    }
}
