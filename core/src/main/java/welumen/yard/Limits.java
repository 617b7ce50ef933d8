package welumen.yard;

import java.time.Duration;
import java.time.LocalTime;
import welumen.clock.Working;

/**
 * What the premises themselves allow.
 *
 * @param loud when one may be loud
 * @param shade when the sun is not on the place: in it nothing is glued, sprayed or laid
 * @param celsius how warm it is in the workshop
 * @param kilowatts what its lines carry at once; nought where that is never too little
 */
public record Limits(Daily loud, Daily shade, double celsius, double kilowatts) {
    public static final Limits NONE = new Limits(Daily.ALWAYS, Daily.ALWAYS, Working.USUAL_CELSIUS, 0);

    private static final double MOST_KILOWATTS = 200;

    /** Hours of every day; past midnight they do not go. */
    public record Daily(LocalTime from, LocalTime until) {
        /** The whole day: until midnight is to its end. */
        public static final Daily ALWAYS = new Daily(LocalTime.MIDNIGHT, LocalTime.MIDNIGHT);

        /** @throws IllegalArgumentException if the end is not after the beginning */
        public Daily {
            if (!until.equals(LocalTime.MIDNIGHT) && !until.isAfter(from))
                throw new IllegalArgumentException(
                        "From %s until %s is no time of a day. Put the later time second.".formatted(from, until));
        }

        public boolean isAlways() {
            return equals(ALWAYS);
        }

        public Duration length() {
            return Duration.ofSeconds(
                    (until.equals(LocalTime.MIDNIGHT) ? Duration.ofDays(1).toSeconds() : until.toSecondOfDay())
                            - from.toSecondOfDay());
        }

        public boolean has(LocalTime time) {
            return !time.isBefore(from) && (until.equals(LocalTime.MIDNIGHT) || time.isBefore(until));
        }
    }

    /** @throws IllegalArgumentException if nobody works at such a temperature, or no workshop has such lines */
    public Limits {
        Working.slower(celsius);
        if (!(kilowatts >= 0 && kilowatts <= MOST_KILOWATTS))
            throw new IllegalArgumentException("[%s kW] is no line of a workshop.".formatted(kilowatts));
    }
}
