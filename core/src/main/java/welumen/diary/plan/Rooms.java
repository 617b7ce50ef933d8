package welumen.diary.plan;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import welumen.diary.task.Task;
import welumen.diary.task.TaskKind;
import welumen.schedule.Absence;
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

    /** How many can work in one car at a time, where nobody has said. */
    private static final int IN_A_CAR = 2;

    /** Days for which it is looked who comes late or goes early; what lies farther is planned as if all were there. */
    private static final int NEAR = 90;

    private final List<Person> people;
    private final Crowds crowds;
    private final Premises premises;
    private final Set<TaskKind> afterHours;
    private final int inACar;
    private final LocalDate from;
    private final int days;

    /** @param days how far days off are looked for */
    Rooms(Crew crew, LocalDate from, int days) {
        this.from = from;
        this.days = days;
        people = people(crew);
        crowds = new Crowds(people);
        inACar = crew.places().all().stream()
                .filter(place -> place.kind() == Place.Kind.CAR_PLACE)
                .mapToInt(Place::holds)
                .max()
                .orElse(IN_A_CAR);
        premises = new Premises(crew, hours());
        afterHours = afterHours();
    }

    /** Who works here; where nobody was said, one whose name is not known. */
    static List<Person> people(Crew crew) {
        return crew.people().all().isEmpty()
                ? List.of(new Person("whoever works here"))
                : crew.people().all();
    }

    /** When anybody is there. */
    OpenHours hours() {
        return hours(people);
    }

    List<Resource> all(List<CarWork> cars) {
        var all = new ArrayList<Resource>();
        for (var k = 0; k < crowds.all().size(); k++) {
            var crowd = List.copyOf(crowds.all().get(k));
            var hours = hours(crowd);
            all.add(new Resource(crowd(k), crowd.size(), Optional.of(hours), absences(crowd, hours)));
        }
        premises.all().forEach(all::add);
        for (var car : cars) all.add(new Resource(car.car().toString(), inACar));
        return all;
    }

    private static String crowd(int k) {
        return k == 0 ? PEOPLE : PEOPLE + " " + k;
    }

    /** What a task of a car uses. */
    Map<String, Integer> uses(CarWork car, Task task) {
        var uses = new HashMap<String, Integer>();
        if (task.kind().isWait()) return uses;
        uses.putAll(premises.uses(task.kind()));
        if (!isAfterHours(task)) {
            for (var k : crowds.of(able(task.kind()))) uses.put(crowd(k), 1);
            uses.put(PEOPLE, Math.min(task.hands(), people.size()));
        }
        if (task.isInTheCar()) uses.put(car.car().toString(), Math.min(task.hands(), inACar));
        return uses;
    }

    private Set<Person> able(TaskKind kind) {
        return kind.skill().map(crowds::able).orElseGet(() -> crowds.all().getFirst());
    }

    /** Whether it is done where nobody who could do it is as a rule: somebody stays for it, or comes once more. */
    boolean isAfterHours(Task task) {
        return afterHours.contains(task.kind());
    }

    private Set<TaskKind> afterHours() {
        var kinds = EnumSet.noneOf(TaskKind.class);
        for (var kind : TaskKind.values())
            if (kind.place()
                    .filter(place -> premises.isAfterHours(place, hours(List.copyOf(able(kind)))))
                    .isPresent()) kinds.add(kind);
        return kinds;
    }

    /** When somebody of a crowd is not there, while another is. */
    private List<Absence> absences(List<Person> crowd, OpenHours hours) {
        var absences = new ArrayList<Absence>();
        for (var i = 0; i < NEAR; i++) {
            var day = from.plusDays(i);
            if (!hours.isOpenOn(day)) continue;
            var opens = day.atTime(hours.opens());
            var closes = opens.plus(hours.open());
            for (var person : crowd) {
                var comes =
                        person.worksOn(day) ? day.atTime(quarter(person.hours().from())) : closes;
                var goes = person.worksOn(day) ? day.atTime(person.hours().until()) : closes;
                if (comes.isAfter(opens)) absences.add(new Absence(opens, comes, 1));
                if (goes.isBefore(closes)) absences.add(new Absence(goes, closes, 1));
            }
        }
        return absences;
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

    static LocalTime quarter(LocalTime time) {
        return time.withMinute(time.getMinute() / 15 * 15).withSecond(0).withNano(0);
    }
}
