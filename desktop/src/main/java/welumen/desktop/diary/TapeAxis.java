package welumen.desktop.diary;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;

/** Working days beside each other, each as wide; the nights between them take no room. */
record TapeAxis(List<LocalDate> days, double left, double wide, LocalDateTime opens, Duration open) {
    private static final int QUARTER = 15;

    static TapeAxis of(PlannedDays planned, int most, double left, double right) {
        var hours = planned.manned().problem().hours();
        var days = new ArrayList<LocalDate>();
        var last = planned.ready()
                .map(ends -> ends.by(0.8))
                .orElse(planned.schedule().end())
                .toLocalDate();
        for (var day = planned.manned().problem().start();
                days.size() < most && !day.isAfter(last);
                day = day.plusDays(1)) if (hours.isOpenOn(day)) days.add(day);
        if (days.isEmpty()) days.add(planned.manned().problem().start());
        return new TapeAxis(
                days,
                left,
                (right - left - 8) / days.size(),
                planned.manned().problem().start().atTime(hours.opens()),
                hours.open());
    }

    double x(int day) {
        return left + day * wide;
    }

    /** What lies at a place along it: an open hour, to the quarter. */
    LocalDateTime time(double x) {
        var at = Math.clamp((x - left) / wide, 0, days.size() - 1e-6);
        var day = days.get((int) at);
        var quarters = Math.floor((at - (int) at) * open.toMinutes() / QUARTER);
        return day.atTime(opens.toLocalTime()).plusMinutes((long) quarters * QUARTER);
    }

    /** At a closed hour, where the next day begins. */
    double x(LocalDateTime time) {
        var day = 0;
        while (day < days.size() && days.get(day).isBefore(time.toLocalDate())) day++;
        if (day == days.size()) return x(day);
        if (days.get(day).isAfter(time.toLocalDate())) return x(day);
        var gone = Duration.between(time.toLocalDate().atTime(opens.toLocalTime()), time)
                .toSeconds();
        return x(day) + wide * Math.clamp(gone / (double) open.toSeconds(), 0, 1);
    }
}
