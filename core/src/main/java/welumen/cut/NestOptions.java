package welumen.cut;

import java.time.Duration;

/**
 * How long to search, and from which seed. Equal problem, seed and rounds give the equal plan; the time only decides
 * after which round it ends.
 *
 * @param rounds the most rounds that are done
 * @param time after how long no further round is finished
 */
public record NestOptions(long rounds, Duration time, long seed) {
    public static final NestOptions USUAL = new NestOptions(Long.MAX_VALUE, Duration.ofSeconds(20), 1);

    public NestOptions {
        if (rounds < 1) throw new IllegalArgumentException("The rounds [%d] are below 1.".formatted(rounds));
        if (time.isNegative()) throw new IllegalArgumentException("The time [%s] is below nought.".formatted(time));
    }

    public NestOptions withTime(Duration newTime) {
        return new NestOptions(rounds, newTime, seed);
    }

    public NestOptions withRounds(long newRounds) {
        return new NestOptions(newRounds, time, seed);
    }
}
