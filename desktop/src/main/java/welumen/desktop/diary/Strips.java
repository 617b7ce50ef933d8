package welumen.desktop.diary;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import welumen.desktop.look.Words;
import welumen.diary.plan.CarWork;
import welumen.diary.task.After;
import welumen.diary.task.Task;
import welumen.schedule.Booking;

/** What lies on whose strip. */
final class Strips {
    private static final String HANDS_OFF = "hands off";
    private static final String AWAITED = "awaited";

    private Strips() {}

    /** By person, in the order of their names, then what works without hands. */
    static Map<String, List<Laid>> of(PlannedDays planned) {
        var strips = new LinkedHashMap<String, List<Laid>>();
        planned.rota().names().forEach(name -> strips.put(name, new ArrayList<>()));
        var bookings = new LinkedHashMap<String, Booking>();
        planned.schedule().bookings().forEach(booking -> bookings.put(booking.id(), booking));
        for (var car : planned.plan().cars()) for (var task : car.tasks()) lay(planned, car, task, bookings, strips);
        return strips;
    }

    private static void lay(
            PlannedDays planned,
            CarWork car,
            Task task,
            Map<String, Booking> bookings,
            Map<String, List<Laid>> strips) {
        var booking = bookings.get(car.id(task.id()));
        if (booking == null) return;
        var own = car.car().equals(planned.open());
        var who = planned.rota().of(booking.id());
        var decides = planned.decides(booking.id());
        var words = "%s · %s, %s%s%s"
                .formatted(
                        Words.capital(task.said()),
                        car.title(),
                        span(booking),
                        task.fixed().isPresent() ? ", fixed" : "",
                        own && decides > 0 ? "; decides the day in %.0f of 100 runs".formatted(100 * decides) : "");
        for (var name : who)
            strips.computeIfAbsent(name, _ -> new ArrayList<>())
                    .add(new Laid(
                            booking.id(),
                            task,
                            words,
                            brief(task),
                            booking.start(),
                            booking.end(),
                            true,
                            own,
                            decides));
        if (task.kind().isWait() && own)
            strips.computeIfAbsent(AWAITED, _ -> new ArrayList<>())
                    .add(new Laid(
                            booking.id(),
                            task,
                            "%s · %s".formatted(Words.capital(task.said()), until(planned, task, booking)),
                            List.of(planned.plan().isAssumed(task) ? "no day said" : "promised"),
                            planned.plan().isAssumed(task)
                                    ? booking.start()
                                    : planned.plan().now(),
                            booking.end(),
                            false,
                            true,
                            decides));
        if (who.isEmpty() && !task.kind().isWait())
            strips.computeIfAbsent("nobody free", _ -> new ArrayList<>())
                    .add(new Laid(
                            booking.id(),
                            task,
                            words,
                            brief(task),
                            booking.start(),
                            booking.end(),
                            true,
                            own,
                            decides));
        for (var after : task.after()) waits(car, task, after, booking, bookings, strips, own);
    }

    private static String until(PlannedDays planned, Task task, Booking booking) {
        var day = Words.day(booking.end().toLocalDate());
        return planned.plan().isAssumed(task)
                ? "no day that is still to come was said; taken to be here by " + day
                : "promised for " + day;
    }

    private static List<String> brief(Task task) {
        return List.of(
                Words.capital(task.said()),
                task.kind().word() + " " + task.what().replaceFirst("^the ", ""),
                task.kind().word());
    }

    private static void waits(
            CarWork car,
            Task task,
            After after,
            Booking booking,
            Map<String, Booking> bookings,
            Map<String, List<Laid>> strips,
            boolean own) {
        var before = bookings.get(car.id(after.task()));
        if (before == null || (after.cures().isZero() && after.workingDays() == 0)) return;
        var until = after.cures().isZero() ? booking.start() : before.end().plus(after.cures());
        var words = "%s, before one can %s · %s"
                .formatted(
                        after.cures().isZero() ? "On its way" : "Cures %s".formatted(hours(after.cures())),
                        task.said(),
                        car.title());
        strips.computeIfAbsent(HANDS_OFF, _ -> new ArrayList<>())
                .add(new Laid(
                        before.id(),
                        task,
                        words,
                        List.of(after.cures().isZero() ? "on its way" : "cures"),
                        before.end(),
                        until,
                        false,
                        own,
                        0));
    }

    private static String hours(Duration cures) {
        return "%d h".formatted(cures.toHours());
    }

    private static String span(Booking booking) {
        return String.format(
                Locale.UK,
                "%s %tR to %s%tR",
                Words.day(booking.start().toLocalDate()),
                booking.start(),
                booking.start().toLocalDate().equals(booking.end().toLocalDate())
                        ? ""
                        : Words.day(booking.end().toLocalDate()) + " ",
                booking.end());
    }
}
