package welumen.clock;

import java.time.Duration;
import java.util.stream.Stream;

/**
 * How long a product cures, by the clock on the wall, from when it is on until what comes next. What its own sheet says goes
 * before what is usual.
 *
 * @param flash before its own next coat
 * @param touch before a finger leaves no mark
 * @param handle before the part is turned, carried, put back
 * @param glueOver before another product or glue goes over it
 * @param wrapOver before it is wrapped, edges and all: what is shut in dries no more
 * @param recoatUntil until when its next coat holds without being flatted first; nought where that is never too late
 */
public record Cure(
        Duration flash, Duration touch, Duration handle, Duration glueOver, Duration wrapOver, Duration recoatUntil) {
    /** Of which nobody has said anything. */
    public static final Cure UNSAID =
            new Cure(Duration.ZERO, Duration.ZERO, Duration.ZERO, Duration.ZERO, Duration.ZERO, Duration.ZERO);

    /** What comes next. */
    public enum Next {
        HANDLED("handled"),
        GLUED_OVER("glued over"),
        WRAPPED("wrapped");

        private final String word;

        Next(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** @throws IllegalArgumentException if a time is below nought, or it is too late for the next coat before that may go on */
    public Cure {
        if (Stream.of(flash, touch, handle, glueOver, wrapOver, recoatUntil).anyMatch(Duration::isNegative))
            throw new IllegalArgumentException("A time below nought is none.");
        if (recoatUntil.isPositive() && recoatUntil.compareTo(flash) <= 0)
            throw new IllegalArgumentException("The next coat may go on after %d min and only until %d min."
                    .formatted(flash.toMinutes(), recoatUntil.toMinutes()));
    }

    public boolean isSaid() {
        return !equals(UNSAID);
    }

    public Duration before(Next next) {
        return switch (next) {
            case HANDLED -> handle;
            case GLUED_OVER -> glueOver;
            case WRAPPED -> wrapOver;
        };
    }

    /**
     * At another temperature than {@link Working#USUAL_CELSIUS}.
     *
     * @throws IllegalArgumentException where nobody works at such a temperature
     */
    public Cure at(double celsius) {
        var slower = Working.slower(celsius);
        return new Cure(
                times(flash, slower),
                times(touch, slower),
                times(handle, slower),
                times(glueOver, slower),
                times(wrapOver, slower),
                times(recoatUntil, slower));
    }

    private static Duration times(Duration one, double factor) {
        return Duration.ofSeconds(Math.round(one.toSeconds() * factor));
    }
}
