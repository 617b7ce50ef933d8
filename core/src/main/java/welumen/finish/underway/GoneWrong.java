package welumen.finish.underway;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import welumen.finish.coat.Cause;

/**
 * A go that failed, and what it cost.
 *
 * @param what went wrong, as “dash top” or “card 2”
 * @param hours of work, nought or more
 * @param days that it set the car back
 * @param tins that went with it
 */
public record GoneWrong(String what, Cause cause, double hours, double days, double tins, Instant at) {
    /** The rule of thumb counts as so many that were had. */
    private static final int RULE = 2;

    public GoneWrong {
        if (!(hours >= 0 && hours < 1000 && days >= 0 && days < 1000 && tins >= 0 && tins < 1000))
            throw new IllegalArgumentException(
                    "[%s h, %s days, %s tins] are no cost. Type each as 2, or 0.5.".formatted(hours, days, tins));
    }

    public String cost() {
        return "%s h, %s, %s".formatted(number(hours), many(days, "day"), many(tins, "tin"));
    }

    private static String many(double number, String what) {
        return number(number) + " " + (number == 1 ? what : what + "s");
    }

    private static String number(double number) {
        return number == Math.rint(number) ? "%.0f".formatted(number) : String.format(Locale.UK, "%.1f", number);
    }

    /** The days that a cause costs: as a rule, and as it has cost here. */
    public static double days(List<GoneWrong> had, Cause cause) {
        var own = had.stream().filter(one -> one.cause() == cause).toList();
        return (RULE * cause.days() + own.stream().mapToDouble(GoneWrong::days).sum()) / (RULE + own.size());
    }
}
