package welumen.measure;

import java.time.DayOfWeek;
import java.time.LocalDate;

/** Mondays to Fridays, of one pair of hands. */
public final class WorkingDays {
    public static final double HOURS = 8;

    private WorkingDays() {}

    /** How many there are from a day on, before another; never below nought. */
    public static long between(LocalDate from, LocalDate until) {
        return from.datesUntil(until.isBefore(from) ? from : until)
                .filter(WorkingDays::isOne)
                .count();
    }

    /** So many on. */
    public static LocalDate after(LocalDate day, int count) {
        var at = day;
        for (var left = count; left > 0; ) {
            at = at.plusDays(1);
            if (isOne(at)) left--;
        }
        return at;
    }

    private static boolean isOne(LocalDate day) {
        return day.getDayOfWeek() != DayOfWeek.SATURDAY && day.getDayOfWeek() != DayOfWeek.SUNDAY;
    }
}
