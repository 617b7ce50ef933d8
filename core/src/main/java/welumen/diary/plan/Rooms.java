package welumen.diary.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import welumen.diary.Task;
import welumen.schedule.OpenHours;
import welumen.schedule.Resource;
import welumen.yard.Crew;
import welumen.yard.Person;
import welumen.yard.Place;
import welumen.yard.Skill;
import welumen.yard.WorkingHours;

/** The yard's people and places as what activities use. Somebody of whom no skill was said can be given anything. */
final class Rooms {
    static final String PEOPLE = "people";

    /** How many can work in one car at a time. */
    private static final int IN_A_CAR = 2;

    private final List<Person> people;
    private final Map<Place.Kind, Integer> places = new EnumMap<>(Place.Kind.class);
    private final LocalDate from;
    private final int days;

    /** @param days how far days off are looked for */
    Rooms(Crew crew, LocalDate from, int days) {
        this.from = from;
        this.days = days;
        people = crew.people().all().isEmpty()
                ? List.of(new Person("whoever works here"))
                : crew.people().all();
        for (var place : crew.places().all())
            if (place.kind() != Place.Kind.CAR_PLACE)
                places.merge(
                        place.kind(),
                        place.kind() == Place.Kind.SPRAY_PLACE ? place.count() : place.count() * place.holds(),
                        Integer::sum);
    }

    /** When anybody is there. */
    OpenHours hours() {
        return hours(people);
    }

    List<Resource> all(List<CarWork> cars) {
        var all = new ArrayList<Resource>();
        all.add(new Resource(PEOPLE, people.size()));
        for (var skill : Skill.values()) {
            var able = able(skill);
            if (!able.isEmpty() && able.size() < people.size())
                all.add(new Resource(skill.name(), able.size(), Optional.of(hours(able))));
        }
        places.forEach((kind, count) -> all.add(new Resource(kind.name(), count)));
        for (var car : cars) all.add(new Resource(car.car().toString(), IN_A_CAR));
        return all;
    }

    /** What a task of a car uses. */
    Map<String, Integer> uses(CarWork car, Task task) {
        var uses = new HashMap<String, Integer>();
        if (task.kind().isWait()) return uses;
        uses.put(PEOPLE, Math.min(task.hands(), people.size()));
        task.kind().skill().ifPresent(skill -> {
            var able = able(skill);
            if (!able.isEmpty() && able.size() < people.size()) uses.put(skill.name(), 1);
        });
        task.kind().place().ifPresent(place -> {
            if (place == Place.Kind.CAR_PLACE) uses.put(car.car().toString(), Math.min(task.hands(), IN_A_CAR));
            else if (places.containsKey(place)) uses.put(place.name(), 1);
        });
        return uses;
    }

    private List<Person> able(Skill skill) {
        return people.stream().filter(isAble(skill)).toList();
    }

    static Predicate<Person> isAble(Skill skill) {
        return person -> person.skills().isEmpty() || person.skills().contains(skill);
    }

    /** From the first who comes to the last who goes, on every day on which one of them is there. */
    private OpenHours hours(List<Person> some) {
        var opens = some.stream()
                .map(Person::hours)
                .map(WorkingHours::from)
                .min(Comparator.naturalOrder())
                .orElse(LocalTime.of(8, 0));
        var closes = some.stream()
                .map(Person::hours)
                .map(WorkingHours::until)
                .max(Comparator.naturalOrder())
                .orElse(LocalTime.of(16, 0));
        var week =
                some.stream().flatMap(person -> person.hours().days().stream()).collect(Collectors.toSet());
        Set<LocalDate> off = from.datesUntil(from.plusDays(days))
                .filter(day ->
                        week.contains(day.getDayOfWeek()) && some.stream().noneMatch(person -> person.worksOn(day)))
                .collect(Collectors.toSet());
        return new OpenHours(week, quarter(opens), Duration.between(quarter(opens), closes), off);
    }

    private static LocalTime quarter(LocalTime time) {
        return time.withMinute(time.getMinute() / 15 * 15).withSecond(0).withNano(0);
    }
}
