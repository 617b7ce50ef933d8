package welumen.clock;

import java.time.Duration;

/**
 * Between which times a product can be worked, from when it is on: what the product's own sheet says goes before it.
 *
 * @param earliest from when on
 * @param latest until when, over nought; {@link #ALWAYS} where it has no end
 * @param moved until when what was laid can still be moved; nought where it grabs at once
 */
public record Working(Duration earliest, Duration latest, Duration moved) {
    /** Never too late. */
    public static final Duration ALWAYS = Duration.ofDays(3650);

    /** At which the sheets give their times, in °C. */
    public static final double USUAL_CELSIUS = 20;

    /** By so many degrees colder everything takes twice as long: the rule of thumb for what dries and cures. */
    private static final double DOUBLES = 10;

    /** Below it adhesives, fillers and colour are not worked at all, in °C. */
    public static final double COLD_CELSIUS = 10;

    private static final double LEAST_CELSIUS = -20;
    private static final double MOST_CELSIUS = 60;

    /** @throws IllegalArgumentException where it is too late before it can be worked */
    public Working {
        if (earliest.isNegative() || latest.compareTo(earliest) <= 0 || moved.isNegative())
            throw new IllegalArgumentException("From [%s] to [%s] it cannot be worked.".formatted(earliest, latest));
    }

    /**
     * At another temperature.
     *
     * @throws IllegalArgumentException where nobody works at such a temperature
     */
    public Working at(double celsius) {
        var slower = slower(celsius);
        return new Working(times(earliest, slower), isEndless() ? ALWAYS : times(latest, slower), times(moved, slower));
    }

    /**
     * How many times as long it takes at a temperature.
     *
     * @throws IllegalArgumentException where nobody works at such a temperature
     */
    public static double slower(double celsius) {
        if (!(celsius >= LEAST_CELSIUS && celsius <= MOST_CELSIUS))
            throw new IllegalArgumentException("[%s °C] is no temperature of a workshop.".formatted(celsius));
        return Math.pow(2, (USUAL_CELSIUS - celsius) / DOUBLES);
    }

    public boolean isEndless() {
        return latest.compareTo(ALWAYS) >= 0;
    }

    /** To the second. */
    private static Duration times(Duration one, double factor) {
        return Duration.ofSeconds(Math.round(one.toSeconds() * factor));
    }

    /**
     * The largest area that one pair of hands can lay before what was sprayed first is too late, in m²: it is sprayed from one end,
     * and laid from that end as soon as all is sprayed and the first is ready.
     *
     * @param spray m² a minute, over nought
     * @param lay m² a minute, over nought
     */
    public double largestArea(double spray, double lay) {
        if (isEndless()) return Double.POSITIVE_INFINITY;
        var from = earliest.toSeconds() / 60.0;
        var until = latest.toSeconds() / 60.0;
        // all is sprayed after a/spray; the last of it is laid a/lay after laying began, and was sprayed last
        var sprayedFirst = lay >= spray ? Double.POSITIVE_INFINITY : (until - from) / (1 / lay - 1 / spray);
        if (sprayedFirst / spray <= from) return sprayedFirst; // laying begins when the first is ready
        return Math.max(spray * from, until * lay); // it begins when all is sprayed; the last must not be too late
    }
}
