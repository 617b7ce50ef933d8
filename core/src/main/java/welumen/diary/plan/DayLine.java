package welumen.diary.plan;

import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Objects;

/**
 * One line of the days: what is done when, on which car, by whom.
 *
 * @param id the same as long as the task is open
 * @param who nobody for what is awaited
 * @param bring what they take along
 */
public record DayLine(
        String id,
        String what,
        String car,
        LocalDateTime start,
        LocalDateTime end,
        List<String> who,
        List<String> bring) {
    public DayLine {
        who = List.copyOf(who);
        bring = List.copyOf(bring);
    }

    /** Those of all cars, by their start. */
    public static List<DayLine> of(YardPlan plan, Manned manned) {
        var cars = new HashMap<String, CarWork>();
        for (var car : plan.cars()) for (var task : car.tasks()) cars.put(car.id(task.id()), car);
        var tasks = plan.tasks();
        return manned.schedule().bookings().stream()
                .map(booking -> new DayLine(
                        booking.id(),
                        Objects.requireNonNull(tasks.get(booking.id())).said(),
                        Objects.requireNonNull(cars.get(booking.id())).title(),
                        booking.start(),
                        booking.end(),
                        manned.rota().of(booking.id()),
                        Objects.requireNonNull(tasks.get(booking.id())).bring()))
                .sorted(Comparator.comparing(DayLine::start))
                .toList();
    }
}
