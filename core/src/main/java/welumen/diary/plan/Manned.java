package welumen.diary.plan;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import welumen.diary.task.Task;
import welumen.schedule.Activity;
import welumen.schedule.Booking;
import welumen.schedule.Net;
import welumen.schedule.Order;
import welumen.schedule.Schedule;
import welumen.schedule.ScheduleProblem;
import welumen.schedule.judge.ScheduleCheck;
import welumen.schedule.serial.SerialScheme;
import welumen.yard.Crew;

/**
 * A plan in which everything has somebody who does it. The planner counts heads, and now and then a task falls between two
 * people: that one begins when the next of them is free, and what hangs on it follows, until somebody has it.
 */
public record Manned(ScheduleProblem problem, Schedule schedule, Rota rota) {
    /** How often something is put off before it is called nobody's. */
    private static final int TRIES = 200;

    static Manned of(ScheduleProblem problem, Schedule schedule, Map<String, Task> tasks, Crew crew) {
        var at = new Manned(problem, schedule, Rota.of(schedule, tasks, crew));
        for (var i = 0; i < TRIES; i++) {
            var nobodys = at.nobodys(tasks);
            if (nobodys.isEmpty()) return at.checked(tasks, crew);
            at = at.later(nobodys.get(), tasks, crew);
        }
        return at.checked(tasks, crew);
    }

    private Manned checked(Map<String, Task> tasks, Crew crew) {
        var faults = RotaCheck.faults(schedule, rota, tasks, crew);
        if (!faults.isEmpty()) throw new IllegalStateException("who does what is not valid: " + faults.getFirst());
        return this;
    }

    /** The same plan, of which it is known as well what no plan betters. */
    public Manned bounded(Schedule other) {
        var end = other.bound().isAfter(schedule.end()) ? schedule.end() : other.bound();
        var least = other.leastMissed().compareTo(schedule.missed()) > 0 ? schedule.missed() : other.leastMissed();
        return new Manned(
                problem, new Schedule(schedule.bookings(), schedule.end(), end, schedule.missed(), least), rota);
    }

    private Optional<Booking> nobodys(Map<String, Task> tasks) {
        return schedule.bookings().stream()
                .filter(booking -> tasks.containsKey(booking.id())
                        && !tasks.get(booking.id()).kind().isWait()
                        && rota.of(booking.id()).isEmpty())
                .min((a, b) -> a.start().compareTo(b.start()));
    }

    private Manned later(Booking nobodys, Map<String, Task> tasks, Crew crew) {
        var activities = new ArrayList<Activity>();
        for (var activity : problem.activities())
            activities.add(activity.id().equals(nobodys.id()) ? notBefore(activity, rota.free(nobodys)) : activity);
        var put = problem.with(activities);
        var net = new Net(put);
        var starts = new HashMap<String, Integer>();
        for (var booking : schedule.bookings()) starts.put(booking.id(), net.seconds(booking.start()));
        var keys = IntStream.range(0, net.size())
                .map(i -> starts.getOrDefault(net.activity(i).id(), 0))
                .toArray();
        var again = net.schedule(
                new SerialScheme(net).early(net.likely(), Order.of(net, keys)),
                net.seconds(schedule.bound()),
                schedule.leastMissed().toSeconds() * Net.PARTS);
        var faults = ScheduleCheck.faults(put, again.bookings());
        if (!faults.isEmpty()) throw new IllegalStateException("the plan is not valid: " + faults.getFirst());
        return new Manned(put, again, Rota.of(again, tasks, crew));
    }

    private static Activity notBefore(Activity activity, LocalDateTime time) {
        return new Activity(activity.id(), activity.effort(), activity.uses(), activity.after(), Optional.of(time));
    }
}
