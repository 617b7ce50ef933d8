package welumen.schedule;

import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Set;

/**
 * When a shop, a person or a place is there: the same hours on the same days of every week, but for days off.
 *
 * @param days at least one
 * @param open from its opening on, over nought, and not past midnight
 */
public record OpenHours(Set<DayOfWeek> days, LocalTime opens, Duration open, Set<LocalDate> off) {
    public OpenHours {
        days = Set.copyOf(days);
        off = Set.copyOf(off);
        if (days.isEmpty()) throw new IllegalArgumentException("It is open on no day.");
        var until = opens.toSecondOfDay() + open.toSeconds();
        if (open.isNegative() || open.isZero() || until > Duration.ofDays(1).toSeconds())
            throw new IllegalArgumentException("It opens at [%s] for [%s].".formatted(opens, open));
    }

    public OpenHours(Set<DayOfWeek> days, LocalTime opens, Duration open) {
        this(days, opens, open, Set.of());
    }

    public boolean isOpenOn(LocalDate day) {
        return days.contains(day.getDayOfWeek()) && !off.contains(day);
    }
}
