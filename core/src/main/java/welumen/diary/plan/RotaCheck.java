package welumen.diary.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import welumen.diary.task.Task;
import welumen.schedule.Booking;
import welumen.schedule.Schedule;
import welumen.yard.Crew;
import welumen.yard.Person;

/**
 * Judges who does what, by the plain words of it and without anything that made it: nobody is at two things at once, nobody does
 * more of a task than it has hands for, whoever leads it knows how and is here on that day. Quadratic in each one's tasks.
 */
public final class RotaCheck {
    private RotaCheck() {}

    /** What is wrong, each a sentence; none where it holds. */
    public static List<String> faults(Schedule schedule, Rota rota, Map<String, Task> tasks, Crew crew) {
        var faults = new ArrayList<String>();
        for (var booking : schedule.bookings()) {
            var task = Objects.requireNonNull(tasks.get(booking.id()));
            var who = rota.of(booking.id());
            if (task.kind().isWait() && !who.isEmpty())
                faults.add("Somebody does “%s”, which is awaited.".formatted(booking.id()));
            if (who.size() > task.hands()) faults.add("Too many do “%s”.".formatted(booking.id()));
            if (new HashSet<>(who).size() < who.size()) faults.add("Somebody does “%s” twice.".formatted(booking.id()));
            who.forEach(name -> one(name, booking, crew, faults));
            if (!who.isEmpty() && !crew.people().all().isEmpty()) leads(who, task, booking, crew, faults);
        }
        for (var name : rota.names()) twice(name, schedule, rota, faults);
        return List.copyOf(faults);
    }

    private static void one(String name, Booking booking, Crew crew, List<String> faults) {
        crew.people().findOne(name).ifPresent(person -> {
            if (!person.worksOn(booking.start().toLocalDate()))
                faults.add("%s is not here when “%s” begins.".formatted(name, booking.id()));
        });
    }

    private static void leads(List<String> who, Task task, Booking booking, Crew crew, List<String> faults) {
        var skill = task.kind().skill();
        if (skill.isEmpty()) return;
        var able = crew.people().all().stream()
                .filter(person -> person.skills().isEmpty() || person.skills().contains(skill.get()))
                .map(Person::name)
                .toList();
        if (!able.isEmpty() && who.stream().noneMatch(able::contains))
            faults.add("Nobody of those who do “%s” knows how.".formatted(booking.id()));
    }

    private static void twice(String name, Schedule schedule, Rota rota, List<String> faults) {
        var own = schedule.bookings().stream()
                .filter(booking -> rota.of(booking.id()).contains(name))
                .toList();
        for (var i = 0; i < own.size(); i++)
            for (var k = i + 1; k < own.size(); k++)
                if (own.get(i).start().isBefore(own.get(k).end())
                        && own.get(k).start().isBefore(own.get(i).end()))
                    faults.add("%s is at “%s” and at “%s” at once."
                            .formatted(name, own.get(i).id(), own.get(k).id()));
    }
}
