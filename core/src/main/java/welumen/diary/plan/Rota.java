package welumen.diary.plan;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import welumen.diary.task.Task;
import welumen.schedule.Booking;
import welumen.schedule.Schedule;
import welumen.yard.Crew;
import welumen.yard.Person;

/**
 * Who does what of a plan. Whoever is there and can is given a task, of those the one who can do the least else; where all of
 * them are busy, one of them hands what they are at to somebody else (augmenting paths, Berge, 1957). The plan counts heads;
 * where a task falls to nobody all the same, it says so.
 */
public final class Rota {
    /** How many may hand on to each other before a task is called nobody's. */
    private static final int HANDED_ON = 4;

    private final List<Person> people;
    private final Rooms rooms;
    private final Map<String, Task> tasks;
    private final Map<String, List<Booking>> load = new HashMap<>();
    private final Map<String, List<String>> who = new HashMap<>();

    private Rota(Crew crew, LocalDate from, Map<String, Task> tasks) {
        people = Rooms.people(crew);
        rooms = new Rooms(crew, from, 1);
        this.tasks = tasks;
        for (var person : people) load.put(person.name(), new ArrayList<>());
    }

    /** @param tasks every one by its id in the schedule */
    public static Rota of(Schedule schedule, Map<String, Task> tasks, Crew crew) {
        var rota = new Rota(crew, first(schedule), tasks);
        var inOrder = schedule.bookings().stream()
                .filter(booking -> !rota.task(booking).kind().isWait())
                .sorted(Comparator.comparing(Booking::start))
                .toList();
        for (var booking : inOrder) {
            rota.who.put(booking.id(), new ArrayList<>());
            for (var hand = 0; hand < rota.task(booking).hands(); hand++) rota.give(booking, hand == 0, HANDED_ON);
        }
        return rota;
    }

    private static LocalDate first(Schedule schedule) {
        return schedule.bookings().stream()
                .map(Booking::start)
                .min(Comparator.naturalOrder())
                .orElse(LocalDate.EPOCH.atStartOfDay())
                .toLocalDate();
    }

    /** Whether somebody has to stay, or come once more, for a task. */
    public boolean isAfterHours(Task task) {
        return rooms.isAfterHours(task);
    }

    /** The names of those who do an activity; fewer than are wanted where nobody is left. */
    public List<String> of(String id) {
        return List.copyOf(who.getOrDefault(id, List.of()));
    }

    /** Everybody who does something, by name. */
    public List<String> names() {
        return who.values().stream().flatMap(List::stream).distinct().sorted().toList();
    }

    private Task task(Booking booking) {
        return Objects.requireNonNull(tasks.get(booking.id()));
    }

    private List<Booking> load(Person person) {
        return Objects.requireNonNull(load.get(person.name()));
    }

    private List<String> hands(Booking booking) {
        return Objects.requireNonNull(who.get(booking.id()));
    }

    /** @param mustBeAble whether it is the one who knows how, not the one who holds the other end */
    private boolean give(Booking booking, boolean mustBeAble, int handedOn) {
        var could = people.stream()
                .filter(person -> isThere(person, booking))
                .filter(person -> !hands(booking).contains(person.name()))
                .filter(person -> !mustBeAble || isAble(person, task(booking)))
                .sorted(Comparator.comparing((Person person) -> person.skills().size())
                        .thenComparing(Person::name))
                .toList();
        for (var person : could)
            if (inTheWay(person, booking).isEmpty()) {
                take(person, booking);
                return true;
            }
        if (handedOn == 0) return false;
        for (var person : could) {
            var busy = inTheWay(person, booking);
            if (busy.size() == 1
                    && hands(busy.getFirst()).size() == 1
                    && handOn(person, busy.getFirst(), booking, handedOn)) return true;
        }
        return false;
    }

    /** Somebody else takes up what a person is at, so that they are free. */
    private boolean handOn(Person person, Booking busy, Booking instead, int handedOn) {
        load(person).remove(busy);
        hands(busy).remove(person.name());
        load(person).add(instead); // so that it does not come back
        var isTaken = give(busy, true, handedOn - 1);
        load(person).remove(instead);
        take(person, isTaken ? instead : busy);
        return isTaken;
    }

    private void take(Person person, Booking booking) {
        load(person).add(booking);
        hands(booking).add(person.name());
    }

    /** When the next of those who can do it is free, after its start; in a quarter of an hour where nobody is busy. */
    LocalDateTime free(Booking booking) {
        return people.stream()
                .filter(person -> isAble(person, task(booking)))
                .flatMap(person -> inTheWay(person, booking).stream())
                .map(Booking::end)
                .filter(end -> end.isAfter(booking.start()))
                .min(Comparator.naturalOrder())
                .orElseGet(() -> booking.start().plusMinutes(15));
    }

    private List<Booking> inTheWay(Person person, Booking booking) {
        return load(person).stream()
                .filter(other ->
                        other.start().isBefore(booking.end()) && booking.start().isBefore(other.end()))
                .toList();
    }

    /** What is done after hours falls to somebody who was there on that day. */
    private boolean isThere(Person person, Booking booking) {
        var at = booking.start().toLocalTime();
        var isInHours = !at.isBefore(person.hours().from())
                && at.isBefore(person.hours().until());
        return person.worksOn(booking.start().toLocalDate()) && (isInHours || rooms.isAfterHours(task(booking)));
    }

    /** Where nobody here can, anybody does. */
    private boolean isAble(Person person, Task task) {
        return task.kind()
                .skill()
                .map(skill ->
                        Rooms.isAble(skill).test(person) || people.stream().noneMatch(Rooms.isAble(skill)))
                .orElse(true);
    }
}
